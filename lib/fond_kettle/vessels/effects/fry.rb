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
          taken = contents.taken(step)
          losses = taken.to_h { |index| [index, Frying.loss_g(contents.foods[index], step.state)] }
          fat_g = fat_out_g(contents, taken, step.state)
          after = Frying.hot(contents, setting).map(taken) do |food, index|
            dry = food.steaming(losses[index])
            dry.with(state: step.state, fat_g: dry.fat_g - fat_g[index])
          end
          after = after.with(fat_g: after.fat_g + fat_g.values.sum)
          minutes = step.minutes || Frying.minutes(contents, step, setting)
          Change.new(contents: Frying.aged(after, minutes), out: nil, minutes: minutes,
                     steam_g: contents.liquid_g + losses.values.sum)
        end

        # Fat that runs out of each food, in g, by index.
        def fat_out_g(contents, taken, state)
          share = FryStates.fetch(state).fat_out
          taken.to_h do |index|
            [index, [share * contents.foods[index].raw_g, contents.foods[index].fat_g].min]
          end
        end

        def for_minutes(contents, step, setting)
          left_j = Frying.net_j_min(step.heat, setting) * step.minutes
          warmed, left_j = Frying.warmed(contents, setting, left_j)
          steam_g = [left_j / Frying.steam_j_g(contents.liquid_c, setting), contents.liquid_g].min
          left_j -= steam_g * Frying.steam_j_g(contents.liquid_c, setting)
          after, lost_g = dried(warmed.with(liquid_g: contents.liquid_g - steam_g), step, left_j)
          Change.new(contents: Frying.aged(after, step.minutes), steam_g: steam_g + lost_g, out: nil,
                     minutes: step.minutes)
        end

        # [the contents with their taken foods drier by what the heat pays for, g in all]
        def dried(contents, step, left_j)
          taken = contents.taken(step)
          removable_g = taken.sum { |index| contents.foods[index].removable_g }
          lost_g = [left_j / Pot::Loss::LATENT_J_G, removable_g].min
          return [contents, 0.0] unless lost_g.positive?

          share = lost_g / removable_g
          [contents.map(taken) { |food| food.steaming(food.removable_g * share) }, lost_g]
        end
        private_class_method :to_state, :fat_out_g, :for_minutes, :dried
      end
    end
  end
end
