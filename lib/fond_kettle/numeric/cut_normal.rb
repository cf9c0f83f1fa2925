# frozen_string_literal: true

require_relative "normal"

module FondKettle
  module Numerics
    # The normal distribution, cut to a band.
    module CutNormal
      # A band of less probability is taken at its nearer edge.
      TINY = 1e-9

      module_function

      # [mean, variance] of a normal (`mean`, `sd`) of which it is known that it lies between `low` and
      # `high` (either may be infinite).
      #
      #   moments(0.0, 1.0, 0.0, Float::INFINITY).first # => 0.798 (the root of 2 over pi)
      def moments(mean, sd, low, high)
        from, to = [low, high].map { |edge| (edge - mean) / sd }
        inside = Normal.below(to) - Normal.below(from)
        return [mean.clamp(low, high), 0.0] if inside < TINY

        shift = (Normal.density(from) - Normal.density(to)) / inside
        edges = (weighted(from) - weighted(to)) / inside
        [mean + (sd * shift), sd * sd * [1 + edges - (shift * shift), 0.0].max]
      end

      def weighted(sds)
        sds.infinite? ? 0.0 : sds * Normal.density(sds)
      end
      private_class_method :weighted
    end
  end
end
