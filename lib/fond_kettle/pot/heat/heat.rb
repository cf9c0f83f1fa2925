# frozen_string_literal: true

require_relative "../../numeric/quadrature"
require_relative "../load"
require_relative "loss"

module FondKettle
  module Pot
    # Steps of temperature: towards where heat in and heat out balance, and warming by
    # steam from below. Each step gives its length in minutes, the °C at its end and the
    # mean of a function of temperature over it.
    module Heat
      # A step never spans more than this many degrees, so that two points are enough.
      MOST_C = 20.0
      # From wall, top and floor to the room, W/m2K times 60 s (docs/model.md: Off the heat).
      WALL_J_MIN_M2_K = 7.0 * 60
      # From an oven into the wetted outside: bright metal takes up less than what is dull or dark,
      # W/m2K (docs/model.md: Heat).
      OVEN_W_M2_K = { "steel" => 10.0, "aluminium" => 10.0 }.freeze
      DULL_W_M2_K = 15.0

      # Conductance from wall and top of `vessel` to the room, in J/min K: on the heat, and just after.
      def self.wall_conductance(vessel)
        WALL_J_MIN_M2_K * (vessel.outer_area_m2 - vessel.floor_area_m2)
      end

      # Conductance of its whole outside, in J/min K.
      def self.whole_conductance(vessel)
        WALL_J_MIN_M2_K * vessel.outer_area_m2
      end

      # The conductance into a square metre of the outside of `vessel` in the oven of a Setting, in J/min K.
      def self.oven_j_min_m2_k(setting)
        OVEN_W_M2_K.fetch(setting.vessel.material, DULL_W_M2_K) * setting.oven_factor * 60
      end

      # The conductance into the floor and the wall up to the food, `wetted_mm` deep, in an oven, in J/min K.
      # Dry wall and lid heat only themselves (docs/model.md: Heat).
      def self.oven_conductance(setting, wetted_mm)
        oven_j_min_m2_k(setting) * setting.vessel.wetted_area_m2(wetted_mm)
      end

      # °C of what was at `temp_c` and held `before_j_k`, once what is of `at_c` has come into it and it
      # holds `after_j_k`.
      def self.mixed_c(temp_c, at_c, before_j_k, after_j_k)
        temp_c + ((at_c - temp_c) * (after_j_k - before_j_k) / after_j_k)
      end

      # Towards `toward_c`, where what comes in and what goes out balance, at `per_min` of
      # what is lacking: an exponential.
      class Drift
        # Its length, and °C where it begins and ends.
        attr_reader :minutes, :from_c, :end_c

        # Ends at `goal_c` (nil: at none) or after `most_min`, whichever is first.
        def initialize(from_c, toward_c, per_min, most_min, goal_c: nil)
          @from_c = from_c
          @toward_c = toward_c
          @per_min = per_min
          lacking_c = (toward_c - from_c).abs
          @minutes = lacking_c > MOST_C ? [most_min, minutes_over(MOST_C, lacking_c)].min : most_min
          @end_c = after(@minutes)
          stop_at(goal_c) if goal_c && past?(goal_c)
        end

        # Temperature after `minutes` of it, in °C.
        def after(minutes)
          @toward_c + ((@from_c - @toward_c) * Math.exp(-@per_min * minutes))
        end

        # The mean of the block over the temperatures (°C) of the step, or of its first
        # `minutes`.
        def mean(minutes = @minutes)
          (yield(after(Numerics::Quadrature::EARLY * minutes)) +
            yield(after(Numerics::Quadrature::LATE * minutes))) / 2
        end

        private

        # True where it comes to `goal_c` on its way.
        def past?(goal_c)
          @from_c < @toward_c ? @from_c < goal_c && goal_c <= @end_c : @end_c <= goal_c && goal_c < @from_c
        end

        def stop_at(goal_c)
          @minutes = Math.log((@from_c - @toward_c) / (goal_c - @toward_c)) / @per_min
          @end_c = goal_c
        end

        # Minutes in which it moves by `span_c` of what it lacks.
        def minutes_over(span_c, lacking_c)
          -Math.log(1 - (span_c / lacking_c)) / @per_min
        end
      end

      # A layer warmed by steam that condenses in it: `joule_min` of latent heat, and
      # the water it comes as. What is lacking to the boil is
      #   (C + c m)(boil - T) = C (boil - T0) - m L, with m the steam so far.
      class Condensing
        attr_reader :minutes

        # Ends at `goal_c`, at most `boil_c`, or after `most_min`, whichever is first.
        def initialize(from_c, goal_c, boil_c, joule_min, capacity_j_k, most_min)
          @boil_c = boil_c
          @goal_c = goal_c
          @joule_min = joule_min
          @capacity_j_k = capacity_j_k
          @lacking_j = capacity_j_k * (boil_c - from_c)
          # m = C (goal - T0) / (L + c (boil - goal)), all of it as latent heat.
          lacking = 1 + (WATER_J_G_K * (boil_c - goal_c) / Loss::LATENT_J_G)
          @goal_j = capacity_j_k * (goal_c - from_c) / lacking
          @minutes = [@goal_j / joule_min, most_min, MOST_C * capacity_j_k / joule_min].min
        end

        # °C after `minutes` of it.
        def after(minutes)
          heat_j = @joule_min * minutes
          return @goal_c if heat_j >= @goal_j * (1 - 1e-12)

          @boil_c - ((@lacking_j - heat_j) / (@capacity_j_k + (WATER_J_G_K * heat_j / Loss::LATENT_J_G)))
        end
      end
    end
  end
end
