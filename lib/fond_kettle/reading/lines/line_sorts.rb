# frozen_string_literal: true

require_relative "../../methods/request/provision"
require_relative "../words/food_words"

module FondKettle
  module Reading
    # Sorts of things that a ReadLine is, where these say how it moves between vessels.
    module LineSorts
      SALT = "salt"
      SEASONS = [Methods::Slots::SALT, Methods::Slots::SPICE].freeze
      THIN = FoodWords.row("thin liquid")

      module_function

      # True for what stays in its vessel when somebody lifts out what lies in it: fat, liquid.
      def stays?(line)
        line.ingredient.nil? || line.runs? || THIN.means?(line.ingredient)
      end

      # True for salt and spice.
      def seasoning?(line)
        !line.ingredient.nil? && SEASONS.include?(Methods::Slots.of(line.ingredient))
      end

      # True for what is fetched from no vessel, as there is more of it: salt, and a spice of which nobody
      # says how much.
      def endless?(line)
        line.ingredient&.key == SALT || (line.g.nil? && line.amount.nil? && seasoning?(line))
      end

      # True for water, and salt that goes into it.
      def brine?(line)
        !line.ingredient.nil? && (line.ingredient.water? || line.ingredient.key == SALT)
      end

      # True for what is mixed in or eaten by itself, and neither runs nor only seasons.
      def solid?(line)
        !stays?(line) && !seasoning?(line)
      end
    end
  end
end
