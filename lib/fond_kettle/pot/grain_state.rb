# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Pot
    # Rice on its way: soaks, par-boils and pots take one in and give one back.
    #   rice_g         as bought, g
    #   taken_per_g    water in the grain beyond what it came with, g/g
    #   surface_per_g  water that clings to it, g/g
    #   in_liquid      lies in the very liquid that will cook it
    #   kinetics       how fast it cooks (Kinetics), fixed when cooking began; nil: raw
    #   progress       share of the white core's time that is behind it (0.0: raw)
    #   temp_c         °C
    #   salt_g         salt it has taken up, g
    GrainState = Value.define(:grain, :rice_g, :taken_per_g, :surface_per_g, :in_liquid, :kinetics, :progress,
                              :temp_c, :salt_g) do
      # Rice from the bag: `rice_g` of a Larder::Grain at `temp_c`.
      def self.dry(grain, rice_g, temp_c:)
        new(grain: grain, rice_g: rice_g, taken_per_g: 0.0, surface_per_g: 0.0, in_liquid: false,
            kinetics: nil,
            progress: 0.0, temp_c: temp_c, salt_g: 0.0)
      end

      # Weight with all the water in it and on it, in g.
      def wet_g
        rice_g * (1 + taken_per_g + surface_per_g)
      end

      # White core left by time alone, 0.0 to 1.0.
      def core
        [1 - progress, 0.0].max
      end
    end
  end
end
