# frozen_string_literal: true

require_relative "../../measure/unit_table"
require_relative "jotting"

module FondKettle
  module Dishes
    # Weight of a jotted amount.
    class JottedWeight
      EACH = /\Aeach\s+/i
      IN_ALL = /\A(?:about|roughly|around|ca\.?)\s|\b(?:in\s+(?:all|total)|altogether)\b/i

      # `amounts`: Measure::Amounts.
      def initialize(amounts)
        @amounts = amounts
      end

      # g of so much of an Ingredient, or nil where nobody knows. What stood in brackets
      # (`inner`, or nil) may say it: of each can ("2 cans (400 g)"), else of it all
      # ("2 onions (300 g)", "1 1/2 cups (300 g)").
      def in_grams(amount, unit, ingredient, inner)
        said_g = bracketed_g(inner, ingredient.g_ml)
        return weigh(amount, unit, ingredient) if said_g.nil? || Measure::UnitTable.mass?(unit)

        each?(inner, unit) && !all?(said_g, amount, ingredient.piece_of(unit)) ? amount * said_g : said_g
      end

      private

      # "12 cubes (about 80 g)" is all of them.
      def each?(inner, unit)
        return true if inner.match?(/\beach\b/i)

        Measure::UnitTable.piece?(unit) && unit != Measure::UnitTable::PIECE && !inner.match?(IN_ALL)
      end

      # "8 chicken thighs (1.1 kg)": so much is nearer to all of them than to one (`one_g`, nil: nobody
      # knows).
      def all?(said_g, amount, one_g)
        one_g && Math.log(said_g / one_g).abs > Math.log(said_g / (one_g * amount)).abs
      end

      def bracketed_g(inner, g_ml)
        said = inner && @amounts.read(inner.sub(EACH, "").sub(Jotting::APPROXIMATE, ""))
        return if said.nil? || said.unit.nil? || Measure::UnitTable.piece?(said.unit)

        @amounts.convert(said.number, said.unit, "g", g_ml)
      end

      # nil where a piece is not one of what the ingredient is counted by: a tin of
      # tomatoes is no tomato, a leaf of cabbage no cabbage.
      def weigh(amount, unit, ingredient)
        return @amounts.convert(amount, unit, "g", ingredient.g_ml) unless Measure::UnitTable.piece?(unit)

        one_g = ingredient.piece_of(unit)
        one_g && (amount * one_g)
      end
    end
  end
end
