# frozen_string_literal: true

require_relative "../../ground/value"

module FondKettle
  module Methods
    # How far the rice of a sealed pot is cooked before it is layered.
    #   done                   what the plan does, share of the core's time
    #   done_low, done_high    between which it comes right (the two budgets)
    #   minutes …              the same as minutes in the boiling water of this kitchen
    #   water, time            WaterBudget, TimeBudget
    #   rounds                 how many batches it is boiled in, one after the other
    #   boil_back_min          when the water boils again after the rice went in; nil: never
    #   save_g                 of its water to keep back, for rice that looks too firm
    ParCook = Value.define(:done, :done_low, :done_high, :minutes, :minutes_low, :minutes_high, :water,
                           :time, :rounds, :boil_back_min, :save_g) do
      # How near `done` may lie to an end of what closes.
      const_set(:NEAR, 0.005)
      # What nobody can weigh in a base, g.
      const_set(:LITTLE_G, 5.0)
      # The four degrees that schools name, share of the core's time.
      const_set(:DEGREES, { "half" => 0.5, "70 %" => 0.7, "80 %" => 0.8, "cooked" => 1.0 }.freeze)

      # What a ladle takes, g.
      const_set(:LADLE_G, 25)

      # The water to keep back, rounded up to what a ladle takes, g.
      def ladled_g
        (save_g / self.class::LADLE_G).ceil * self.class::LADLE_G
      end

      # True when some degree of par-cooking gives the right result, and this is such a degree.
      def closes?
        closing? && done.between?(done_low - self.class::NEAR, done_high + self.class::NEAR)
      end

      # True when there is such a degree.
      def closing?
        done_low <= done_high + self.class::NEAR && water.too_much_g < self.class::LITTLE_G
      end
    end
  end
end
