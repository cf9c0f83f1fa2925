# frozen_string_literal: true

require_relative "../../kit/vessel"
require_relative "../../methods/request/made_in"
require_relative "graph_dish"

module FondKettle
  module Dishes
    # The pots of the house that a dish's vessels are tonight: each of its kind where there is one, the
    # largest for the vessel with most in it, none twice; else a usual one.
    class GraphPots
      # Usual vessels by kind, where the house has none: name, and what a Kit::Vessel is made of.
      USUAL = { "pot" => ["a pot", 240.0, 120.0, "ordinary", 1.8],
                "frying-pan" => ["a pan", 260.0, 60.0, "none", 1.4],
                "bowl" => ["a bowl", 260.0, 110.0, "none", 0.6],
                "jug" => ["a jug", 110.0, 170.0, "none", 0.4],
                "steamer" => ["a steamer", 240.0, 120.0, "ordinary", 1.5],
                "oven-dish" => ["an oven dish", 280.0, 60.0, "none", 1.6],
                "cooker" => ["the cooker", 190.0, 120.0, "cooker", 0.6],
                "board" => ["a board", 300.0, 20.0, "none", 1.0] }.freeze
      # A vessel of a kind may be one of these.
      ALSO = { "frying-pan" => %w[frying-pan pot], "oven-dish" => %w[oven-dish pot] }.freeze

      # `dish`: a GraphDish; `rice_pot`: the Kit::Vessel in which the rice is cooked; `kit`: [kind,
      # Kit::Vessel] of the house; `weights`: g that go into each vessel, by its key.
      def initialize(dish, rice_pot, kit, weights)
        @dish = dish
        @rice_pot = rice_pot
        @kit = kit.reject { |_, pot| pot.name == rice_pot.name }
        @weights = weights
      end

      # MadeInVessels, in the dish's order.
      def vessels
        taken = []
        found = heaviest_first.to_h do |vessel|
          pot = vessel.rice ? @rice_pot : free(vessel.kind, taken)
          taken << pot
          [vessel.key, pot]
        end
        @dish.vessels.map { |vessel| made_in(vessel, found.fetch(vessel.key)) }.freeze
      end

      private

      def heaviest_first
        @dish.vessels.sort_by { |vessel| -@weights.fetch(vessel.key, 0.0) }
      end

      def free(kind, taken)
        fits = ALSO.fetch(kind, [kind])
        left = @kit.select { |own, pot| fits.include?(own) && !taken.include?(pot) }
        left.max_by { |own, pot| [own == kind ? 1 : 0, pot.volume_ml] }&.last || usual(kind)
      end

      def usual(kind)
        name, wide_mm, high_mm, lid, kg = USUAL.fetch(kind)
        Kit::Vessel.new(id: nil, name: name, diameter_mm: wide_mm, height_mm: high_mm, floor_mm: nil,
                        lid: lid, lid_factor: nil, material: "steel", kg: kg)
      end

      def made_in(vessel, pot)
        Methods::MadeInVessel.new(key: vessel.key, kind: vessel.kind, name: vessel.name, pot: pot,
                                  rice: vessel.rice)
      end
    end
  end
end
