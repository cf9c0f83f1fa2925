# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../measure/cup"

module FondKettle
  module House
    # What a household has, as values: pots and bowls (Kit::Vessel), burners, ovens, steamers, cups
    # and spoons (Measure::Cup), bags (Bag), eaters (Table::Eater), what a portion is here
    # (`portions_g`, raw g by kind of meal), and the kitchen: how high it stands, m, how
    # many pairs of hands, what its scale reads, g.
    Shelves = Value.define(:pots, :burners, :ovens, :steamers, :cups, :spoons, :bags, :eaters,
                           :portions_g, :altitude_m, :hands,
                           :scale_step_g) do
      # The measures of this house (Measure::House), `cup` first.
      def measures(cup = cups.first)
        Measure::House.with(cup, spoons: spoons, scale_step_g: scale_step_g)
      end

      # A Larder::Grain as the house's own bag has it: its habits and its crop.
      def in_bag(grain)
        bag = bag_of(grain)
        bag ? bag.habits_of(grain) : grain
      end

      # The bag from which a Larder::Grain is taken, or nil.
      def bag_of(grain)
        bags.find { |one| one.grain == grain.key }
      end

      # Rings of the stove, at least one: a cooker stands beside it.
      def rings
        [burners.count { |burner| burner.kind.on_ring }, 1].max
      end

      # The eaters of a list of ids.
      def seated(ids)
        eaters.select { |eater| ids.include?(eater.id) }
      end
    end
  end
end
