# frozen_string_literal: true

module FondKettle
  module Numerics
    # The standard normal distribution.
    module Normal
      module_function

      # Density at so many standard deviations.
      def density(sds)
        Math.exp(-0.5 * sds * sds) / Math.sqrt(2 * Math::PI)
      end

      # Probability below so many standard deviations.
      def below(sds)
        0.5 * Math.erfc(-sds / Math.sqrt(2))
      end

      # A number drawn from it by a Random (Box and Muller 1958).
      def draw(random)
        Math.sqrt(-2 * Math.log(1 - random.rand)) * Math.cos(2 * Math::PI * random.rand)
      end
    end
  end
end
