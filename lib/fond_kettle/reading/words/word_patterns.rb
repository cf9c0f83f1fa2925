# frozen_string_literal: true

module FondKettle
  module Reading
    # Patterns that find a food's word in a text, in the singular and the plural, each made once.
    class WordPatterns
      # Where it stands, and where something is put to it.
      STARTS = "\\b%s"
      ONTO = "\\b(?:to|into)\\s+the\\s+%s"

      # No word was looked for yet.
      def initialize
        @made = {}
      end

      # A Regexp for a word by one of the forms above.
      def of(word, form)
        @made[[word, form]] ||= Regexp.new(format(form, Regexp.escape(stem(word))), Regexp::IGNORECASE)
      end

      private

      # A word as it begins in the singular and in the plural.
      def stem(word)
        word[0, [word.size - 1, 3].max]
      end
    end
  end
end
