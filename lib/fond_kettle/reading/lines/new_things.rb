# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../larder/names"
require_relative "../../measure/units"

module FondKettle
  module Reading
    # Tells whether what a method names with its amount is a thing of its own, or one that is listed.
    class NewThings
      WATER = ["water"].freeze
      # "Another 400 ml of hot stock"
      FURTHER = /\A(?:another|an?\s+(?:further|extra))\s+(?=[\d½¼¾⅓⅔⅛])/i
      # Salt for the water, beside the marinade's.
      SALT = ["salt"].freeze
      DIGIT = /[\d½¼¾]/
      # Oil that only seasons is no oil to fry in.
      OIL = ["oil"].freeze
      NUMBER = /\A(?:[\d.,½¼¾⅓⅔⅛]+|\S+)/
      # So many times what is listed is no slip of the pen.
      MORE = 2.5
      # How warm a liquid is names none.
      HOT = /\A(?:boiling|hot|warm|cold|lukewarm)\s+/i

      # `lines`: ReadLines that are listed already; `names`: Larder::Names.
      def initialize(lines, names = Larder::Names.ours)
        @names = names
        @lines = lines
        @waters = lines.select { |line| line.ingredient&.water? }.map(&:text)
      end

      # True for a name with its amount (the words that begin with it), that no line stands for. Water that
      # is measured is another line's where that has another measure. `dealt`: a part of what there is; `of`:
      # what was read (Measure::WrittenAmount), of more than is listed, or nil.
      def thing?(name, amount, dealt: false, of: nil)
        words = @names.words(name.sub(HOT, "").split(/\sof\s/i).last)
        amount = amount.to_s[NUMBER].to_s
        case words
        when WATER then @waters.none? { |text| says?(text, amount) }
        when OIL then @lines.none? { |line| line.ingredient&.fat? } || other?(name, words, dealt)
        else other?(name, words, dealt) || more_salt?(words, amount) || more?(words, of)
        end
      end

      private

      # True for more of a food than all that is listed of it: that is listed for something else.
      def more?(words, amount)
        return false unless amount&.unit

        same = listed(words)
        same.any? && same.all?(&:g) && grams(amount, same.first) > same.sum(&:g) * MORE
      rescue InvalidInput
        false
      end

      # Lines of the list that have an amount, and a name with those words.
      def listed(words)
        @lines.select { |line| !line.spoken && line.amount && (words - line.names).empty? }
      end

      # What an amount of a line's food weighs. Raises InvalidInput where nobody knows.
      def grams(amount, line)
        Measure::Units.convert(amount.number, amount.unit, "g", g_per_ml: line.ingredient&.g_ml || 1.0)
      end

      # True where salt is listed with another measure than that.
      def more_salt?(words, amount)
        return false unless words == SALT

        salts = @lines.select { |line| line.names == SALT && !line.spoken }
        amount.match?(DIGIT) && salts.any? && salts.all? do |line|
          line.text.match?(DIGIT) && !says?(line.text, amount)
        end
      end

      # True where a text has that number: "540 ml" has no 4.
      def says?(text, number)
        text.match?(/(?<![\d.,])#{Regexp.escape(number)}(?![.,]?\d)/)
      end

      # A second onion that only the method names is another one.
      def other?(name, words, dealt)
        @lines.none? { |line| !(line.spoken && line.amount && !dealt) && listed_as?(line, name, words) }
      end

      # True for a line that words of a name stand for.
      def listed_as?(line, name, words)
        (words - line.names).empty? || ((line.names - words).empty? && alike?(name, line))
      end

      # "Fried onions" are no onion that is listed.
      def alike?(name, line)
        found = @names.find(name)
        found.nil? || line.ingredient.nil? || found.key == line.ingredient.key
      end
    end
  end
end
