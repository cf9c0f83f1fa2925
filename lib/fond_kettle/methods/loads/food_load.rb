# frozen_string_literal: true

require_relative "../../kit/atmosphere"
require_relative "../../pot/load"

module FondKettle
  module Methods
    # The load on the pot of food and liquids beside the rice.
    module FoodLoad
      module_function

      # The water, uptake, weight and volume of the additions (Addition). Food that is lifted out leaves only
      # the water that it brought.
      def of(list)
        { brought_g: brought_g(list), poured_g: brought_g(list.select(&:poured)),
          drink_g: list.sum(0.0) { |addition| addition.g * addition.ingredient.takes },
          solids_j_k: list.reject(&:out).sum(0.0) { |addition| solids_j_k(addition) },
          bulk_ml: room_ml(list.select(&:stays?)),
          poured_ml: room_ml(list.select(&:poured)) }
      end

      # g of water of a list of additions.
      def brought_g(list)
        list.sum(0.0) { |addition| addition.g * addition.ingredient.brings }
      end

      # mL of a list of additions.
      def room_ml(list)
        list.sum(0.0) { |addition| addition.ingredient.room_ml(addition.g) }
      end

      # Temperature of the food, in °C. Food in a broth is as hot as the broth; several temperatures have
      # their mean by heat capacity.
      def food_c(request, text, cold_c)
        return Kit::Atmosphere.boiling_point_c(request.altitude_m) if text.broth
        return cold_c if request.additions.all? { |addition| addition.start_c.nil? }

        held = request.additions.map { |addition| [solids_j_k(addition), addition.start_c || cold_c] }
        all_j_k = held.sum(&:first)
        all_j_k.zero? ? cold_c : held.sum { |j_k, at_c| j_k * at_c } / all_j_k
      end

      # Its own heat capacity without the water it brings, which is counted as water.
      def solids_j_k(addition)
        per_g = addition.ingredient.dry ? Pot::DRY_FOOD_J_G_K : Pot::MOIST_FOOD_J_G_K
        addition.g * (1 - addition.ingredient.brings) * per_g
      end

      private_class_method :solids_j_k
    end
  end
end
