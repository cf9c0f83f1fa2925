# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../larder/grains"
require_relative "../../larder/ingredient"

module FondKettle
  module Dishes
    # The rice of a dish as its bench shows it, by the plan of the evening, or as it is written.
    #   grams       raw
    #   liquid_g    poured in all, nil: as the dish says
    #   uptake      g of water that a gram takes up
    #   done        degree to which it is boiled in plenty of water before it is laid in, 0: it is not
    #   plenty      true where it is boiled in plenty of water that is poured off
    #   steamed     true where it takes up steam
    BenchRice = Value.define(:grain, :grams, :liquid_g, :uptake, :done, :plenty, :steamed) do
      # Water to one of rice where it boils in plenty.
      const_set(:PARTS, 6.0)

      # A BenchRice of a grain (its key) of which nobody has planned anything.
      def self.as_written(grain, grams)
        new(grain: grain, grams: grams, liquid_g: nil, uptake: Larder::Grains.fetch(grain).uptake[:standard],
            done: 0.0, plenty: false, steamed: false)
      end

      # So many times as much, for as many pots.
      def times(pots)
        with(grams: grams * pots, liquid_g: liquid_g && (liquid_g * pots))
      end

      # The Larder::Ingredient that it is in a vessel: dry, and it takes up its water while it simmers.
      def ingredient
        grain = Larder::Grains.fetch(self.grain)
        Larder::Ingredient.of(key: grain.key, name: grain.name, takes: uptake, dry: true, slot: "rice",
                              g_ml: grain.cooked_g_ml, boil_min: grain.full_min.to_f)
      end

      # Steam that it takes up, in g.
      def steam_g
        uptake * grams
      end

      # Water in which it boils before it is laid in, or until it is drained, in g.
      def plenty_g
        self.class::PARTS * grams
      end
    end
  end
end
