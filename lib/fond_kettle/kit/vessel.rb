# frozen_string_literal: true

require_relative "../ground/value"
require_relative "cone"
require_relative "vessel_kind"

module FondKettle
  module Kit
    # kJ/K per kg of pot (docs/model.md: To the boil).
    MATERIALS = { "steel" => 0.5, "enamel" => 0.5, "aluminium" => 0.9, "cast-iron" => 0.46,
                  "clay" => 0.9 }.freeze

    # A pot: inside diameter (at the rim) and height in mm, its floor's diameter where it tapers
    # (`floor_mm`, nil: straight walls), its own weight in kg, and the lid that goes on it.
    # `lid_factor` is what its own test taught: times the book's loss; nil where it was not
    # tested.
    Vessel = Value.define(:id, :name, :diameter_mm, :height_mm, :floor_mm, :lid, :material, :kg,
                          :lid_factor) do
      # Its VesselKind.
      def kind
        VesselKinds.by_lid(lid)
      end

      # The same vessel as one of `kind`: under its lid, where it is another.
      def as(kind)
        self.kind == kind ? self : with(lid: kind.lid)
      end

      # The lid that is on it (`covered`) or off it; what has none is covered with what there is.
      def lid_for(covered:)
        return "none" unless covered

        lid == "none" ? "loose" : lid
      end

      # Inside width of its floor, mm.
      def bottom_mm
        floor_mm || diameter_mm
      end

      # Its inside.
      def cone
        Cone.new(floor_mm: bottom_mm, rim_mm: diameter_mm, height_mm: height_mm)
      end

      # Across its middle, cm2: what boils off open goes by that.
      def area_cm2
        Math::PI * (middle_mm**2) / 400.0
      end

      # Volume to the brim, in mL.
      def volume_ml
        cone.volume_ml(height_mm)
      end

      # Wall, floor and lid seen from outside, m2; the wall's thickness is left out.
      def outer_area_m2
        lean_mm = (diameter_mm - bottom_mm) / 2
        wall_mm2 = Math::PI * middle_mm * Math.sqrt((height_mm**2) + (lean_mm**2))
        (wall_mm2 / 1e6) + floor_area_m2 + (Math::PI * (diameter_mm**2) / 4e6)
      end

      # Its floor and its wall up to `depth_mm`, seen from outside, m2.
      def wetted_area_m2(depth_mm)
        share = (depth_mm / height_mm.to_f).clamp(0.0, 1.0)
        lean_mm = (diameter_mm - bottom_mm) / 2.0
        middle_mm = bottom_mm + (lean_mm * share)
        floor_area_m2 + (Math::PI * middle_mm * Math.hypot(height_mm, lean_mm) * share / 1e6)
      end

      # Its floor seen from outside, m2.
      def floor_area_m2
        Math::PI * (bottom_mm**2) / 4e6
      end

      # Wall and floor, m2: what its metal is spread over.
      def metal_area_m2
        outer_area_m2 - (Math::PI * (diameter_mm**2) / 4e6)
      end

      # J/K of the pot itself.
      def heat_capacity_j_k
        MATERIALS.fetch(material) * 1000 * kg
      end

      # Depth in mm of `volume_ml` poured into the empty pot.
      def depth_mm(volume_ml)
        cone.depth_mm(volume_ml)
      end

      # Thickness of `volume_ml` that lies over `under_ml`, in mm.
      def thick_mm(volume_ml, under_ml)
        depth_mm(under_ml + volume_ml) - depth_mm(under_ml)
      end

      private

      def middle_mm
        (diameter_mm + bottom_mm) / 2.0
      end
    end
  end
end
