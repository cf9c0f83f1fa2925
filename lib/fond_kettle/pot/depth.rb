# frozen_string_literal: true

module FondKettle
  module Pot
    # Depth of liquid over the rice and amount of liquid, turned into one another
    # for one pot (docs/model.md: Depth over the rice). Level with the rice fills the
    # voids; below that the depth is negative.
    module Depth
      module_function

      #   over_rice_mm(500.0, load, vessel) # => 8.4
      def over_rice_mm(liquid_g, load, vessel)
        vessel.thick_mm(liquid_g - load.left_ml, load.bed_ml + load.bulk_ml)
      end

      # "12 mm over the rice", "level with the rice", "4 mm below the top of the rice"
      def words(over_mm)
        return "level with the rice" if over_mm.abs < 1

        if over_mm.positive?
          "#{over_mm.round} mm over the rice"
        else
          "#{-over_mm.round} mm below the top of the rice"
        end
      end

      # Liquid, g, that stands `depth_mm` over the rice of a Load in `vessel`; the inverse of
      # over_rice_mm.
      def liquid_g(depth_mm, load, vessel)
        under_ml = load.bed_ml + load.bulk_ml
        vessel.cone.volume_ml(vessel.depth_mm(under_ml) + depth_mm) - under_ml + load.left_ml
      end
    end
  end
end
