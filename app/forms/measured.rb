# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/figures"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/measure/amounts"
require_relative "../../lib/fond_kettle/measure/unit_table"

module FondKettle
  module Forms
    # An amount typed beside a list of units: "1 1/2" is of the unit chosen there; one
    # with units of its own ("1 jam glass + 2 tbsp") is of those.
    module Measured
      module_function

      # [number, unit]: as chosen, or "g" or "ml" where the text names its own. A text that
      # is no amount stays what it is, and the schema says what is wrong with it.
      def of(text, chosen, cups)
        return [alone(text, chosen), chosen] if Figures.readings(text.to_s).any?

        amounts = Measure::Amounts.new(cups: cups, families: %w[mass volume])
        amount = amounts.read(text.to_s)
        return [text, chosen] unless amount&.rest&.empty?
        return [amount.number, chosen] unless amount.unit

        into = Measure::UnitTable.mass?(amount.unit) ? "g" : "ml"
        [amounts.convert(amount.number, amount.unit, into), into]
      end

      # A number alone of a unit; a text where nobody can tell which of two it is.
      def alone(text, unit)
        Figures.read(text, range: Limits::AMOUNT,
                           whole: Measure::UnitTable.find(unit)&.whole || false) || text
      end
      private_class_method :alone

      # The same for water: [number, unit], in "g" where the text names a unit.
      def water(text, chosen, cups)
        number, unit = of(text, chosen, cups)
        [number, unit == "ml" ? "g" : unit]
      end
    end
  end
end
