# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../kit/atmosphere"
require_relative "../../kit/burner"
require_relative "../../numeric/root"
require_relative "heat"
require_relative "../load"
require_relative "loss"

module FondKettle
  module Pot
    # Results of a quick test at home of a pot, a burner or the height of the kitchen: plain arithmetic on
    # measured values. Raises InvalidInput when the values cannot be true.
    module KitTest
      # What a kitchen is taken to be at, °C.
      ROOM_C = 20.0
      ALTITUDE_M = (-430.0..6000.0)
      LID_FACTOR = (0.1..5.0)
      # A height is found to this share of itself.
      CLOSE_M = 1e-9

      module_function

      # Inside height in mm of a pot `diameter_mm` wide that holds `volume_ml`.
      def height_mm(volume_ml, diameter_mm)
        volume_ml * 4000.0 / (Math::PI * (diameter_mm**2))
      end

      # Loss of a lid relative to the published one, from `lost_g` of water in `minutes` on low, lid on.
      # Raises InvalidInput for a loss that no usable lid has.
      #
      #   lid_factor(pot_240_mm_ordinary, gas, 45.0, 10.0) # => 1.5
      def lid_factor(vessel, burner, lost_g, minutes)
        factor = lost_g / minutes / Loss.lidded_g_min(vessel, vessel.lid, "low", burner.source)
        return factor if LID_FACTOR.cover?(factor)

        raise InvalidInput.at("after_g",
                              "gives #{factor.round(2)} times the book's loss; " \
                              "a usable lid loses 0.1 to 5 times it",
                              received: lost_g)
      end

      # Net power on high, W: `water_g` from `from_c` to the boil in `minutes`, lid on.
      def high_w(vessel, water_g, from_c, boil_c, minutes)
        heat_j = ((water_g * WATER_J_G_K) + vessel.heat_capacity_j_k) * (boil_c - from_c)
        steam_g_min = Loss::HEATING_SHARE * Loss.lidded_g_min(vessel, vessel.lid, "high", "gas")
        wall_j_min = Heat.wall_conductance(vessel) * (((from_c + boil_c) / 2.0) - ROOM_C)
        ((heat_j / minutes) + (steam_g_min * Loss::LATENT_J_G) + wall_j_min) / 60
      end

      # Height in m at which water boils at `boil_c`. Raises InvalidInput outside the heights of kitchens.
      def altitude_m(boil_c)
        low, high = ALTITUDE_M.minmax
        unless boil_c.between?(Kit::Atmosphere.boiling_point_c(high), Kit::Atmosphere.boiling_point_c(low))
          raise InvalidInput.at("boil_c", "must be between " \
                                          "#{Kit::Atmosphere.boiling_point_c(high).ceil(1)} and " \
                                          "#{Kit::Atmosphere.boiling_point_c(low).floor(1)}",
                                received: boil_c)
        end

        Numerics::Root.largest(low, high, close: CLOSE_M) do |metres|
          Kit::Atmosphere.boiling_point_c(metres) > boil_c
        end
      end
    end
  end
end
