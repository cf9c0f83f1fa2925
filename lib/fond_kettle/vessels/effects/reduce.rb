# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../step"

module FondKettle
  module Vessels
    module Effects
      # Boils free liquid down with no lid on: for so many minutes, to so many grams, or until it is nearly
      # dry (docs/model.md: Reducing).
      module Reduce
        KINDS = %w[reduce].freeze
        NEARLY_DRY = "nearly-dry"
        # Of the dry matter, what liquid is left then.
        DRY_SHARE = 0.05

        module_function

        # Raises NeverHot where the wall takes all of the heat.
        def call(contents, step, setting)
          a_minute_g = setting.steam_g_min(step.heat, "none")
          steam_g = steam_g(contents, step, a_minute_g)
          if steam_g.positive? && a_minute_g.zero?
            raise NeverHot, "On #{step.heat} the #{setting.vessel.name} never boils down."
          end

          minutes = step.minutes || (steam_g.zero? ? 0.0 : steam_g / a_minute_g)
          hot = contents.map { |food| food.with(temp_c: setting.boil_c, hot_min: food.hot_min + minutes) }
          after = hot.with(liquid_g: contents.liquid_g - steam_g, liquid_c: setting.boil_c)
          Change.new(contents: after, steam_g: steam_g, out: nil, minutes: minutes)
        end

        def steam_g(contents, step, a_minute_g)
          return [contents.liquid_g - left_g(contents, step), 0.0].max if step.to_g || step.state

          [a_minute_g * step.minutes, contents.liquid_g].min
        end

        def left_g(contents, step)
          step.to_g || (contents.foods.sum(&:dry_g) * DRY_SHARE)
        end
        private_class_method :steam_g, :left_g
      end
    end
  end
end
