# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Stove
    # What to do about a broth that was measured before the rice goes in: `way` "right",
    # "less" (`grams` too much: ladle them off, or boil them away in `minutes`) or "more"
    # (`grams` of hot water are wanting).
    BrothAdvice = Value.define(:way, :grams, :minutes) do
      # Nearer than this share of it nobody can measure.
      const_set(:NEAR, 0.03)

      # `base`: a plan's ledger (standing_g, off_g_min); `measured_g`: what stands there.
      #
      #   BrothAdvice.of({ standing_g: 560.0, off_g_min: 18.0 }, 740.0) # => less, 180.0 g, 10.0 min
      def self.of(base, measured_g)
        over_g = measured_g - base[:standing_g]
        return new(way: "right", grams: 0.0, minutes: 0.0) if over_g.abs <= self::NEAR * base[:standing_g]
        return new(way: "more", grams: -over_g, minutes: 0.0) if over_g.negative?

        new(way: "less", grams: over_g, minutes: over_g / base[:off_g_min])
      end
    end
  end
end
