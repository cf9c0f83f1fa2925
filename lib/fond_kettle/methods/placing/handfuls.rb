# frozen_string_literal: true

require_relative "../../pot/fit"

module FondKettle
  module Methods
    # Leaves that have no room in the pot at once, raw, go in by the handful as they wilt (docs/model.md:
    # Greens). Once hot they take little: that is what a pot is judged by (FoodLoad).
    class Handfuls
      WORDS = ", what has no room by the handful as the rest wilts"

      # `phase`: the phase (Phases::Phase) whose vessel the food goes into.
      def initialize(phase)
        @phase = phase
      end

      # The advice for leaves that fill `raw_ml`, or nil when they have room.
      def say(raw_ml)
        WORDS if raw_ml.positive? && raw_ml > free_ml
      end

      private

      # Up to as much as a pot holds, beside what is in it when it is full.
      def free_ml
        @free_ml ||= begin
          vessel = @phase.setting.vessel
          fit = Pot::Fitting.check(@phase.load, @phase.liquid_g, vessel)
          vessel.volume_ml * (Pot::Fitting::COOKED_SHARE - [fit.fill_before, fit.fill_after].max)
        end
      end
    end
  end
end
