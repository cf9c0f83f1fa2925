# frozen_string_literal: true

require_relative "gas_mark"
require_relative "units"

module FondKettle
  module Measure
    # Heats as cooks write them, in °C: "200 °C", "400F", "200 degrees", "gas mark 6".
    module Degrees
      # Nobody's oven is that hot in Celsius: then degrees alone are Fahrenheit.
      MOST_C = 300
      MARKED = /(?<![\d.,])(?<degrees>\d{2,3})\s*(?:°|º|degrees?|deg\.?)?\s*(?<scale>[CF])\b/i
      ALONE = /(?<![\d.,])(?<degrees>\d{2,3})\s*(?:°|º|degrees?\b|deg\b\.?)/i
      GAS = %r{\bgas\s*(?:mark\s*)?(?<mark>1/4|1/2|[¼½]|\d{1,2})\b}i
      PARTS = { "1/4" => 0.25, "¼" => 0.25, "1/2" => 0.5, "½" => 0.5 }.freeze

      module_function

      # The first heat that a text names, in °C, or nil.
      #
      #   first("Roast it at 400 °F") # => 204.44
      def first(text)
        if (found = MARKED.match(text)) then celsius(found[:degrees].to_f, found[:scale].upcase)
        elsif (found = ALONE.match(text)) then alone(found[:degrees].to_f)
        elsif (found = GAS.match(text)) then celsius(PARTS.fetch(found[:mark]) { found[:mark].to_f }, Units::GAS_MARK)
        end
      end

      def alone(degrees)
        degrees <= MOST_C ? degrees : celsius(degrees, "F")
      end

      def celsius(degrees, scale)
        Units.convert(degrees, scale, "C").round(2)
      end
      private_class_method :alone, :celsius
    end
  end
end
