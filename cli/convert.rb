# frozen_string_literal: true

require_relative "../lib/fond_kettle/larder/density"
require_relative "../lib/fond_kettle/measure/unit_table"
require_relative "../lib/fond_kettle/measure/units"

module FondKettle
  module Cli
    # `convert 2 us-cup g --of basmati`
    module Convert
      SIGNIFICANT = 6

      module_function

      # The converted amount as text, to six significant digits. Raises InvalidInput.
      def call(amount, unit, to, of: nil)
        number = Float(amount, exception: false)
        raise InvalidInput.at("amount", "must be a number", received: amount) unless number&.finite?

        if number.negative? && Measure::UnitTable.find(unit)&.family != "temperature"
          raise InvalidInput.at("amount", "must not be negative", received: amount)
        end

        converted = Measure::Units.set(number, unit, to, g_per_ml: of && Larder::Density.g_ml(of))
        unless converted.finite?
          raise InvalidInput.at("amount", "must be less: nobody can write so much", received: amount)
        end

        plain(converted)
      end

      def plain(number)
        rounded = number.zero? ? 0.0 : number.round(SIGNIFICANT - 1 - Math.log10(number.abs).floor)
        rounded == rounded.to_i ? rounded.to_i.to_s : rounded.to_s
      end
      private_class_method :plain
    end
  end
end
