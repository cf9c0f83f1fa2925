# frozen_string_literal: true

module FondKettle
  module Pot
    # The moment at which the liquid is "level with the rice", at the end of a stage. The water that the next
    # stage still steams off, until the grain holds its water, stands over the bed at that moment: half a
    # millimetre in most pots, which nobody can see, and a few for brown rice under a loose lid, which the
    # slip says. Without it a thin bed, whose voids hold less than the lid lets out, would have to boil on and
    # on, and less rice would ask for more liquid (identity 3).
    class Level
      # To a drop.
      DROP_ML = 1e-6

      # `bed` (Bed) is to hold `uptake`, over `fire` (Fire), with `next_fire`: the Fire of the next stage or
      # nil; `pace`: the rice's at the boil.
      def initialize(bed, uptake, fire, next_fire, pace)
        @bed = bed
        @uptake = uptake
        @pace = pace
        # Never more than this stage steams off itself, or it would not come down to it.
        @later_g = next_fire ? [next_fire, fire].map(&:boiling_g_min).min : 0.0
      end

      # True when the liquid is level, to a drop.
      def reached?
        above_ml <= DROP_ML
      end

      # Minutes of boiling until then, or `most_min`.
      def minutes(loss_g_min, most_min)
        @bed.minutes_to_fall(above_ml, @pace, [loss_g_min - @later_g, 0.0].max, most_min)
      end

      private

      def above_ml
        @bed.over_bed_ml - later_g
      end

      # What the next stage still loses.
      def later_g
        kinetics = @bed.kinetics
        return 0.0 unless kinetics && @bed.uptake < @uptake

        @later_g * (kinetics.minutes_to_take(@uptake, 1 / @pace) -
                    kinetics.minutes_to_take(@bed.uptake, 1 / @pace))
      end
    end
  end
end
