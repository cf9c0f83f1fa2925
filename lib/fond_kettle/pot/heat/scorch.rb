# frozen_string_literal: true

module FondKettle
  module Pot
    # Time for which a dry floor stands the heat before it burns (docs/model.md: Scorch).
    module Scorch
      # Minutes on a burner turned to that.
      AFTER_MIN = { "high" => 2.0, "medium" => 5.0 }.freeze
      # On low, by what the pot is made of; what is not named spreads so well that it never burns.
      LOW_MIN = { "steel" => 22.0, "clay" => 22.0, "enamel" => 45.0 }.freeze
      NEVER = Float::INFINITY
      # Thin steel: kg per m2 of wall and floor, and its minutes on low.
      THIN_KG_M2 = 8.0
      THIN_MIN = 15.0
      # A flat pan between pot and flame.
      FLAT_PAN = 2.0

      module_function

      # Minutes that the dry floor of `vessel` (Kit::Vessel) stands `heat`; an oven counts as low.
      #
      #   after_min("low", steel_pot_of_1_kg) # => 15.0
      def after_min(heat, vessel, flat_pan: false)
        minutes = AFTER_MIN.fetch(heat) { low_min(vessel) }
        flat_pan ? minutes * FLAT_PAN : minutes
      end

      def low_min(vessel)
        thin = vessel.material == "steel" && vessel.kg / vessel.metal_area_m2 < THIN_KG_M2
        thin ? THIN_MIN : LOW_MIN.fetch(vessel.material, NEVER)
      end
      private_class_method :low_min
    end
  end
end
