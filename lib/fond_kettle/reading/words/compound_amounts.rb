# frozen_string_literal: true

require_relative "../../measure/numeral"
require_relative "../../measure/rounding"

module FondKettle
  module Reading
    # An amount that a line says in two units: pounds with ounces, one after the other, or one of two systems.
    module CompoundAmounts
      OUNCES_A_POUND = 16
      NUMBER = '\d+(?:[.,]\d+)?|\d*\s?[½¼¾]'
      # "1 lb 2 oz boneless lamb"
      POUNDS = /(?<![\d.,])(?<pounds>\d+)\s*(?:lbs?|pounds?)\.?,?\s*(?:and\s+)?(?<ounces>#{NUMBER})\s*
                (?:oz|ounces?)\b\.?/ix
      METRIC = /(?:#{NUMBER})\s*(?:g|kg|ml|cl|dl|l|litres?|grams?)/i
      OTHER = %r{(?:#{NUMBER}|\d+/\d+)\s*(?:fl\.?\s*)?(?:lbs?|oz|pints?|cups?|ounces?|pounds?|quarts?)\b\.?}i
      # "750 g / 1 lb 10 oz chicken thighs", "1 cup/240 ml milk": the metric one counts.
      EITHER = %r{\A(?:(?<metric>#{METRIC})\s*[/|]\s*(?:#{OTHER}\s*)+
                 |(?:#{OTHER}\s*)+[/|]\s*(?<metric>#{METRIC}))(?=\s|,)}ix

      module_function

      # A line with one amount in one unit.
      #
      #   single("1 lb 2 oz lamb") # => "18 oz lamb"
      def single(line)
        line.sub(EITHER) { Regexp.last_match[:metric] }.sub(POUNDS) { ounces(Regexp.last_match) }
      end

      def ounces(found)
        more, = Measure::Numeral.read(found[:ounces])
        "#{Measure::Rounding.plain((found[:pounds].to_i * OUNCES_A_POUND) + more, 3)} oz"
      end
      private_class_method :ounces
    end
  end
end
