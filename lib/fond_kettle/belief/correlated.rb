# frozen_string_literal: true

require_relative "belief"
require_relative "scoped"

module FondKettle
  module Belief
    # The width of a range once it is known which unknowns hang together: a lid that loses more and a bag that
    # drinks more are told apart badly by the same cooks, but their sum is known well.
    module Correlated
      module_function

      # Factor by which it is wider than if each unknown stood alone. `sides`: [g for one standard deviation
      # more, g for one less] by key; `load`: Pot::Load, for what a step of taste takes.
      def wider(held, sides, load)
        return 1.0 if alone?(held)

        slopes = slopes(held, sides)
        alone = slopes.sum { |key, slope| (slope * held[key].sd)**2 }
        return 1.0 if alone.zero?

        step_g = step_g(load)
        whole = alone + ((step_g * held.taste_sd)**2) + held.together({ **slopes, Scopes::TASTE => step_g })
        Math.sqrt([whole, 0.0].max / alone)
      end

      # True where no unknown hangs together with another.
      def alone?(held)
        held.covariances.empty? && held.taste_sd.zero?
      end

      # g of liquid for one more of a logarithm, by key.
      def slopes(held, sides)
        sides.to_h do |key, (more, less)|
          sd = held[key].sd
          [key, sd.zero? ? 0.0 : (more - less) / 2 / sd]
        end
      end

      # Water for a step of texture, g.
      def step_g(load)
        columns = load.grain.uptake
        (columns[:soft] - columns[:firm]) / 2 * load.rice_g
      end
      private_class_method :slopes
    end
  end
end
