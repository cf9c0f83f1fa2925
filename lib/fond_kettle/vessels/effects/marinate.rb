# frozen_string_literal: true

require_relative "../step"

module FondKettle
  module Vessels
    module Effects
      # Lets foods stand with salt in the refrigerator (docs/model.md: Marinating): salt draws liquid out of
      # them within an hour; overnight they take half of it back.
      module Marinate
        KINDS = %w[marinate].freeze
        # Share of its weight that a piece gives for each 1 % of salt in all, within DRAWS_MIN.
        DRAWN = 0.02
        DRAWS_MIN = 60.0
        # From here on half of it is taken back, until BACK_MIN.
        KEEPS_MIN = 120.0
        BACK_MIN = 480.0
        FRIDGE_C = 5.0
        # Food with as much salt in 100 g salts the others: salt, soy sauce, miso.
        SALTING = 5.0

        module_function

        # Draws liquid out of the step's foods by the salt in the liquid and of what salts.
        def call(contents, step, _setting)
          percent = contents.mass_g.positive? ? 100 * salting_g(contents) / contents.mass_g : 0.0
          taken = contents.taken(step)
          share = DRAWN * percent * [step.minutes / DRAWS_MIN, 1.0].min * kept_out(step.minutes)
          given_g = 0.0
          cold = contents.map do |food, index|
            drawn_g = taken.include?(index) ? [food.raw_g * share, food.giving_g].min : 0.0
            given_g += drawn_g
            food.with(temp_c: FRIDGE_C, water_g: food.water_g - drawn_g, given_g: food.given_g + drawn_g)
          end
          after = cold.with(liquid_g: contents.liquid_g + given_g, liquid_c: FRIDGE_C)
          Change.new(contents: after, steam_g: 0.0, out: nil, minutes: step.minutes)
        end

        def salting_g(contents)
          salting = contents.foods.select { |food| food.ingredient.salt >= SALTING }
          salting.sum(contents.liquid_salt_g, &:salt_g)
        end

        def kept_out(minutes)
          1 - (0.5 * ((minutes - KEEPS_MIN) / (BACK_MIN - KEEPS_MIN)).clamp(0.0, 1.0))
        end
        private_class_method :salting_g, :kept_out
      end
    end
  end
end
