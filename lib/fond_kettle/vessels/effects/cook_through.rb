# frozen_string_literal: true

require_relative "../step"
require_relative "simmer"

module FondKettle
  module Vessels
    module Effects
      # Cooks dry food through in a measured liquid: what is simmering loses and gives as it does, then what
      # is dry takes up the liquid that it still wants. What its `to_g` leaves over is gone as steam: how much
      # that is, the water model has worked out before.
      module CookThrough
        KINDS = %w[low bake steam rest].freeze

        module_function

        # Simmers it first where there are minutes, and heat; then dry food takes up what is there.
        def call(contents, step, setting)
          simmers = step.minutes && step.heat != "off"
          change = if simmers
                     Simmer.call(contents, step, setting)
                   else
                     Change.new(contents: contents, steam_g: 0.0, out: nil, minutes: step.minutes.to_f)
                   end
          through(change, step.to_g)
        end

        def through(change, left_g)
          contents = change.contents
          wanted_g = contents.foods.sum(&:thirst_g)
          share = wanted_g.positive? ? [contents.liquid_g / wanted_g, 1.0].min : 0.0
          drunk = contents.map { |food| food.drinking(food.thirst_g * share) }
          liquid_g = contents.liquid_g - (wanted_g * share)
          kept_g = left_g ? [left_g, liquid_g].min : liquid_g
          change.with(contents: drunk.with(liquid_g: kept_g), steam_g: change.steam_g + liquid_g - kept_g)
        end
        private_class_method :through
      end
    end
  end
end
