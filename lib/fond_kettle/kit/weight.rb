# frozen_string_literal: true

module FondKettle
  module Kit
    # An estimate of a pot's weight when nobody weighed it: a wall as thick as is usual for its material,
    # floor and lid included (household pots lie within a third of it).
    module Weight
      # By material: how thick a usual wall is, mm, and its density, kg/L.
      WALLS = { "steel" => [1.3, 7.9], "enamel" => [1.2, 7.8], "aluminium" => [3.0, 2.7],
                "cast-iron" => [3.5, 7.2], "clay" => [9.0, 2.0] }.freeze

      module_function

      # kg of a pot of `material` (a key of MATERIALS), inside `width_mm` and `height_mm`.
      #
      #   guess_kg("steel", 200, 110).round(1) # => 1.4
      def guess_kg(material, width_mm, height_mm)
        thick_mm, kg_per_l = WALLS.fetch(material)
        area_mm2 = Math::PI * ((width_mm * height_mm) + ((width_mm**2) / 2.0))
        area_mm2 * thick_mm * kg_per_l / 1e6
      end
    end
  end
end
