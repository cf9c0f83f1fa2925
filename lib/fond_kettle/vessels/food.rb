# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../pot/load"
require_relative "composition"

module FondKettle
  module Vessels
    # Some of an ingredient on its way through a dish's vessels. Nothing is lost: what was raw is the water,
    # fat, salt and dry matter in it now, with what it has given as liquid and lost as steam.
    #   makeup                       what its ingredient is made of (Makeup)
    #   raw_g                        as it was weighed
    #   water_g, dry_g, fat_g, salt_g   in it now
    #   given_g, steam_g             water that it gave to the vessel, and that it lost as steam, so far
    #   drunk_g                      water that it took up, so far
    #   temp_c                       its temperature, °C
    #   hot_min, simmered_min        minutes that it was hot, and that it simmered
    #   state                        the last state it was fried to (a key of FryStates), or nil
    #   line                         the key of the line of the dish that it is, or nil
    Food = Value.define(:ingredient, :makeup, :raw_g, :water_g, :dry_g, :fat_g, :salt_g, :given_g, :steam_g,
                        :drunk_g, :temp_c, :hot_min, :simmered_min, :state, :line) do
      # Heat capacity of water, and of everything else, J/g K (docs/model.md: Food in a vessel).
      const_set(:WATER_J_G_K, 4.18)
      const_set(:SOLID_J_G_K, 1.7)
      # The most of its water that food gives and loses.
      const_set(:MOST_OUT, 0.95)
      # Minutes after which leaves have wilted.
      const_set(:WILTED_MIN, 2.0)
      const_set(:ROOM_C, 20.0)

      # So many raw grams of a Larder::Ingredient, at `temp_c`.
      def self.of(ingredient, grams, temp_c: self::ROOM_C, line: nil)
        makeup = Composition.of(ingredient)
        shares = [makeup.water, makeup.fat, ingredient.salt / 100.0]
        water_g, fat_g, salt_g = shares.map { |share| grams * share }
        new(ingredient: ingredient, makeup: makeup, raw_g: grams.to_f, water_g: water_g, fat_g: fat_g,
            salt_g: salt_g, dry_g: [grams - water_g - fat_g - salt_g, 0.0].max, given_g: 0.0, steam_g: 0.0,
            drunk_g: 0.0, temp_c: temp_c, hot_min: 0.0, simmered_min: 0.0, state: nil,
            line: line)
      end

      # Everything that is in it, in g.
      def mass_g
        water_g + dry_g + fat_g + salt_g
      end

      # Share of the raw food that was water.
      def water_share
        makeup.water
      end

      # Heat that its raw weight takes for a degree, in J/K.
      def heat_j_k
        raw_g * ((self.class::WATER_J_G_K * water_share) + (self.class::SOLID_J_G_K * (1 - water_share)))
      end

      # Liquid that it can still give to a vessel, in g: what it brings, less what it gave and lost.
      def giving_g
        left_g = (ingredient.brings * raw_g) - given_g - steam_g
        left_g.positive? ? [left_g, removable_g].min : 0.0
      end

      # Water that can still leave it, in g.
      def removable_g
        most_g = (self.class::MOST_OUT * makeup.water * raw_g) + drunk_g - given_g - steam_g
        most_g.clamp(0.0, water_g.positive? ? water_g : 0.0)
      end

      # Water that it still wants to take up, in g: pulses, dried food.
      def thirst_g
        [(ingredient.takes * raw_g) - drunk_g, 0.0].max
      end

      # The same after it gave so much liquid, in g.
      def giving(grams)
        with(water_g: water_g - grams, given_g: given_g + grams)
      end

      # The same after it lost so much as steam, in g.
      def steaming(grams)
        with(water_g: water_g - grams, steam_g: steam_g + grams)
      end

      # The same after it took up so much, in g.
      def drinking(grams)
        with(water_g: water_g + grams, drunk_g: drunk_g + grams)
      end

      # A `share` of it.
      def part(share)
        with(raw_g: raw_g * share, water_g: water_g * share, dry_g: dry_g * share, fat_g: fat_g * share,
             salt_g: salt_g * share, given_g: given_g * share, steam_g: steam_g * share,
             drunk_g: drunk_g * share)
      end

      # Heat capacity of what is not yet free water of it, in J/K: what it will give counts with the liquid.
      def solids_j_k
        own_g = mass_g - giving_g - drunk_g
        (own_g * (ingredient.dry ? Pot::DRY_FOOD_J_G_K : Pot::MOIST_FOOD_J_G_K)) +
          (drunk_g * self.class::WATER_J_G_K)
      end

      # Of the water that it gives or gave, what is bound in a sauce, in g.
      def bound_g
        makeup.binds * (giving_g + given_g)
      end

      # Room that it takes, in mL: leaves fill more until they have wilted.
      def volume_ml
        leaves = ingredient.hot_g_ml && hot_min < self.class::WILTED_MIN
        leaves ? mass_g / ingredient.g_ml : ingredient.room_ml(mass_g)
      end
    end
  end
end
