# frozen_string_literal: true

require_relative "broth_given"

module FondKettle
  module Reading
    # Tells the water of a dish, and what is listed for it, from other water that a text speaks of.
    class NamedWater
      # The water that a line says: others are poured away.
      OWN_WATER = %r{\b(?:the|its|measured|boiling|hot|all)\s+(?:(?!salted)[[:alpha:]]+\s+)?water\b|
                   \bin(?:to)?\s+(?:the|an?)\s+(?:[[:alpha:]]+\s+){1,2}(?:with|w/)\s+water\b|
                   (?:\bthe\s+\d+\s*[[:alpha:]]+\s+(?:of\s+)?|\A|,\s|[+&]\s|\b(?:add|and)\s)water\b
                   |\bbring\s+water\s*(?:,|\band\b)}ix
      STEAM_WATER = /\b(?:over|above)\s+(?:an?\s+(?:pan|pot)\s+of\s+)?(?:boiling|simmering)\s+water\b
                    |\b(?:plenty|lots)\s+of\s+(?:[[:alpha:]]+\s+){0,2}water\b/ix
      # What is listed for it: "2 tbsp salt for the water".
      FOR_WATER = /\bfor\s+the\s+(?:[[:alpha:]]+\s+)?water\b/i
      WET = /\b(?:water|boil(?:s|ing|ed)?|rice|pot)\b/i

      # `lines`: ReadLines; `names`: of each the words that name it.
      def initialize(lines, names)
        @lines = lines
        @names = names
      end

      # True where a text means other water than a line's (its index), or speaks of none where the line is for
      # water; `open`: indexes of lines of which nothing was taken.
      def other?(index, text, open)
        other_water?(index, text, open) || for_water?(@lines[index], text)
      end

      private

      def other_water?(index, text, open)
        line = @lines[index]
        return false unless line.ingredient&.water? && line.food.match?(/water\z/i)
        return false if open.include?(index) && steeped?(index, text)

        !text.sub(STEAM_WATER, "").match?(OWN_WATER) || BrothGiven.of_food?(text)
      end

      def for_water?(line, text)
        line.text.match?(FOR_WATER) && !text.match?(WET)
      end

      # "The saffron water", of water that is listed right behind the saffron.
      def steeped?(index, text)
        word = @names[index - 1].last if index.positive?
        !word.nil? && text.match?(/\b#{Regexp.escape(word)}\s+water\b/i)
      end
    end
  end
end
