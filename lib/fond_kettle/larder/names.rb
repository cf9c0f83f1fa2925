# frozen_string_literal: true

require "set"
require_relative "allergen_words"
require_relative "grains"
require_relative "plain_words"
require_relative "ingredients"
require_relative "../ground/remembered"
require_relative "../measure/cup"
require_relative "spelling"

module FondKettle
  module Larder
    # Finds ingredients and grains by what cooks call them: the longest known name
    # in what was written, singular or plural.
    class Names
      IRREGULAR = { "leaves" => "leaf", "tomatoes" => "tomato", "potatoes" => "potato",
                    "chillies" => "chilli", "mangoes" => "mango", "halves" => "half",
                    "radishes" => "radish", "peaches" => "peach",
                    "bunches" => "bunch" }.freeze
      # What says of a thing only how it is.
      DESCRIBES = %w[a an the some few more large small big little medium fresh ripe warm hot cold chopped
                     sliced diced grated crushed minced whole peeled toasted roasted
                     drained rinsed of raw finely thinly roughly good].to_set.freeze
      MOST_NAMES = 3000
      # Names of cuts that are an animal's own only where no other is named.
      CUTS = [%w[steak]].freeze
      # What rice is taken to be that is only called rice.
      PLAIN_RICE = "long-white"
      NOT_RICE = /rice (?:wine|paper|cooker|cake|cracker|bran|starch|syrup)|cauliflower rice/i
      RICE = /\brice\b|\A(?:basmati|jasmine)/i
      GRAIN_KEYS = Grains.all.keys.flat_map { |key| [[key, key], [key.tr("-", " "), key]] }.to_h.freeze
      # By what is said of the rice, the longest first.
      GRAIN_PATTERNS = Grains.all.values
                             .flat_map { |grain| [*grain.also, grain.key.tr("-", " ")].product([grain.key]) }
                             .sort_by { |name, _| -name.length }
                             .map { |name, key| [/\b#{Regexp.escape(name)}\b/i, key] }.freeze
      ACCENTS = "\u0300\u0301\u0302\u0303\u0308\u0327"
      # Leaves, and no colour.
      GREENS = "greens"
      SMOKED = /\bsmoked\b/i
      MINCED = /\b(?:minced?|ground)\b/i
      # What minced meat is, by the care of the meat that it is of.
      MINCED_OF = { "poultry" => "minced-poultry", "whole-cut" => "minced-meat" }.freeze
      TINNED = /\b(?:cooked|tinned|canned|drained)\b/i

      # A name of several: "bay leaves", "slices of lemon"; the last word before an "of" or "in".
      def self.plural(name)
        head(name) { |word| IRREGULAR.key(word) || (regular?(word) ? Measure.plural(word) : word) }
      end

      # A name of one: "bay leaf", "onion".
      def self.singular(name)
        head(name) { |word| ours.words(word).first || word }
      end

      # Name with its head word as the block has it.
      def self.head(name, &)
        name.sub(/[[:alpha:]]+(?=\s+(?:in|of|with)\s|\s*\z|,)/i, &)
      end

      def self.regular?(word)
        ours.words(word).first == word.downcase && !word.end_with?("s")
      end
      private_class_method :head, :regular?

      # A catalogue's own, and `own` (Ingredient) of the house, which come first.
      def self.with(own)
        own.empty? ? ours : new([*Ingredients.all.values, *own])
      end

      # The catalogue's own.
      def self.ours
        @ours ||= new(Ingredients.all.values)
      end

      # `ingredients`: a list of Ingredient; when two share a name the later one has it.
      def initialize(ingredients)
        # The same names are asked for at every row, sentence and part of a text.
        @words = Remembered.new(MOST_NAMES) { |name| words_of(name) }
        @by_name = {}
        @exact = {}
        @counted = {}
        @anywhere = {}
        ingredients.each { |ingredient| enter(ingredient) }
        @after_rice = @by_name.filter_map { |name, known| known.key if name.include?("rice") }
        @longest = @by_name.keys.map(&:size).max
        @allergens = AllergenWords.new(@by_name)
      end

      # True when a text names one thing and nothing else, descriptions aside.
      def whole?(text)
        known = words(text).reject { |word| DESCRIBES.include?(word) }
        known.any? && (@by_name.key?(known) || @by_name.key?(words(text)))
      end

      # The ingredient that `find` returns, with the allergens that the cook's own words add.
      #
      #   as_written("walnut butter").allergens # => ["milk", "nut"]
      def as_written(text, unit = nil)
        found = find(text, unit)
        found && @allergens.read(found, words(text), text)
      end

      # The Ingredient that `text` names, or nil; `unit` helps where a name is two
      # things (a can of beans is cooked).
      def find(text, unit = nil)
        said = words(text)
        found = (tinned(said) if unit == "can") || counted(said, unit) || @exact[text.strip.downcase] ||
                named(said)
        found && (as_treated(found, text, unit) || found)
      end

      # The key of the grain that `text` names, or nil where it is not about rice, or names
      # another thing that is called after it ("rice milk", "wild rice").
      def grain(text)
        return if text.match?(NOT_RICE)

        GRAIN_KEYS.fetch(text.strip.downcase) do
          next if !text.match?(RICE) || @after_rice.include?(find(text)&.key)

          words = GRAIN_PATTERNS.find { |pattern, _| text.match?(pattern) }
          words ? words.last : PLAIN_RICE
        end
      end

      # The words of a name, small and singular: what names are compared by.
      #
      #   words("Spring onions") # => ["spring", "onion"]
      def words(name)
        @words[name]
      end

      private

      def words_of(name)
        bare = name.downcase.unicode_normalize(:nfd).delete(ACCENTS)
        bare.scan(/[[:alpha:]]+/).map { |word| Spelling.right(singular(word)) }.freeze
      end

      def enter(ingredient)
        [ingredient.key.tr("-", " "), ingredient.name, *ingredient.also].each do |name|
          @by_name[words(name)] = ingredient
          @exact[name.downcase] = ingredient
        end
        ingredient.counted.each { |name| @counted[words(name)] = ingredient }
        ingredient.anywhere.each { |name| @anywhere[words(name)] = ingredient }
      end

      # What it is once it was minced, cooked or smoked, or nil.
      def as_treated(found, text, unit)
        return minced(found, text) if text.match?(MINCED)
        return Ingredients.fetch("cooked-pulse") if found.care.include?("pulses") && cooked?(text, unit)

        Ingredients.fetch("smoked-fish") if found.care.include?("raw-fish") && text.match?(SMOKED)
      end

      # Minced meat is cooked hotter than whole cuts, and poultry hotter still.
      def minced(found, text)
        meat = named(words(text.gsub(MINCED, " "))) || found
        key = MINCED_OF.find { |care, _| meat.care.include?(care) }&.last
        key && Ingredients.fetch(key)
      end

      def cooked?(text, unit)
        unit == "can" || text.match?(TINNED)
      end

      # What a name means where it is counted ("2 peppers"), or with what it is counted in ("2 bouillon
      # cubes"), or nil.
      def counted(said, unit)
        return unless Measure::UnitTable.piece?(unit)
        return @counted[longest(said)] if unit == Measure::UnitTable::PIECE

        with_unit = longest([*said, *words(unit)])
        @by_name[with_unit] if with_unit&.last == words(unit).last && with_unit.size > 1
      end

      # What all words of a name say that stand anywhere ("hot green peppers"), else the longest name that
      # stands in one piece.
      def named(said)
        name = longest(said)
        return of_animal(said - name) if CUTS.include?(name) && (said - name).any? { |word| tells?(word) }

        apart = @anywhere.keys.select do |all|
          all.size >= name.to_a.size && (all - said).empty?
        end.max_by(&:size)
        apart ? @anywhere.fetch(apart) : @by_name[name]
      end

      # "Salmon steak" is salmon, and of an animal that nobody knows nobody knows what a steak is.
      def of_animal(words)
        @by_name[longest(words.select { |word| tells?(word) })]
      end

      def tells?(word)
        !DESCRIBES.include?(word) && !PLAIN_WORDS.include?(word)
      end

      # What is known to come in a can by that name, or nil.
      def tinned(said)
        [["tinned", *said], ["tinned", *said.last(1)]].lazy.map { |list| @by_name[longest(list)] }
                                                      .find { |found| found&.piece == "can" }
      end

      # The longest known name within a list of words, the last of several, or nil.
      def longest(words)
        [@longest, words.size].min.downto(1) do |size|
          (words.size - size).downto(0) do |start|
            name = words[start, size]
            return name if @by_name.key?(name)
          end
        end
        nil
      end

      def singular(word)
        IRREGULAR.fetch(word) do
          next word if word == GREENS
          next "#{word.delete_suffix('ies')}y" if word.end_with?("ies") && word.length > 4

          if word.length > 3 && word.end_with?("s") && !word.end_with?("ss", "us")
            word.delete_suffix("s")
          else
            word
          end
        end
      end
    end
  end
end
