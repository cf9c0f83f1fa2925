# frozen_string_literal: true

module FondKettle
  module Numerics
    # The combined effect of many causes, each of which may move further to one side than to the other. A
    # cause is two half normals, `up` and `down` (one standard deviation to each side); the quantiles of the
    # sum follow from its first three moments (Cornish and Fisher 1938).
    module TwoSided
      # Mean of the half normal, and of its cube.
      HALF_MEAN = 1 / Math.sqrt(2 * Math::PI)
      HALF_CUBE = 2 * HALF_MEAN
      NOTHING = [0.0, 0.0, 0.0].freeze

      module_function

      # The deviation of the sum of causes, each by its `moments`, at the normal's quantiles `-z` and `z`:
      # [low, high].
      #
      #   quantiles([moments(3.0, 3.0), moments(4.0, 4.0)], 1.0) # => [-5.0, 5.0]
      def quantiles(moments, z)
        mean = variance = third = 0.0
        moments.each do |one_mean, one_variance, one_third|
          mean += one_mean
          variance += one_variance
          third += one_third
        end
        return [0.0, 0.0] unless variance.positive?

        sd = Math.sqrt(variance)
        bent = ((z**2) - 1) * third / (sd**3) / 6
        [mean + (sd * (bent - z)), mean + (sd * (bent + z))]
      end

      # Mean, variance and third central moment of what is known at points: [value, weight].
      def moments_of(points)
        mean = points.sum(0.0) { |value, weight| value * weight }
        [mean, *[2, 3].map { |power| points.sum(0.0) { |value, weight| ((value - mean)**power) * weight } }]
      end

      # The moments of what is so many times as large.
      def scaled((mean, variance, third), factor)
        [mean * factor, variance * (factor**2), third * (factor**3)]
      end

      # Mean, variance and third central moment of one cause.
      def moments(up, down)
        return NOTHING if up.zero? && down.zero?

        mean = (up - down) * HALF_MEAN
        square = ((up**2) + (down**2)) / 2
        cube = ((up**3) - (down**3)) * HALF_CUBE
        [mean, square - (mean**2), cube - (3 * mean * square) + (2 * (mean**3))]
      end
    end
  end
end
