# frozen_string_literal: true

module FondKettle
  module Web
    module Helpers
      # What the pages call the units of Measure::Units.
      module UnitNames
        ALL = {
          "g" => "grams", "kg" => "kilograms", "oz" => "ounces", "lb" => "pounds", "ml" => "millilitres",
          "l" => "litres", "us-cup" => "US cups, 237 mL", "metric-cup" => "metric cups, 250 mL",
          "rice-cup" => "rice-cooker cups, 180 mL", "imp-cup" => "imperial cups, 284 mL",
          "tbsp" => "tablespoons, 15 mL", "tsp" => "teaspoons, 5 mL",
          "us-tbsp" => "US tablespoons", "us-tsp" => "US teaspoons", "us-fl-oz" => "US fluid ounces",
          "us-pint" => "US pints", "us-quart" => "US quarts", "imp-fl-oz" => "imperial fluid ounces",
          "imp-pint" => "imperial pints", "pinch" => "pinches",
          "C" => "°C", "F" => "°F", "gas-mark" => "gas mark", "mm" => "millimetres", "cm" => "centimetres",
          "in" => "inches"
        }.freeze
        RICE = ALL.slice("g", "kg", "oz", "lb", "ml", "us-cup", "metric-cup", "rice-cup").freeze
      end
    end
  end
end
