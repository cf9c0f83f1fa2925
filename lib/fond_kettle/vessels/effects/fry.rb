# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../fry_states"
require_relative "../frying"
require_relative "../step"
require_relative "deep_fry"

module FondKettle
  module Vessels
    module Effects
      # Fries the foods of a step, to a state, or for so many minutes (docs/model.md: Frying). Free liquid
      # goes first: nothing browns in it.
      module Fry
        KINDS = %w[fry].freeze

        module_function

        # Raises NeverHot.
        def call(contents, step, setting)
          return DeepFry.call(contents, step, setting) if DeepFry.deep?(contents)

          step.state ? to_state(contents, step, setting) : for_minutes(contents, step, setting)
        end

        # With both a state and minutes the cook's minutes count for the clock, the state for the water.
        def to_state(contents, step, setting)
          minutes = step.minutes || Frying.minutes(contents, step, setting)
          losses = contents.taken(step).to_h do |index|
            [index, Frying.loss_g(contents.foods[index], step.state)]
          end
          fat_g = fat_out_g(contents, losses.keys, step.state)
          after = Frying.fried(contents, setting, minutes, losses, fat_g: fat_g, state: step.state)
          Change.new(contents: after, out: nil, minutes: minutes,
                     steam_g: contents.liquid_g + losses.each_value.sum)
        end

        # Fat that foods give, below 0, in g by index: nothing where their state lets none out.
        def fat_out_g(contents, taken, state)
          share = FryStates.fetch(state).fat_out
          return {} if share.zero?

          taken.to_h do |index|
            [index, -[share * contents.foods[index].raw_g, contents.foods[index].fat_g].min]
          end
        end

        # Heat warms first, then boils free liquid off, then dries the foods that are meant.
        def for_minutes(contents, step, setting)
          all_j = Frying.net_j_min(step.heat, setting) * step.minutes
          warmed, left_j = Frying.warmed(contents, setting, all_j)
          a_gram_j = Frying.steam_j_g(contents.liquid_c, setting)
          boiled_g = [left_j / a_gram_j, contents.liquid_g].min
          losses = losses(contents, step, (left_j - (boiled_g * a_gram_j)) / Pot::Loss::LATENT_J_G)
          after = dried(contents, setting.boil_c, warmed, step.minutes, losses)
          Change.new(contents: after.with(liquid_g: contents.liquid_g - boiled_g), out: nil,
                     minutes: step.minutes, steam_g: boiled_g + losses.each_value.sum)
        end

        # What the heat dries off the foods of a step, in g by index, each by what can still leave it.
        def losses(contents, step, paid_g)
          removable = contents.taken(step).to_h { |index| [index, contents.foods[index].removable_g] }
          all_g = removable.each_value.sum
          return {} unless all_g.positive? && paid_g.positive?

          share = [paid_g / all_g, 1.0].min
          removable.transform_values { |grams| grams * share }
        end

        # The contents, each food warmer by a share of what it lacks to the boil.
        def dried(contents, boil_c, warmed, minutes, losses)
          foods = contents.foods.each_with_index.map do |food, index|
            lost_g = losses.fetch(index, 0.0)
            temp_c = food.temp_c + (warmed * (boil_c - food.temp_c))
            food.with(temp_c: temp_c, hot_min: food.hot_min + minutes, water_g: food.water_g - lost_g,
                      steam_g: food.steam_g + lost_g)
          end
          contents.with(foods: foods.freeze)
        end
        private_class_method :to_state, :fat_out_g, :for_minutes, :losses, :dried
      end
    end
  end
end
