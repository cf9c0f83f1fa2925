# frozen_string_literal: true

require_relative "../../kit/dish_vessels"
require_relative "../../methods/request/made_in"

module FondKettle
  module Dishes
    # The pots of the house that a dish's vessels are tonight: each of its kind where there is one, the
    # largest for the vessel with most in it, none twice; else a usual one.
    class VesselPots
      # `vessels`: [key, kind, name, is it the rice's?] of each; `rice_pot`: the Kit::Vessel in which the rice
      # is cooked, nil: there is none; `kit`: [kind, Kit::Vessel] of the house; `weights`: g that go into each
      # vessel, by its key; `par_boils`: key of the one in which the rice is boiled in plenty of water, nil:
      # none of these.
      def initialize(vessels, rice_pot, kit, weights, par_boils: nil)
        @vessels = vessels
        @rice_pot = rice_pot
        @kit = kit.reject { |_, pot| pot.name == rice_pot&.name }
        @weights = weights
        @par_boils = par_boils
      end

      # Methods::MadeInVessels, in the dish's order.
      def vessels
        taken = []
        found = heaviest_first.to_h do |key, kind, _, rice|
          pot = rice ? @rice_pot : free(Kit::DishVessels.fetch(kind), taken)
          taken << pot
          [key, pot]
        end
        @vessels.map { |key, kind, name, rice| made_in(key, kind, name, rice, found.fetch(key)) }.freeze
      end

      private

      def heaviest_first
        @vessels.sort_by { |key, *| -@weights.fetch(key, 0.0) }
      end

      def free(kind, taken)
        left = @kit.select { |own, pot| kind.takes?(own) && !taken.include?(pot) }
        left.max_by { |own, pot| [own == kind.key ? 1 : 0, pot.volume_ml] }&.last || kind.usual
      end

      def made_in(key, kind, name, rice, pot)
        Methods::MadeInVessel.new(key: key, kind: kind, name: name, pot: pot, rice: rice,
                                  par_boils: key == @par_boils)
      end
    end
  end
end
