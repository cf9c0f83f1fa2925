# frozen_string_literal: true

require_relative "../pot/heat/cooling"

module FondKettle
  module Stove
    # A bed of rice that cools, as planned until a thermometer says otherwise: what it shows puts the
    # curve right, and with it every fold that is still to come.
    class BedCooling
      # Sooner after it was spread a reading says nothing, minutes, and so near the room's warmth, °C.
      LEAST_MIN = 0.5
      NEAR_ROOM_C = 2.0

      # `planned`: what the plan says of it (from_c, to_c, room_c, minutes, folds_min); it was spread at
      # `began_at` (a Time, nil: not yet); `readings`: [Time, °C].
      def initialize(planned, began_at, readings)
        @planned = planned
        @began_at = began_at
        @readings = readings
      end

      # Factor by which it cools slower than planned.
      def slower
        after_min, temp_c = counting.last
        after_min ? tau_min(after_min, temp_c) / tau_min(@planned[:minutes], @planned[:to_c]) : 1.0
      end

      # Minutes from the start until it is as warm as wanted.
      def minutes
        @planned[:minutes] * slower
      end

      # °C after so many minutes.
      def after(minutes)
        Pot::Cooling.after(tau_min(@planned[:minutes], @planned[:to_c]) * slower, @planned[:from_c], minutes,
                           @planned[:room_c])
      end

      # Minutes from the start of each fold.
      def folds_min
        @planned[:folds_min].map { |min| min * slower }
      end

      # Time of the next fold after `now`, or nil.
      def next_fold_at(now)
        return unless @began_at

        folds_min.map { |min| @began_at + (min * 60) }.find { |at| at > now }
      end

      # Temperature to which it is to cool, in °C.
      def to_c
        @planned[:to_c]
      end

      # The measured temperatures: [minutes after it was spread, °C].
      def measured
        @readings.map { |at, temp_c| [(at - @began_at) / 60.0, temp_c] }
      end

      private

      # Readings that say something.
      def counting
        measured.select do |after_min, temp_c|
          after_min >= LEAST_MIN && temp_c.between?(@planned[:room_c] + NEAR_ROOM_C, @planned[:from_c] - 1)
        end
      end

      # Time constant of a bed that is at `temp_c` after so many minutes.
      def tau_min(after_min, temp_c)
        room_c = @planned[:room_c]
        after_min / Math.log((@planned[:from_c] - room_c) / (temp_c - room_c).to_f)
      end
    end
  end
end
