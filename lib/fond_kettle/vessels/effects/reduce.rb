# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../fry_states"
require_relative "../frying"
require_relative "../step"

module FondKettle
  module Vessels
    module Effects
      # Boils down with no lid on: for so many minutes, to so many grams of free liquid, until that is nearly
      # gone, or until foods are in a state (docs/model.md: Reducing). Free liquid goes first, then what foods
      # still give.
      module Reduce
        KINDS = %w[reduce].freeze
        NEARLY_DRY = "nearly-dry"
        # Of the dry matter, what liquid is left then.
        DRY_SHARE = 0.05

        module_function

        # Raises NeverHot where the wall takes all of the heat.
        def call(contents, step, setting)
          a_minute_g = setting.steam_g_min(step.heat, "none")
          liquid_g, losses = steam(contents, step, a_minute_g)
          steam_g = liquid_g + losses.values.sum
          if steam_g.positive? && a_minute_g.zero?
            raise NeverHot, "On #{step.heat} the #{setting.vessel.name} never boils down."
          end

          minutes = step.minutes || (steam_g.zero? ? 0.0 : steam_g / a_minute_g)
          after = Frying.fried(contents, setting, minutes,
                               losses).with(liquid_g: contents.liquid_g - liquid_g)
          Change.new(contents: after, steam_g: steam_g, out: nil, minutes: minutes)
        end

        # [steam of the free liquid, g; steam of foods by index, g]
        def steam(contents, step, a_minute_g)
          return [[contents.liquid_g - step.to_g, 0.0].max, {}] if step.to_g
          return [[contents.liquid_g - dry_g(contents), 0.0].max, {}] if step.state == NEARLY_DRY
          return [contents.liquid_g, in_state(contents, step)] if step.state

          in_time(contents, a_minute_g * step.minutes)
        end

        # What is left of the liquid when it is nearly dry, in g.
        def dry_g(contents)
          contents.foods.sum(&:dry_g) * DRY_SHARE
        end

        def in_state(contents, step)
          contents.taken(step).to_h { |index| [index, Frying.loss_g(contents.foods[index], step.state)] }
        end

        def in_time(contents, paid_g)
          liquid_g = [paid_g, contents.liquid_g].min
          giving_g = contents.foods.sum(&:giving_g)
          left_g = [paid_g - liquid_g, giving_g].min
          return [liquid_g, {}] unless left_g.positive?

          share = left_g / giving_g
          [liquid_g, contents.foods.each_with_index.to_h { |food, index| [index, food.giving_g * share] }]
        end
        private_class_method :steam, :dry_g, :in_state, :in_time
      end
    end
  end
end
