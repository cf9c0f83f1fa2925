# frozen_string_literal: true

require_relative "../../ground/remembered"

module FondKettle
  module Reading
    # The names of lines as they are written: "peppers" are no "pepper".
    class NameForms
      SPICE = "spice"
      RAW = Remembered.new(1000) { |text| text.downcase.scan(/[[:alpha:]]+|\d+/).freeze }
      private_constant :RAW

      # The words of a text as they are written, and its numbers.
      def self.raw(text)
        RAW[text]
      end

      # `lines`: ReadLines; `names`: of each the words that name it.
      def initialize(lines, names)
        @lines = lines
        @names = names
        @forms = lines.map { |line| self.class.raw(line.food) }
      end

      # True where another line than the one of an index, whose name is one word, has that word as it is
      # `written`: "peppers" are the bell peppers, and no ground pepper.
      def other?(index, written)
        return false if @names[index].size > 1 || @forms[index].intersect?(written)

        word = @names[index].first
        others = @names.each_index.select { |other| other != index && @names[other].last == word }
        others.any? { |other| ground?(index) || @forms[other].intersect?(written) }
      end

      private

      def ground?(index)
        @lines[index].ingredient&.aisle == SPICE
      end
    end
  end
end
