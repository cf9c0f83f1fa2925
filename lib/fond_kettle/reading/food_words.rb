# frozen_string_literal: true

module FondKettle
  module Reading
    # Words that stand for a line by what it is, not by its name: "lift out the meat".
    class FoodWords
      # The words, and the care (of a Larder::Ingredient) of what they mean.
      MEANT = { "meat" => %w[poultry whole-cut minced raw-meat], "fish" => %w[raw-fish] }.freeze

      SALT = "salt"
      # "In salted water": what is left of the salt that is listed.
      SALTED = "salted"

      # `lines`: ReadLines.
      def initialize(lines)
        @of = MEANT.transform_values do |care|
          lines.each_index.select { |index| lines[index].ingredient&.care.to_a.intersect?(care) }
        end
        @own = lines.flat_map(&:said)
        @salts = lines.each_index.select { |index| lines[index].ingredient&.key == SALT }
      end

      # [index, sure] of each line that words mean, surely where there is one; a word that stands in a line's
      # own name means that line. `open`: indexes of lines of which nothing was taken.
      def in(said, open)
        salts = said.include?(SALTED) ? (@salts & open).first(1).map { |index| [index, true] } : []
        salts + ((MEANT.keys & said.to_a) - @own).flat_map do |word|
          @of[word].map { |index| [index, @of[word].one?] }
        end
      end

      # The word by which a line is meant, where it has one ("meat").
      def word(index)
        @of.find { |word, indexes| indexes.include?(index) && !@own.include?(word) }&.first
      end
    end
  end
end
