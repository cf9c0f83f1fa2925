# frozen_string_literal: true

module FondKettle
  module Numerics
    # Mean of a function over a step, by Gauss's two points.
    module Quadrature
      EARLY = 0.5 - (0.5 / Math.sqrt(3))
      LATE = 0.5 + (0.5 / Math.sqrt(3))

      module_function

      # The mean of the block over shares 0..1 of a step; exact for cubics.
      #
      #   mean { |share| share**2 } # => 0.3333333333333333
      def mean
        (yield(EARLY) + yield(LATE)) / 2
      end
    end
  end
end
