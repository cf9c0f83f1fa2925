# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../ground/disk_cache"
require_relative "../ground/remembered"
require_relative "gas_mark"
require_relative "unit_table"

module FondKettle
  module Measure
    # Kitchen units at the edge of the model; inside everything is g, mL, mm, °C.
    # The arithmetic is ruby-units'; the units are those of UnitTable.
    module Units
      GAS_MARK = "gas-mark"
      ABSOLUTE_ZERO = { "C" => -273.15, "F" => -459.67, GAS_MARK => GasMark.of_c(-273.15) }.freeze
      # A quantity of ruby-units, which takes longer to load than most commands to answer:
      # what it says is kept.
      QUANTITY = lambda do |*given|
        require "ruby-units"
        ::Unit.new(*given)
      end
      # More pairs of units than there are.
      MOST_PAIRS = 2000
      # How many of the second unit the first is.
      RATIOS = Remembered.new(MOST_PAIRS) do |(from, to)|
        DiskCache.of("ratio", from, to) do
          from == to ? 1.0 : (QUANTITY.call(from) / QUANTITY.call(to)).convert_to("1").scalar.to_f
        end
      end
      # What 0 and 100 of one scale are on another: the line between them.
      TEMPERATURE_POINTS = Remembered.new(MOST_PAIRS) do |(from, to)|
        DiskCache.of("points", from.is, to.is) do
          [0, 100].map { |degrees| QUANTITY.call(degrees, from.is).convert_to(to.is).scalar.to_f }
        end
      end

      module_function

      # Converts `amount` of `unit` into `to`, each a key of the table or what a cook calls
      # it; masses and volumes pass into each other only with `g_per_ml` (bulk density).
      #
      #   convert(200, "C", "F")                          # => 392.0
      #   convert(2, "cups", "g", g_per_ml: 0.78)         # => 369.08
      #
      # Raises InvalidInput for an unknown unit, families that do not meet, or a
      # temperature below absolute zero.
      def convert(amount, unit, to, g_per_ml: nil)
        from = known("unit", unit)
        into = known("to", to)
        return within(amount, from, into) if from.family == into.family

        across(amount, from, into, g_per_ml)
      end

      # The converted amount as it can be set: a gas oven has no marks between those of its dial. The
      # arguments are those of `convert`.
      def set(amount, unit, to, g_per_ml: nil)
        converted = convert(amount, unit, to, g_per_ml: g_per_ml)
        known("to", to).key == GAS_MARK ? GasMark.on_dial(converted) : converted
      end

      # Grams of `amount` `unit` of something with bulk density `g_per_ml`.
      def grams(amount, unit, g_per_ml)
        convert(amount, unit, "g", g_per_ml: g_per_ml)
      end

      def known(field, name)
        unit = UnitTable.find(name)
        return unit if unit && !unit.piece?

        raise InvalidInput.at(field, "must be one of: #{UnitTable.measured.keys.join(', ')}", received: name)
      end

      def within(amount, unit, to)
        return amount.to_f if unit == to
        return temperature(amount, unit, to) if unit.family == "temperature"

        amount * RATIOS[[unit.is, to.is]]
      end

      def across(amount, unit, to, g_per_ml)
        unless [unit, to].all?(&:amount?)
          same = UnitTable.measured.values.select { |other| other.family == unit.family }.map(&:key)
          raise InvalidInput.at("to", "must measure the same thing as #{unit.key}: #{same.join(', ')}",
                                received: to.key)
        end
        unless g_per_ml
          raise InvalidInput.at("of", "must name a grain or an ingredient to turn #{unit.key} into #{to.key}")
        end

        if unit.family == "mass"
          amount * RATIOS[[unit.is, "g"]] / g_per_ml * RATIOS[["ml", to.is]]
        else
          amount * RATIOS[[unit.is, "ml"]] * g_per_ml * RATIOS[["g", to.is]]
        end
      end

      def temperature(amount, unit, to)
        least = ABSOLUTE_ZERO.fetch(unit.key)
        if amount < least
          raise InvalidInput.at("amount", "must be at least #{least.round(2)} #{unit.key}", received: amount)
        end

        celsius = UnitTable.all.fetch("C")
        return temperature(GasMark.to_c(amount), celsius, to) if unit.key == GAS_MARK
        return GasMark.of_c(temperature(amount, unit, celsius)) if to.key == GAS_MARK

        zero, hundred = TEMPERATURE_POINTS[[unit, to]]
        (zero + ((hundred - zero) * amount / 100.0)).round(9)
      end

      private_class_method :known, :within, :across, :temperature
    end
  end
end
