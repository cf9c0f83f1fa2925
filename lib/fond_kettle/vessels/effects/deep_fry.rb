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
        # A batch is at most this share of the fat's weight.
        BATCH = 1.0 / 3

        module_function

        # True where a step's foods lie in deep fat.
        def deep?(contents, step)
          mass_g = contents.taken(step).sum { |index| contents.foods[index].mass_g }
          mass_g.positive? && contents.fat_g > DEEP * mass_g
        end

        # Raises NeverHot.
        def call(contents, step, setting)
          minutes = step.minutes || minutes(contents, step, setting)
          dry = Frying.hot(contents, setting)
          losses = contents.taken(step).to_h { |index| [index, loss_g(contents.foods[index], step.state)] }
          taken_g = fat_g(contents, losses.keys)
          foods = dry.foods.each_with_index.map do |food, index|
            losses.key?(index) ? fried(food, losses[index], taken_g[index], step.state) : food
          end
          after = dry.with(foods: foods.freeze, fat_g: dry.fat_g - taken_g.values.sum)
          Change.new(contents: Frying.aged(after, minutes), steam_g: contents.liquid_g + losses.values.sum,
                     out: nil, minutes: minutes)
        end

        # Minutes of all batches, each on high.
        def minutes(contents, step, setting)
          taken = contents.taken(step)
          mass_g = taken.sum { |index| contents.foods[index].mass_g }
          batches = [(mass_g / (contents.fat_g * BATCH)).ceil, 1].max
          lost_g = taken.sum { |index| loss_g(contents.foods[index], step.state) }
          heat_j = taken.sum { |index| heating_j(contents.foods[index], setting) }
          per_batch_j = (heat_j + (lost_g * Pot::Loss::LATENT_J_G)) / batches
          per_batch_j / Frying.net_j_min("high", setting) * batches
        end

        def heating_j(food, setting)
          Frying::HEATED * food.heat_j_k * (setting.boil_c - food.temp_c)
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

        def fried(food, lost_g, taken_g, state)
          food.steaming(lost_g).with(fat_g: food.fat_g + taken_g, state: state || food.state)
        end
        private_class_method :heating_j, :loss_g, :fat_g, :fried
      end
    end
  end
end
