# frozen_string_literal: true

require "set"
require_relative "../../ground/value"
require_relative "../../larder/names"
require_relative "alike_lines"
require_relative "ground_pepper"
require_relative "made_names"
require_relative "name_forms"
require_relative "../rows/shared_amounts"
require_relative "../words/certainty"
require_relative "../words/food_words"
require_relative "named_shares"
require_relative "named_water"
require_relative "read_line"
require_relative "../words/said_share"
require_relative "../words/word_patterns"

module FondKettle
  module Reading
    # A line that a clause names: the `index` of it, `share` where its words say how much (0.5, "rest"), and
    # the `certainty` (Certainty) that it is meant: all of its name is said, or no other line has the word.
    # `onto`: something is put to it.
    NamedLine = Value.define(:index, :share, :certainty, :onto) do
      # True where nobody has to be asked whether it is meant.
      def sure?
        !FondKettle::Reading::Certainty.asks?(certainty)
      end
    end

    # Finds the lines that the words of a clause name.
    class NamedLines
      # "The chicken" is no chicken cube; "the pumpkin" is the pumpkin cubes.
      CUBE = /\bcubes?\z/i
      CUT = "cube"
      INTO = /\bto\b|\binto\b/i
      # The number of a time tells nothing apart: "for 2 minutes" are no "2 tbsp".
      TIMES = /\b\d+\s*(?:-\s*\d+\s*)?(?:min|mins|minutes?|secs?|seconds?|h|hours?)\b/i
      # Words that tell nothing apart.
      STOP = %w[a an the of in on and or with to for from at it g ml kg cup rice one].freeze
      UNITS = %w[tbsp tsp cup].freeze
      PARTS = %w[leaf seed piece].freeze
      BAY = "bay-leaf"
      # What is wrapped goes on the leaves that are listed.
      EACH_LEAF = /\beach\s+(?:leaf|leaves)\b/i
      # "In the oil of the tuna": none of the fish.
      OUT_OF = /(?<=\boil|\bbrine)\s+(?:of|from)\s+the\s+[[:alpha:]]+/i
      # What food a fat was used for, or a broth made of: "the onion oil", "3 cups of the chicken broth".
      MODIFIES = /\bfishy\s+(?=milk\b)
                  |\b(?:onion|shallot|garlic|chilli|chicken|duck|bacon|sausage|fish|shrimp|prawn|mussel|clam
                  |mushroom|porcini|shiitake|bean|egg|pea|potato|spinach|noodle|pasta|ham)\s+
                  (?=(?:oil|fat|broth|stock|liquor|juices?|(?:soaking\s+)?water)\b)/ix
      # A vessel for rice is no rice, nor is what is made of it.
      RICE_POT = /\brice\s+(?=(?:pot|cooker|bowl|pan|wine|vinegar|flour|noodles?|papers?|milk)\b)/i
      RUNS_OFF = %w[oil fat broth stock liquor juice].freeze
      # A name is said in one part: "the stock, put the chicken back" says no chicken stock.
      PARTS_OF_CLAUSE = /[,;:.]\s|\s(?:and|&|\+)\s/i

      # `lines`: ReadLines.
      def initialize(lines)
        @lines = lines
        @names = lines.map { |line| words_of(line) }
        @made = MadeNames.new(@names)
        @water = NamedWater.new(lines, @names)
        @food_words = FoodWords.new(lines)
        @patterns = WordPatterns.new
        @forms = NameForms.new(lines, @names)
        # What tells a line from another of its name.
        @marks = lines.map { |line| (Larder::Names.ours.words(line.text) | NameForms.raw(line.text)) - STOP }
        @alike = AlikeLines.new(lines, @names, @marks)
        @shares = NamedShares.new(lines) { |index| [*@names[index], *@food_words.words_for(index)] }
        @owners = Hash.new { |all, word| all[word] = [] }
        @names.each_with_index { |words, index| words.each { |word| @owners[word] << index } }
      end

      # NamedLines of a text, in the order of the lines; of several of one name, those that are told apart in
      # the text, or the first of which nothing was taken (`open`: indexes of these), or of which something is
      # left (`left`).
      def in(text, open = @names.each_index.to_a, left = open)
        text = GroundPepper.without(SharedAmounts.spelled(text), @lines).gsub(MODIFIES) do |words|
          modifies?(words) ? "" : words
        end
        text = @made.without(text)
        bare = text.gsub(RICE_POT, "").gsub(OUT_OF, "")
        said = Larder::Names.ours.words(bare).to_set
        parts = bare.split(PARTS_OF_CLAUSE)
        all = parts.flat_map { |part| longest(all_said(part)) }.uniq
        found = named(all, said, text, open)
        found += alone(parts, found.map(&:first))
        first = rest?(found, text) ? [*(left - open), *open] : [*open, *left]
        @alike.told_apart(found, said | NameForms.raw(text.gsub(TIMES, " ")), first).sort.map do |index, sure|
          NamedLine.new(index: index, share: share(index, text), onto: onto?(index, text),
                        certainty: sure ? Certainty::SAID : Certainty::SHARED)
        end
      end

      # True where a text says all of a line (its index) by a measure: "3 tbsp oil".
      def measured?(index, text)
        @shares.all?(index, text)
      end

      private

      # True where the rest of a line is named: of two butters the one that was begun.
      def rest?(found, text)
        text.match?(SaidShare::SAYS_REST) && found.any? { |index, _| share(index, text) == SaidShare::REST }
      end

      # [index, sure] of each line that a text names: by its own words, or by others that stand for it.
      def named(all, said, text, open)
        found = own(all.map { |index| [index, true] } + parts(said, all), text, open)
        found += leaves(said, open) if text.match?(EACH_LEAF) || found.all? { |index, _| @lines[index].runs? }
        known = found.map(&:first)
        found + @food_words.in(text, said, open, known).reject { |meant| known.include?(meant.first) }
      end

      # [index, true] of lines that a part of a text names by a word that another part has in a whole name:
      # "fish in turmeric, fish sauce" is fish too.
      def alone(parts, found)
        named = parts.flat_map do |part|
          fresh = Larder::Names.ours.words(part) - all_said(part).flat_map { |index| @names[index] }
          fresh.map { |word| (@owners.fetch(word, []) - found).reject { |index| poured?(index) } }
        end
        named.select(&:one?).flatten.uniq.map { |index| [index, true] }
      end

      # True where no line is called so: "the onion oil" is oil.
      def modifies?(words)
        word = Larder::Names.ours.words(words).first
        @names.none? { |names| names.include?(word) && names.intersect?(RUNS_OFF) }
      end

      # Words by which a line is named again: vinegar that is called after rice is none.
      def words_of(line)
        words = line.names.select { |word| word.size > 1 && !UNITS.include?(word) }
        words -= [CUT] if line.ingredient && !line.ingredient.name.match?(CUBE)
        line.grain || words.one? ? words : words - [ReadLines::RICE]
      end

      # Those of some lines that one part of a text says whole; of lines of which one's name lies within
      # another's, the longer: "coconut milk" is no "milk".
      def longest(all)
        return all if all.map { |index| @names[index].size }.uniq.one?

        all.reject { |index| all.any? { |other| within?(index, other) } }
      end

      def all_said(part)
        said = Larder::Names.ours.words(part).to_set
        written = NameForms.raw(part)
        @names.each_index.select do |index|
          @names[index].any? && @names[index].all? do |word|
            said.include?(word)
          end && !@forms.other?(index, written)
        end
      end

      def within?(index, other)
        @names[other].size > @names[index].size && (@names[index] - @names[other]).empty?
      end

      # [index, sure] of each line of which some word is said that no whole name explains: surely where it is
      # the last of its name or no other's. "The chicken" is no chicken stock.
      def parts(said, all)
        fresh = said - all.flat_map { |index| @names[index] }
        (fresh.flat_map { |word| @owners.fetch(word, []) }.uniq - all).filter_map do |index|
          found = @names[index] & fresh.to_a
          last = found.include?(@names[index].last)
          [index, last || only?(index, found)] if last || !poured?(index)
        end
      end

      # True where words name no other line, but for what is poured.
      def only?(index, words)
        words.all? { |word| @owners[word].reject { |other| poured?(other) } == [index] }
      end

      def poured?(index)
        @lines[index].runs? || (@lines[index].food.match?(CUBE) && @names[index].include?(CUT))
      end

      # Without water that is not the dish's own, and what only another part of the method names.
      def own(found, text, open)
        found.reject do |index, _|
          line = @lines[index]
          !as_written?(line, text) &&
            ((line.spoken && open.include?(index)) || @water.other?(index, text, open))
        end
      end

      # True where a text has a line's own words: more than the bare name of it.
      def as_written?(line, text)
        (line.text.include?(" ") || (line.spoken && line.amount.nil?)) && text.include?(line.text)
      end

      # A part of a plant that stands for it: "the leaves"; no bay leaf that was not spoken of before.
      def leaves(said, open)
        parts = PARTS & said.to_a
        found = @marks.each_index.select { |index| @marks[index].intersect?(parts) }
        found = found.reject { |index| open.include?(index) && @lines[index].ingredient&.key == BAY }
        found.size == 1 ? found.map { |index| [index, true] } : []
      end

      def share(index, text)
        own = @lines[index].text
        text = text.sub(own, own[/\S+\s*\z/].to_s) if as_written?(@lines[index], text)
        @shares.of(index, text)
      end

      # "to the lentils"
      def onto?(index, text)
        text.match?(INTO) && [*@names[index], *@food_words.words_for(index)].any? do |word|
          text.match?(@patterns.of(word, WordPatterns::ONTO))
        end
      end
    end
  end
end
