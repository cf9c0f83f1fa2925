# frozen_string_literal: true

require_relative "../composition"
require_relative "../frying"
require_relative "../step"

module FondKettle
  module Vessels
    module Effects
      # Fries in deep fat, in batches (docs/model.md: Deep frying): food loses water as steam and takes up
      # fat, by what it is, or loses what its state says. Fry does it where there is that much fat.
      module DeepFry
        KINDS = [].freeze
        # More fat than this share of the food's weight is deep.
        DEEP = 0.5

        module_function

        # True where what is in the vessel lies in deep fat.
        def deep?(contents)
          mass_g = contents.foods.sum(&:mass_g)
          mass_g.positive? && contents.fat_g > DEEP * mass_g
        end

        # Raises NeverHot.
        def call(contents, step, setting)
          minutes = step.minutes || minutes(contents, step, setting)
          losses = contents.taken(step).to_h { |index| [index, loss_g(contents.foods[index], step.state)] }
          after = Frying.fried(contents, setting, minutes, losses, fat_g: fat_g(contents, losses.keys),
                                                                   state: step.state)
          Change.new(contents: after, steam_g: contents.liquid_g + losses.each_value.sum, out: nil,
                     minutes: minutes)
        end

        # Minutes of all batches, each of at most a third of the fat, on high: as long as of all at once.
        def minutes(contents, step, setting)
          foods = contents.foods.values_at(*contents.taken(step))
          lost_g = foods.sum { |food| loss_g(food, step.state) }
          heat_j = Frying.heating_j(contents.with(foods: foods, fat_g: 0.0), setting)
          (heat_j + (lost_g * Pot::Loss::LATENT_J_G)) / Frying.net_j_min("high", setting)
        end

        def loss_g(food, state)
          return Frying.loss_g(food, state) if state

          (food.makeup.oil_in * food.raw_g).clamp(0.0, food.removable_g)
        end

        # Fat that each food takes up, in g, by index: no more than there is.
        def fat_g(contents, indexes)
          wanted = indexes.to_h do |index|
            food = contents.foods[index]
            [index, food.makeup.oil_up * food.raw_g]
          end
          all_g = wanted.values.sum
          share = all_g.positive? ? [contents.fat_g / all_g, 1.0].min : 0.0
          wanted.transform_values { |grams| grams * share }
        end

        private_class_method :loss_g, :fat_g
      end
    end
  end
end
