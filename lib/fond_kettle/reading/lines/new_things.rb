# frozen_string_literal: true

require_relative "../../larder/names"

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
      # How warm a liquid is names none.
      HOT = /\A(?:boiling|hot|warm|cold|lukewarm)\s+/i

      # `lines`: ReadLines that are listed already; `names`: Larder::Names.
      def initialize(lines, names = Larder::Names.ours)
        @names = names
        @lines = lines
        @waters = lines.select { |line| line.ingredient&.water? }.map(&:text)
      end

      # True for a name with its amount, the first word of which is given, that no line stands for. Water that
      # is measured is another line's where that has another measure. `dealt`: a part of what there is.
      def thing?(name, amount, dealt: false)
        words = @names.words(name.sub(HOT, "").split(/\sof\s/i).last)
        case words
        when WATER then @waters.none? { |text| says?(text, amount) }
        when OIL then @lines.none? { |line| line.ingredient&.fat? } || other?(name, words, dealt)
        else other?(name, words, dealt) || (words == SALT && more_salt?(amount))
        end
      end

      private

      # True where salt is listed with another measure than that.
      def more_salt?(amount)
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
