# frozen_string_literal: true

require_relative "../ground/limits"
require_relative "../measure/amounts"
require_relative "../measure/numeral"
require_relative "../measure/rounding"
require_relative "../measure/unit_table"
require_relative "../measure/units"

module FondKettle
  module Dishes
    # A recipe that gives one amount twice ("450 g (2 lb)", "180 °C / 400 °F"): where
    # the two cannot both be true, it is said.
    module Contradictions
      NUMBER = %r{\d+(?:[.,]\d+)?(?:\s+\d+/\d+)?|\d+/\d+|[½¼¾⅓⅔⅛]}
      UNIT = /°\s?[CF]\b|[CF]\b|gas(?:\s+mark)?|[[:alpha:]]+(?:\s+oz\b)?/
      AMOUNT = /(?<![\d.,])(#{NUMBER})\s*-?\s*(#{UNIT})|\b(gas(?:\s+mark)?)\s*(\d+)/i
      PAIR = %r{#{AMOUNT}\s*(?:\(|/|,?\s*or\s+|=)\s*(?:about\s+|or\s+)?#{AMOUNT}}i
      AMOUNTS = Measure::Amounts.new(families: %w[mass volume])
      # Further apart than this is no rounding.
      APART = 0.15
      APART_C = 11.0

      module_function

      # Sentences on what cannot be true in `text`.
      def in(text)
        text.each_line.first(Limits::LINES).flat_map do |line|
          # Runs of blanks say nothing, and no line is longer than one that is read.
          line[0, Limits::LINE_LETTERS].gsub(/[[:blank:]]+/, " ").to_enum(:scan, PAIR)
                                       .filter_map { judge(Regexp.last_match) }
        end
      end

      def judge(found)
        first, second = found.to_a.drop(1).each_slice(4).map { |parts| amount(*parts) }
        return unless first && second && first[:family] == second[:family]

        there = Measure::Units.convert(first[:number], first[:unit], second[:unit])
        return if close?(there, second)

        quoted = found[0].count("(") > found[0].count(")") ? "#{found[0]})" : found[0]
        "“#{quoted}” cannot both be true: #{text(first)} is #{text(second.merge(number: there))}, " \
          "not #{text(second)}. Which one is meant?"
      rescue InvalidInput
        nil
      end

      def close?(there, second)
        if second[:family] == "temperature"
          in_c = [there, second[:number]].map { |number| Measure::Units.convert(number, second[:unit], "C") }
          return in_c.reduce(:-).abs <= APART_C
        end

        (there - second[:number]).abs <= APART * [there, second[:number]].max
      end

      def amount(number, unit, gas, mark)
        return { number: mark.to_f, unit: Measure::Units::GAS_MARK, family: "temperature" } if gas
        return unless number && (value = Measure::Numeral.read(number))

        known = Measure::UnitTable.find(unit.sub(/\A°\s/, "°")) || Measure::UnitTable.all[AMOUNTS.unit_of(unit)]
        { number: value.first, unit: known.key, family: known.family } if known && !known.piece?
      end

      def text(amount)
        unit = Measure::UnitTable.all.fetch(amount[:unit]).say
        number = Measure::Rounding.plain(amount[:number], amount[:number] < 10 ? 2 : 0)
        amount[:unit] == Measure::Units::GAS_MARK ? "#{unit} #{number}" : "#{number} #{unit}"
      end

      private_class_method :judge, :close?, :amount, :text
    end
  end
end
