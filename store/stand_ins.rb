# frozen_string_literal: true

require "time"
require_relative "../lib/fond_kettle/kit/devices"

module FondKettle
  module Store
    # Stand-ins for a probe thermometer and a scale (Kit::Device): each reads what it was set to, and
    # switches itself off after a while, as such things do.
    class StandIns
      # So long it reads, s.
      ON_S = 15 * 60

      def initialize(database)
        @database = database
      end

      # The reading of a device (Kit::Reading), or nil when it is off.
      def read(key, now)
        row = @database.read { |db| db[:stand_ins][key: key] }
        return unless row

        at = Time.parse(row[:at])
        Kit::Reading.new(value: row[:value], at: at) if now - at <= ON_S
      end

      # Puts a device on, to read a value, in steps as fine as it has.
      def set(key, value, now)
        device = Kit::DEVICES.fetch(key)
        shown = (value / device.step).round * device.step
        @database.write do |db|
          db[:stand_ins].where(key: key).delete
          db[:stand_ins].insert(key: key, value: shown.round(3), at: now.iso8601)
        end
      end

      # Switches it off.
      def off(key)
        @database.write { |db| db[:stand_ins].where(key: key).delete }
      end
    end
  end
end
