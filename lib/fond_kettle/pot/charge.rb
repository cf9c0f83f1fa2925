# frozen_string_literal: true

require_relative "../value"

module FondKettle
  module Pot
    # J/g K (figures: To the boil).
    WATER_J_G_K = 4.18
    DRY_FOOD_J_G_K = 1.6
    MOIST_FOOD_J_G_K = 3.5

    # Everything that goes into the pot.
    #   washed      how the rice was rinsed, soaked and drained (Washed)
    #   brought_g   water that the additions give to the rice
    #   drink_g     water that dry additions take by the time the rice is done
    #   solids_j_k  heat capacity of the additions without that water
    #   bulk_ml     room the additions take
    #   uptake      wanted, g water per g rice
    #   residue_g   water wanted in the pot at the end (a sauce)
    #   kept_g      what the grain leaves to the sauce: the residue and what that still
    #               loses before serving (Balancing finds it)
    #   parts       parts of water to one of rice, where it is poured off, else nil
    #   crust       a crust at the bottom is wanted
    #   start_c, liquid_c   temperature of the rice and its company, and of the liquid
    Charge = Value.define(:rice_g, :grain, :washed, :brought_g, :drink_g, :solids_j_k, :bulk_ml,
                          :uptake, :residue_g, :kept_g, :start_c, :liquid_c, :parts, :crust) do
      # Cooked in plenty of water that is poured off.
      def plenty?
        !parts.nil?
      end

      # Water in and between the grains and from the additions, before any liquid, g.
      def carried_g
        surface_g + brought_g + (washed.in_pot ? 0.0 : soak_gain_g)
      end

      def surface_g
        washed.surface * rice_g
      end

      def soak_gain_g
        washed.soak_gain * rice_g
      end

      # Water the food is to hold at the end, and the sauce, g.
      def wanted_g
        (uptake * rice_g) + drink_g + residue_g
      end

      def bed_ml
        rice_g * grain.bed_ml_per_g(washed.soak_gain)
      end

      def voids_ml
        rice_g * grain.voids_ml_per_g(washed.soak_gain)
      end
    end
  end
end
