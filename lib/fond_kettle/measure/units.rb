# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "gas_mark"

module FondKettle
  module Measure
    # Kitchen units at the edge of the model; inside everything is g, mL, mm, °C.
    # The arithmetic is ruby-units'; this file only names what a cook may write.
    module Units
      MASS = { "g" => "g", "kg" => "kg", "oz" => "oz", "lb" => "lb" }.freeze
      VOLUME = {
        "ml" => "ml", "l" => "l", "us-cup" => "cu", "tbsp" => "15 ml", "tsp" => "5 ml",
        "us-tbsp" => "tbs", "us-tsp" => "tsp", "us-fl-oz" => "floz", "us-pint" => "pt", "us-quart" => "qt",
        "metric-cup" => "250 ml", "rice-cup" => "180 ml", "imp-fl-oz" => "28.4131 ml",
        "imp-cup" => "284.131 ml",
        "imp-pint" => "568.261 ml", "pinch" => "0.3 ml"
      }.freeze
      GAS_MARK = "gas-mark"
      TEMPERATURE = { "C" => "tempC", "F" => "tempF", GAS_MARK => nil }.freeze
      LENGTH = { "mm" => "mm", "cm" => "cm", "in" => "in" }.freeze
      FAMILIES = [MASS, VOLUME, TEMPERATURE, LENGTH].freeze
      ALL = FAMILIES.flat_map(&:keys).freeze
      ABSOLUTE_ZERO = { "C" => -273.15, "F" => -459.67, GAS_MARK => GasMark.of_c(-273.15) }.freeze
      # A quantity of ruby-units, which takes longer to load than most commands to answer:
      # only where something is converted.
      QUANTITY = lambda do |*given|
        require "ruby-units"
        Unit.new(*given)
      end
      # Asked of ruby-units once a pair, because it parses on every call.
      RATIOS = Hash.new do |known, (from, to)|
        known[[from, to]] =
          from == to ? 1.0 : (QUANTITY.call(from) / QUANTITY.call(to)).convert_to("1").scalar.to_f
      end
      # What 0 and 100 of one scale are on another: the line between them.
      TEMPERATURE_POINTS = Hash.new do |known, (from, to)|
        known[[from, to]] = [0, 100].map do |degrees|
          QUANTITY.call(degrees, TEMPERATURE.fetch(from)).convert_to(TEMPERATURE.fetch(to)).scalar.to_f
        end
      end

      module_function

      # Converts `amount` of `unit` into `to`; masses and volumes pass into each
      # other only with `g_per_ml` (bulk density).
      #
      #   convert(200, "C", "F")                          # => 392.0
      #   convert(2, "us-cup", "g", g_per_ml: 0.78)       # => 369.08
      #
      # Raises InvalidInput for an unknown unit, families that do not meet, or a
      # temperature below absolute zero.
      def convert(amount, unit, to, g_per_ml: nil)
        from_family = family("unit", unit)
        to_family = family("to", to)
        return within(amount, unit, to, from_family) if from_family.equal?(to_family)

        across(amount, unit, to, from_family, to_family, g_per_ml)
      end

      # Grams of `amount` `unit` of something with bulk density `g_per_ml`.
      def grams(amount, unit, g_per_ml)
        convert(amount, unit, "g", g_per_ml: g_per_ml)
      end

      def family(field, unit)
        FAMILIES.find { |names| names.key?(unit) } ||
          raise(InvalidInput.at(field, "must be one of: #{ALL.join(', ')}", received: unit))
      end

      def within(amount, unit, to, family)
        return amount.to_f if unit == to
        return temperature(amount, unit, to) if family.equal?(TEMPERATURE)

        amount * RATIOS[[family[unit], family[to]]]
      end

      def across(amount, unit, to, from_family, to_family, g_per_ml)
        unless [from_family, to_family].all? { |family| [MASS, VOLUME].any? { |known| known.equal?(family) } }
          raise InvalidInput.at("to",
                                "must measure the same thing as #{unit}: #{from_family.keys.join(', ')}",
                                received: to)
        end
        unless g_per_ml
          raise InvalidInput.at("of", "must name a grain or an ingredient to turn #{unit} into #{to}")
        end

        if from_family.equal?(MASS)
          within(within(amount, unit, "g", MASS) / g_per_ml, "ml", to, VOLUME)
        else
          within(within(amount, unit, "ml", VOLUME) * g_per_ml, "g", to, MASS)
        end
      end

      def temperature(amount, unit, to)
        if amount < ABSOLUTE_ZERO.fetch(unit)
          raise InvalidInput.at("amount", "must be at least #{ABSOLUTE_ZERO.fetch(unit).round(2)} #{unit}",
                                received: amount)
        end

        return temperature(GasMark.to_c(amount), "C", to) if unit == GAS_MARK
        return GasMark.of_c(temperature(amount, unit, "C")) if to == GAS_MARK

        zero, hundred = TEMPERATURE_POINTS[[unit, to]]
        (zero + ((hundred - zero) * amount / 100.0)).round(9)
      end

      private_class_method :family, :within, :across, :temperature
    end
  end
end
