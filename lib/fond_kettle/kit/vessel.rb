# frozen_string_literal: true

require_relative "../ground/value"
require_relative "vessel_kind"

module FondKettle
  module Kit
    # kJ/K per kg of pot (figures: To the boil).
    MATERIALS = { "steel" => 0.5, "enamel" => 0.5, "aluminium" => 0.9, "cast-iron" => 0.46,
                  "clay" => 0.9 }.freeze

    # A pot with straight walls: inside diameter and height in mm, its own
    # weight in kg, and the lid that goes on it.
    # `lid_factor` is what its own test taught: times the book's loss; nil where it was not
    # tested.
    Vessel = Value.define(:id, :name, :diameter_mm, :height_mm, :lid, :material, :kg, :lid_factor) do
      # Its VesselKind.
      def kind
        VesselKinds.by_lid(lid)
      end

      # The same vessel as one of `kind`: under its lid, where it is another.
      def as(kind)
        self.kind == kind ? self : with(lid: kind.lid)
      end

      # Inside floor, cm2.
      def area_cm2
        Math::PI * (diameter_mm**2) / 400.0
      end

      # To the brim, mL.
      def volume_ml
        area_cm2 * height_mm / 10.0
      end

      # Wall, floor and lid seen from outside, m2; the wall's thickness is left out.
      def outer_area_m2
        ((Math::PI * diameter_mm * height_mm) + (Math::PI * (diameter_mm**2) / 2.0)) / 1e6
      end

      # Its floor seen from outside, m2.
      def floor_area_m2
        area_cm2 / 1e4
      end

      # J/K of the pot itself.
      def heat_capacity_j_k
        MATERIALS.fetch(material) * 1000 * kg
      end

      # Depth in mm of `volume_ml` poured into the empty pot.
      def depth_mm(volume_ml)
        volume_ml * 10.0 / area_cm2
      end
    end
  end
end
