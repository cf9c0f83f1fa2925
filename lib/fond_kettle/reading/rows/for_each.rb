# frozen_string_literal: true

require_relative "../../measure/numeral"

module FondKettle
  module Reading
    # Amounts for one person, in a list: "1 large egg per person" is four for four.
    module ForEach
      PERSON = /(?<!\bon)(?<!\bon\s)(?<!\bonto)(?<!\bonto\s),?\s*\b(?:per|for\s+each|for\s+every|a)\s+
                (?:person|head|portion|serving|plate|guest)\b|
                ,?\s+each\s+person\b/ix
      # "1 egg each": a count of one thing.
      EACH = /\A(?<thing>(?:\d+|an?|one|two)\s+[[:alpha:]][[:alpha:] -]{1,40}?)\s+each\z/i
      # Of several things each has so much, and a weight each is of a piece.
      SEVERAL = /,|\b(?:and|of)\b|\b(?:g|kg|oz|ml|tsp|tbsp)\b/i
      FIRST = /\A(?<number>an?|one|two|three|\d+(?:[.,]\d+)?|[½¼¾])(?=\s|g\b|kg\b|ml\b|oz\b)/i

      module_function

      # A row for so many (nil: nobody says).
      #
      #   for_all("1 egg per person", 4) # => "4 egg"
      def for_all(row, serves)
        one = bare(row)
        return row unless one && serves

        one.sub(FIRST) { |number| times(number, serves) }
      end

      def bare(row)
        return row.sub(PERSON, "").strip if row.match?(PERSON)

        found = EACH.match(row)
        found[:thing] if found && !found[:thing].match?(SEVERAL)
      end

      def times(number, serves)
        count = Measure::Numeral.read(number.sub(/\Aan?\z/i, "1"))&.first || 1
        Measure::Numeral.write(count * serves)
      end
      private_class_method :bare, :times
    end
  end
end
