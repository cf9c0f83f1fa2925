# frozen_string_literal: true

require_relative "../step"
require_relative "simmer"

module FondKettle
  module Vessels
    module Effects
      # Boils dry food in plenty of salted water: it drinks and loses as what simmers, and what it has taken
      # up is as salty as the water round it, from the first minute.
      module ParBoil
        KINDS = %w[par-boil].freeze

        module_function

        # Boils for the step's minutes.
        def call(contents, step, setting)
          change = Simmer.call(contents, step, setting)
          change.with(contents: salted(change.contents))
        end

        def salted(contents)
          water_g = contents.liquid_g + contents.foods.sum(&:drunk_g)
          return contents unless water_g.positive?

          per_g = contents.salt_g / water_g
          contents.map { |food| food.with(salt_g: food.drunk_g * per_g) }
                  .with(liquid_salt_g: contents.liquid_g * per_g)
        end
        private_class_method :salted
      end
    end
  end
end
