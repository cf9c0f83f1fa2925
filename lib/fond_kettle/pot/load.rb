# frozen_string_literal: true

require_relative "../ground/value"
require_relative "stack"

module FondKettle
  module Pot
    # J/g K (docs/model.md: To the boil).
    WATER_J_G_K = 4.18
    DRY_FOOD_J_G_K = 1.6
    MOIST_FOOD_J_G_K = 3.5

    # Everything that goes into the pot.
    #   state       the rice as it goes in (GrainState)
    #   brought_g   water that the additions give to the rice
    #   poured_g    of that, what is poured and so known to the gram
    #   drink_g     water that dry additions take by the time the rice is done
    #   solids_j_k  heat capacity of the additions without that water
    #   bulk_ml     room the additions take
    #   poured_ml   room of the additions that are poured: they stand with the liquid
    #   uptake      wanted, g water per g rice
    #   residue_g   water wanted in the pot at the end (a sauce)
    #   kept_g      what the grain leaves to the sauce: the residue and what that still
    #               loses before serving (Phases::Solving finds it), or what does not wick to it
    #   parts       parts of water to one of rice, where it is poured off, else nil
    #   done        share of the core's time wanted at the end (1.0, or less where
    #               rice is only par-cooked)
    #   crust       a crust at the bottom is wanted
    #   stack       what lies in a sealed pot, layer by layer (Stack); nil: one bed
    #   steamer     how it lies in a steamer (Kit::SteamerLayout); nil: in no steamer
    #   dressed_g   water that a dressing gives to the rice once it is done
    #   dried_g     water that food would have brought, had it not been fried or cooked down
    #   bound_g     water of food that is bound in a sauce, and does not count as brought
    #   start_c, food_c, liquid_c   °C of the rice, of its company and of the liquid
    Load = Value.define(:state, :brought_g, :poured_g, :drink_g, :solids_j_k, :bulk_ml, :poured_ml,
                        :uptake, :residue_g, :kept_g, :start_c, :food_c, :liquid_c, :parts, :done, :crust,
                        :stack, :steamer, :dressed_g, :dried_g, :bound_g) do
      # Larder::Grain.
      def grain
        state.grain
      end

      # Raw rice, g.
      def rice_g
        state.rice_g
      end

      # Cooked in plenty of water that is poured off.
      def plenty?
        !parts.nil?
      end

      # True when its rice lies in a steamer.
      def steamed?
        !steamer.nil?
      end

      # What its rice lies in: :steamer, :sealed (in layers) or :pot.
      def lies_in
        return :steamer if steamed?

        stack ? :sealed : :pot
      end

      # Water in and between the grains and from the additions, before any liquid, g.
      def carried_g
        surface_g + brought_g + (state.in_liquid ? 0.0 : soak_gain_g)
      end

      # Water that food gives off, g.
      def oozed_g
        brought_g - poured_g
      end

      # Water that clings to the rice, g.
      def surface_g
        state.surface_per_g * rice_g
      end

      # Water that is in the grain already, g.
      def soak_gain_g
        state.taken_per_g * rice_g
      end

      # Water the food is to hold at the end, and the sauce, g.
      def wanted_g
        (uptake * rice_g) + drink_g + residue_g
      end

      # Room of its rice where it is layered, as far as it has swollen by then, mL.
      def layered_ml
        state.kinetics ? rice_g * (1 + state.taken_per_g) / grain.cooked_g_ml : bed_ml
      end

      # Room of the rice as it goes in, mL.
      def bed_ml
        rice_g * grain.bed_ml_per_g(state.taken_per_g)
      end

      # The room between the grains within that volume, in mL.
      def voids_ml
        rice_g * grain.voids_ml_per_g(state.taken_per_g)
      end

      # Room between the grains that the model's own liquid has to fill, mL; negative where
      # more is poured than that.
      def left_ml
        voids_ml - poured_ml
      end

      # `count` times as much of rice and what fills the pot beside it.
      def times(count)
        with(state: state.with(rice_g: rice_g * count), bulk_ml: bulk_ml * count,
             poured_ml: poured_ml * count)
      end

      # The same with `factor` times as much water on the grains.
      def clinging(factor)
        with(state: state.with(surface_per_g: state.surface_per_g * factor))
      end

      # The same with `factor` times as much water from the soak in the grain.
      def soaked(factor)
        with(state: state.with(taken_per_g: state.taken_per_g * factor))
      end

      # The same with `factor` times as much water bound in a sauce.
      def binding(factor)
        more_g = [bound_g * (factor - 1), brought_g].min
        with(brought_g: brought_g - more_g, bound_g: bound_g + more_g, stack: stack&.binding(more_g))
      end

      # The same with rice whose core takes `factor` times as long.
      def slower(factor)
        with(state: state.with(grain: grain.with(full_min: grain.full_min * factor)))
      end

      # The same with rice that drinks `factor` times as much, to the same texture.
      def drinking(factor)
        with(state: state.with(grain: grain.drinking(factor)), uptake: uptake * factor)
      end
    end
  end
end
