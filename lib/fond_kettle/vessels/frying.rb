# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../pot/heat/loss"
require_relative "food"
require_relative "fry_states"

module FondKettle
  module Vessels
    # The arithmetic of frying (docs/model.md: Frying).
    module Frying
      # Share of a burner that a pan is given, and what of it reaches the food.
      HEAT_SHARES = { "low" => 0.3, "medium" => 0.6, "high" => 1.0 }.freeze
      REACHES = 0.7
      # Of the food's own heat so much is needed: the middle stays cooler than its outside.
      HEATED = 0.6
      FAT_J_G_K = 2.0
      # Of that much water is food whose states are in proportion to its water.
      REFERENCE_WATER = 0.89

      module_function

      # Heat that reaches the food, in J/min. Raises NeverHot where the wall takes it all.
      def net_j_min(heat, setting)
        net = (REACHES * setting.burner.high_w * 60.0 * HEAT_SHARES.fetch(heat)) - setting.wall_j_min
        return net if net.positive?

        raise NeverHot, "On #{heat} the #{setting.vessel.name} never gets hot enough to fry."
      end

      # Water that a food loses until it is in a state, in g.
      def loss_g(food, state)
        fried = FryStates.fetch(state)
        share = fried.loss * (fried.as_water ? food.water_share / REFERENCE_WATER : 1.0)
        ((share * food.raw_g) - food.steam_g).clamp(0.0, food.removable_g)
      end

      # Minutes until the foods of a step are in its state. Raises NeverHot.
      #
      #   minutes(pan_of_150_g_onion, Step.of("fry", state: "golden"), on_1200_w).round(1) # => 7.4
      def minutes(contents, step, setting)
        lost_g = contents.taken(step).sum { |index| loss_g(contents.foods[index], step.state) }
        needed_j = heating_j(contents, setting) + (lost_g * Pot::Loss::LATENT_J_G) +
                   (contents.liquid_g * steam_j_g(contents.liquid_c, setting))
        [needed_j / net_j_min(step.heat, setting), FryStates.fetch(step.state).least_min].max
      end

      # Heat that makes foods and fat hot, in J.
      def heating_j(contents, setting)
        fat_c = contents.foods.map(&:temp_c).min || setting.room_c
        HEATED * (contents.foods.sum { |food| food.heat_j_k * (setting.boil_c - food.temp_c) } +
                  (contents.fat_g * FAT_J_G_K * (setting.boil_c - fat_c)))
      end

      # Heat that makes steam of a gram of liquid at `liquid_c`, in J.
      def steam_j_g(liquid_c, setting)
        (Food::WATER_J_G_K * (setting.boil_c - liquid_c)) + Pot::Loss::LATENT_J_G
      end

      # [share of the way to the boil that so much heat warms the contents, what of it is left in J]
      def warmed(contents, setting, heat_j)
        needed_j = heating_j(contents, setting)
        share = needed_j.zero? ? 1.0 : [heat_j / needed_j, 1.0].min
        [share, heat_j - (share * needed_j)]
      end

      # The contents when foods were fried for so many minutes: all hot, free liquid gone; by the index of a
      # food its steam (`losses`) and the fat that it took up (`fat_g`; gave, below 0), in g; `state`: what
      # they are in now (nil: as they were).
      def fried(contents, setting, minutes, losses, fat_g: {}, state: nil)
        boil_c = setting.boil_c
        foods = contents.foods.each_with_index.map do |food, index|
          lost_g = losses[index]
          hot_min = food.hot_min + minutes
          next food.with(temp_c: boil_c, hot_min: hot_min) unless lost_g

          food.with(temp_c: boil_c, hot_min: hot_min, water_g: food.water_g - lost_g,
                    steam_g: food.steam_g + lost_g, fat_g: food.fat_g + fat_g.fetch(index, 0.0),
                    state: state || food.state)
        end
        contents.with(foods: foods.freeze, liquid_g: 0.0, liquid_c: boil_c,
                      fat_g: contents.fat_g - fat_g.each_value.sum)
      end
    end
  end
end
