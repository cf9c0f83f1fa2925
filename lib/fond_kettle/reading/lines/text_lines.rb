# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "../../larder/names"
require_relative "../rows/for_each"
require_relative "../rows/shared_amounts"
require_relative "../words/food_words"
require_relative "bare_foods"
require_relative "broth_given"
require_relative "read_line"
require_relative "spoken_lines"
require_relative "unlisted_foods"

module FondKettle
  module Reading
    # All lines of a JottedText: those that it lists, then those that only its method names.
    class TextLines
      GRAMS = "g"

      # `text`: JottedText; `names`: Larder::Names; `reader`: ReadLines.
      def initialize(text, names, reader)
        @text = text
        @names = names
        @reader = reader
        @kept = BrothGiven.kept?(text.whole)
      end

      # ReadLines, in the order of the text.
      def all
        @all = listed
        # Names by the id of its line.
        @open = @all.select { |line| open?(line) }.to_h { |line| [line.id, line.names] }
        @text.sentences.each { |sentence| with_amounts(sentence) }
        @text.sentences.product([UnlistedFoods, BareFoods]).each do |sentence, kind|
          @all.concat(spoken(kind, @all, sentence))
        end
        @all.first(Limits::LINES).freeze
      end

      private

      def listed
        serves = @text.serves
        @text.lines.zip(@text.parts).flat_map do |text, part|
          whole = ForEach.for_all(text, serves)
          @reader.read(whole, part: part, written: @text.written[text] || (text unless whole == text))
        end
      end

      # Adds what a sentence names with its amount: an amount may stand anywhere in the method.
      def with_amounts(sentence)
        sentence = SharedAmounts.spelled(sentence)
        amounts_told(sentence)
        @all.concat(spoken(SpokenLines, @all, sentence))
      end

      # ReadLines of what a sentence names and none of `lines` is.
      def spoken(kind, lines, sentence)
        texts = kind.new(lines, @names, kept: @kept).in(sentence)
        read = texts.to_h { |text| [text, @reader.read(text, spoken: true)] }
        all = lines + read.values.flatten
        read.reject { |text, _| FoodWords.made?(text, all) }.values.flatten
      end

      # What is listed without an amount has the one that the method says: "salt" and "1 tsp of salt".
      def amounts_told(sentence)
        return unless speaks_of_open?(sentence)

        spoken(SpokenLines, @all.reject { |line| @open.include?(line.id) }, sentence).each do |said|
          at = @all.index { |one| @open.include?(one.id) && one.ingredient.key == said.ingredient&.key }
          @all[at] = with_amount(@all[at], said) if at && said.g
        end
      end

      def speaks_of_open?(sentence)
        small = sentence.downcase
        @open.any? { |_, names| names.any? { |name| small.include?(name) } }
      end

      # Water has rules of its own: most of it is poured away.
      def open?(line)
        !line.ingredient.nil? && line.amount.nil? && !line.ingredient.water?
      end

      def with_amount(line, said)
        return line.with(questions: [], **said.to_h.slice(:amount, :unit, :g)) unless line.g

        line.with(amount: line.g + said.g, unit: GRAMS, g: line.g + said.g)
      end
    end
  end
end
