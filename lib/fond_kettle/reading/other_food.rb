# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../measure/amounts"
require_relative "lines/line_json"

module FondKettle
  module Reading
    # A line of a dish of schema 2 (a hash) as it is of another food than was read.
    class OtherFood
      UNKNOWN = "must be a food that is known here, such as leek"

      # `names`: Larder::Names; `reader`: ReadLines.
      def initialize(names, reader)
        @names = names
        @reader = reader
      end

      # The line with as much as was written of the food that a text names, its id and its words as they were.
      # Raises InvalidInput where nobody knows that food.
      def line(line, text)
        read = @reader.read("#{amount(line)}#{text}").first if @names.find(text)
        raise InvalidInput.at("food", UNKNOWN) unless read&.ingredient

        LineJson.call(read.with(id: line["id"], text: line["text"], note: line["note"]))
      end

      private

      # How much a line says, in words before its food.
      def amount(line)
        number, unit, weight_g = line.values_at("amount", "unit", "g")
        return "#{Measure::Amounts.say(number, unit)} " if number

        weight_g ? "#{weight_g.round(1)} g " : ""
      end
    end
  end
end
