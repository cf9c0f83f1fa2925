# frozen_string_literal: true

require_relative "../../kit/atmosphere"
require_relative "../../pot/load"
require_relative "../../vessels/contents"

module FondKettle
  module Methods
    # The load on the pot of what lies in its vessel when the rice goes in, and of the liquids that are poured
    # with the model's own.
    module FoodLoad
      module_function

      # The water, uptake, heat capacity and room of `contents` (Vessels::Contents), with `poured` (Additions)
      # and `left_g` of water from food that was lifted out again.
      def of(contents, poured: [], left_g: 0.0)
        { brought_g: water_g(contents) + brought_g(poured) + left_g, poured_g: brought_g(poured),
          drink_g: contents.foods.sum(0.0, &:thirst_g) + poured.sum(0.0) do |one|
            one.g * one.ingredient.takes
          end,
          solids_j_k: solids_j_k(contents) + poured.sum(0.0) { |one| poured_j_k(one) },
          bulk_ml: bulk_ml(contents), poured_ml: poured.sum(0.0) { |one| one.ingredient.room_ml(one.g) },
          dried_g: 0.0, bound_g: 0.0 }
      end

      # The same of Additions to which nothing was done.
      def plain(additions)
        foods = additions.map { |addition| Vessels::Food.of(addition.ingredient, addition.in_pot_g) }
        of(foods.reduce(Vessels::Contents.of) { |contents, food| contents.taking(food) })
      end

      # Water of the contents that the rice gets, in g: free, and what foods still give.
      def water_g(contents)
        contents.foods.sum(contents.liquid_g, &:giving_g)
      end

      # Of that, what is bound in a sauce, in g.
      def bound_g(contents)
        [contents.foods.sum(0.0, &:bound_g), water_g(contents)].min
      end

      # Heat capacity of the contents without that water, in J/K.
      def solids_j_k(contents)
        contents.foods.sum(contents.fat_g * Pot::MOIST_FOOD_J_G_K, &:solids_j_k)
      end

      # Room that the contents take once they are hot, in mL.
      def bulk_ml(contents)
        contents.foods.sum(contents.liquid_g + (contents.fat_g / Vessels::Contents::FAT_G_ML)) do |food|
          food.ingredient.room_ml(food.mass_g)
        end
      end

      # Water of a list of Additions, in g.
      def brought_g(list)
        list.sum(0.0) { |addition| addition.g * addition.ingredient.brings }
      end

      # Temperature of the contents by their heat capacity, in °C; `else_c` where there is nothing.
      def temp_c(contents, else_c)
        parts = contents.foods.map { |food| [food.solids_j_k, food.temp_c] }
        all_j_k = parts.sum(&:first)
        all_j_k.zero? ? else_c : parts.sum { |j_k, at_c| j_k * at_c } / all_j_k
      end

      # Its own heat capacity without the water it brings, which is counted as water.
      def poured_j_k(addition)
        per_g = addition.ingredient.dry ? Pot::DRY_FOOD_J_G_K : Pot::MOIST_FOOD_J_G_K
        addition.g * (1 - addition.ingredient.brings) * per_g
      end
      private_class_method :solids_j_k, :bulk_ml, :poured_j_k
    end
  end
end
