# frozen_string_literal: true

require_relative "../words/food_words"

module FondKettle
  module Reading
    # Tells whether a food that a text speaks of is one of those that are listed.
    class ListedFoods
      MINCED = "minced"
      # The onions that are listed may be fried: that makes no other food of them.
      COOKED = %w[fried crispy crisp browned toasted roasted grilled caramelised caramelized].freeze

      # `lines`: ReadLines.
      def initialize(lines)
        @lines = lines
        foods = lines.filter_map(&:ingredient)
        @keys = foods.map(&:key)
        @minced = foods.flat_map(&:care) & [MINCED]
      end

      # True where a line is that food (a Larder::Ingredient), by its own name or by one of its `words`;
      # meatballs are of the mince that is listed.
      def named?(food, words)
        @keys.include?(food.key) || food.care.intersect?(@minced) || said?(food, words)
      end

      # True where a line has one of the words: chicken stock is no chicken, which has to be cooked through.
      def said?(food, words)
        @lines.any? do |line|
          line.said.intersect?(words) && !(line.runs? && (food.care - line.ingredient.care).any?) &&
            !other_allergens?(line, food, words)
        end
      end
      private :said?

      # "Sesame oil" beside the oil that is listed: what is said of it makes it another, and harms others.
      def other_allergens?(line, food, words)
        (words - line.said - COOKED).any? && (food.allergens - line.ingredient&.allergens.to_a).any?
      end
      private :other_allergens?

      # True where a name, of some `words`, stands for a line: "the meat".
      def meant?(name, words)
        @food_words ||= FoodWords.new(@lines)
        @food_words.in(name, words, @lines.each_index.to_a).any?
      end
    end
  end
end
