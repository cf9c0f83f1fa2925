# frozen_string_literal: true

require_relative "lost"
require_relative "one_by_one"

module FondKettle
  module Clock
    # The part of Descent that finds its first schedule. Only Descent includes it.
    module FirstSchedule
      # Minutes of luck in the restarts.
      NOISE = 12
      AN_HOUR_MIN = 60

      private

      # Any schedule: with what is wanted if it is found soon, else with food that waits longer, dish by
      # dish or by search; restarts, each longer than the one before.
      def first
        most = 2 * @problem.slots.size
        noise = 0
        until @best
          raise Lost.new(@search.nodes, true) if none?(most, noise)

          one_by_one if @best.nil? && noise.zero?
          patient(most, noise) unless @best
          most = (most * 1.5).ceil
          noise = NOISE
        end
      end

      # Keeps what is found that waits no longer than it may; is there surely none?
      def none?(most, noise)
        found = @search.run(*@wanted, most_nodes: most, noise: noise, sharp: true)
        keep(found.low) if found.low
        found.low.nil? && found.complete
      end

      # Keeps what is found, however long that waits.
      def patient(most, noise)
        found = @search.run(*patient_windows, most_nodes: most, noise: noise)
        return keep(found.low) if found.low
        raise Lost.new(@search.nodes, false) if found.complete || spent?(1)
      end

      # With all the time there is, many rounds of a pot drive their bounds on minute by minute until the
      # network gives up: then what is ready waits an hour longer at most, or no longer than is wanted.
      def patient_windows
        limit = @network.horizon_min
        @patient_windows ||= @network.windows(limit, limit) || @network.windows(limit, AN_HOUR_MIN) || @wanted
      end

      # With so many dishes that no order of all is found soon, one after the other.
      def one_by_one
        return if @problem.windows.any?

        starts = OneByOne.starts(@problem)
        keep(starts) if starts && @crowds.at([*starts, 0]).empty?
      end
    end
  end
end
