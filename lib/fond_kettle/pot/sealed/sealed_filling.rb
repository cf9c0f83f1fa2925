# frozen_string_literal: true

require_relative "../beds/bed"
require_relative "../column"
require_relative "../heat/heat"
require_relative "../beds/layer"
require_relative "sealed_pot"
require_relative "stacked"

module FondKettle
  module Pot
    # Fills a sealed pot: the Stack of a Load as layers that can cook, each with its part of the
    # wall; the head space and the lid go with the top.
    module SealedFilling
      # Where a layer is so thin that it has no wall, it has a hair.
      LEAST_M2 = 1e-6

      module_function

      # The SealedPot of `load` with `liquid_g` poured over its lowest food.
      def pot(load, liquid_g, hearth)
        setting = hearth.setting
        tiers = load.stack.tiers
        poured_at = tiers.index { |tier| !tier.rice? } || 0
        layers = tiers.each_with_index.map { |tier, i| layer(tier, load, i == poured_at ? liquid_g : 0.0) }
        column = Column.new(layers, pot_j_k: setting.vessel.heat_capacity_j_k)
        sides = sides_m2(load, setting.vessel)
        places = tiers.each_index.map { |i| place(tiers[i], layers[i], sides, i, setting) }
        SealedPot.new(column, places, hearth, load)
      end

      def layer(tier, load, liquid_g)
        water_g = (tier.water_share * load.brought_g) + liquid_g
        unless tier.rice?
          return Layer.new(name: tier.what, solids_j_k: tier.solids_j_k, free_g: water_g,
                           temp_c: tier.start_c)
        end

        state = load.state.with(rice_g: load.rice_g * tier.rice_share)
        Bed.new(load.with(state: state, brought_g: water_g, drink_g: 0.0, solids_j_k: tier.solids_j_k,
                          residue_g: 0.0, kept_g: 0.0), 0.0, temp_c: tier.start_c, name: tier.what)
      end

      # The wall beside each layer, floor up, and the dry wall and lid over the last, in m2.
      def sides_m2(load, vessel)
        spans = load.stack.spans(vessel, load.layered_ml)
        wall_m2 = vessel.metal_area_m2 - vessel.floor_area_m2
        lid_m2 = vessel.outer_area_m2 - vessel.metal_area_m2
        whole_mm = [spans.last.last, vessel.height_mm].max
        sides = spans.map { |from, to| [wall_m2 * (to - from) / whole_mm, LEAST_M2].max }
        [*sides, (wall_m2 * (whole_mm - spans.last.last) / whole_mm) + lid_m2]
      end

      # The parts of a layer. The wall and lid over the last layer give their heat to the room with it; an
      # oven heats only wetted wall.
      def place(tier, layer, sides, index, setting)
        floor = index.zero?
        above_m2 = index == sides.size - 2 ? sides.last : 0.0
        oven_m2 = sides[index] + (floor ? setting.vessel.floor_area_m2 : 0.0)
        Stacked.new(tier, layer, setting: setting,
                                 wall_j_min_k: Heat::WALL_J_MIN_M2_K * (sides[index] + above_m2),
                                 oven_j_min_k: Heat.oven_j_min_m2_k(setting) * oven_m2,
                                 pot_j_k: floor ? setting.vessel.heat_capacity_j_k : 0.0)
      end

      private_class_method :layer, :sides_m2, :place
    end
  end
end
