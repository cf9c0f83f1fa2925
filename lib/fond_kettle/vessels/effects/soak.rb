# frozen_string_literal: true

require_relative "../step"

module FondKettle
  module Vessels
    module Effects
      # Soaks dried food: it takes up so much for each gram (data/composition.yml), if there is as much
      # (docs/model.md: Soaking in a jug).
      module Soak
        KINDS = %w[soak].freeze

        module_function

        # Soaks until the foods have taken up all they want.
        def call(contents, step, _setting)
          wants = contents.taken(step).to_h { |index| [index, wanted_g(contents.foods[index])] }
          all_g = wants.values.sum
          share = all_g > contents.liquid_g && all_g.positive? ? contents.liquid_g / all_g : 1.0
          soaked = contents.map(wants.keys) { |food, index| food.drinking(wants[index] * share) }
          after = soaked.with(liquid_g: contents.liquid_g - (all_g * share))
          Change.new(contents: after, steam_g: 0.0, out: nil, minutes: step.minutes.to_f)
        end

        def wanted_g(food)
          [(food.makeup.soaks * food.raw_g) - food.drunk_g, 0.0].max
        end
        private_class_method :wanted_g
      end
    end
  end
end
