# frozen_string_literal: true

module FondKettle
  module Cli
    # Looks after a certificate while the kitchen runs: one that is about to end is made anew.
    class Renewal
      EVERY_S = 6 * 3600

      # `certificates`: Certificates; `clock` answers the time; the block is called when one was made.
      def initialize(certificates, clock: -> { Time.now }, &made)
        @certificates = certificates
        @clock = clock
        @made = made
      end

      # Goes on in a thread of its own until `stop`.
      def start
        return if @thread

        @thread = Thread.new do
          loop do
            sleep EVERY_S
            tick
          end
        end
      end

      # Looks at once; may be called where a signal is taken.
      def wake
        @thread&.wakeup
      end

      # Stops it.
      def stop
        @thread&.kill&.join
        @thread = nil
      end

      # Makes a new one where it is time to. A folder that cannot be written now can be later.
      def tick
        @made.call if @certificates.renew(@clock.call)
      rescue SystemCallError
        nil
      end
    end
  end
end
