# frozen_string_literal: true

require_relative "../ground/keyed_catalogue"
require_relative "../ground/schema"

module FondKettle
  module Larder
    # The allergens that a cook's own words add to those of the ingredient: a qualifier that names one is
    # never lost ("walnut butter"), and an unknown qualifier is reported as not checked ("moonberry butter").
    # The words are listed in data/allergen_words.yml.
    class AllergenWords
      extend KeyedCatalogue

      CARRIER = "carrier"
      HARMLESS = "harmless"
      TREATED = "treated"
      # What herbs come in.
      BUNCH = "bunch"
      SCHEMA = Schema.json(strict: true) do
        required(:word).filled(:string)
        required(:says).filled(:string, included_in?: [CARRIER, HARMLESS, TREATED])
      end
      rows("allergen_words.yml", SCHEMA, key: :word) { |row| row[:says] }

      # `by_name`: lists of words to the Ingredient that they name.
      def initialize(by_name)
        @by_name = by_name
        @longest = by_name.keys.map(&:size).max
      end

      # `found`, the Ingredient that `words` (singular, in lower case) are taken for, with all
      # that they say; `written` is how the cook wrote it.
      def read(found, words, written)
        named, unknown = split(words)
        allergens = (found.allergens + named.flat_map(&:allergens)).uniq
        unchecked = written if doubtful?(words, unknown) || treated?(found, unknown)
        return found if allergens == found.allergens && unchecked.nil?

        found.with(allergens: allergens.freeze, unchecked: unchecked)
      end

      private

      # The Ingredients that words name, the longest names first, and the words that name none.
      def split(words)
        named = []
        unknown = []
        rest = words
        until rest.empty?
          size = [@longest, rest.size].min.downto(1).find { |count| @by_name.key?(rest.first(count)) }
          size ? named << @by_name.fetch(rest.first(size)) : unknown << rest.first
          rest = rest.drop(size || 1)
        end
        [named, unknown]
      end

      # Said of it, and no part of its name.
      def treated?(found, unknown)
        !found.dry && found.piece != BUNCH && unknown.any? { |word| self.class.all[word] == TREATED }
      end

      def doubtful?(words, unknown)
        says = self.class.all
        words.any? { |word| says[word] == CARRIER } && unknown.any? { |word| !says.key?(word) }
      end
    end
  end
end
