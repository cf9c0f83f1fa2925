# frozen_string_literal: true

require "monitor"

module FondKettle
  module Web
    # A store for Rack::Attack, in memory: how often an address came lately. Forgotten when the server
    # stops, and never larger than MOST.
    class Counted
      MOST = 5000

      def initialize
        @lock = Monitor.new
        clear
      end

      # Forgets all.
      def clear
        @lock.synchronize { @entries = {} }
      end

      def read(key, _options = nil)
        @lock.synchronize do
          value, ends = @entries[key]
          value if ends && ends > Time.now
        end
      end

      def write(key, value, options = {})
        @lock.synchronize do
          make_room
          @entries[key] = [value, Time.now + (options[:expires_in] || 60)]
        end
        value
      end

      def increment(key, amount = 1, options = {})
        @lock.synchronize { write(key, (read(key) || 0) + amount, options) }
      end

      def delete(key, _options = nil)
        @lock.synchronize { @entries.delete(key) }
      end

      private

      # What has ended goes first, then what is oldest.
      def make_room
        return if @entries.size < MOST

        now = Time.now
        @entries.delete_if { |_, (_, ends)| ends <= now }
        @entries.shift while @entries.size >= MOST
      end
    end
  end
end
