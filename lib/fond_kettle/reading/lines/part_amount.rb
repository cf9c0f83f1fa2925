# frozen_string_literal: true

require_relative "../../measure/amounts"
require_relative "../../measure/numeral"
require_relative "../../measure/units"
require_relative "../words/loose_measures"

module FondKettle
  module Reading
    # How much of a line its words say by a measure: "half a teaspoon of the salt", of two teaspoons a
    # quarter.
    module PartAmount
      OF = /\s+(?:of\s+(?:(?:the|its|that|their)\s+)?(?:(?:boiling|hot|warm|cold)\s+)?)?\s*\z/i
      START = /(?<![\d.,½¼¾⅓⅔⅛])(?:\d|[½¼¾⅓⅔⅛]|\b(?:an?|half|one|two|three|four)\s)/i
      AMOUNTS = Measure::Amounts.new

      # "A third of a plum": of one of them, not of all.
      OF_ONE = /\b(?<share>half|third|quarter)(?:\s+of)?\s+an?\s*\z/i
      # "One of the carrots"
      COUNT_OF = /\b(?<count>one|two|three|four|five|six|\d{1,2})\s+of\s+(?:the|those|these|your)\s*\z/i
      # "One onion", of two that are listed.
      COUNT = %r{(?<![\d.,/-])\b(?<count>one|two|three|four|five|six|\d{1,2})\s+
               (?:(?:whole|small|large|big|raw)\s+)?\z}ix
      PIECE = "piece"
      # "A splash of the stock"
      SPLASH = /\A(?:an?|one|1)\s+(?:splash|slosh|glug)\z/i
      LOOSE = %w[pinch dash drop].freeze
      ALIKE = 1e-6
      SHARES = { "half" => 0.5, "third" => 1.0 / 3, "quarter" => 0.25 }.freeze
      # So much in each: all of it in the end.
      EACH = /\b(?:each|every|per)\b/i
      ALL = 1.0

      module_function

      # The share of a ReadLine of several pieces that a part of one of them is (ALL: so much goes into each
      # of what is made), or nil where `before` speaks of no such part; `text`: all that is said.
      def of_one(line, before, text)
        said = OF_ONE.match(before)
        return unless said && line.amount && line.amount > 1
        return ALL if text.match?(EACH)

        SHARES.fetch(said[:share].downcase) / line.amount
      end

      # The share of a ReadLine of several pieces of which `before` says so many, or nil.
      def of_count(line, before)
        said = COUNT_OF.match(before) || (COUNT.match(before) if line.unit == PIECE)
        count = said && Measure::Numeral.read(said[:count])&.first
        count / line.amount if count && line.amount && line.amount > count
      end

      # The share, or nil where `before` (what stands before the name of a ReadLine) says none below all.
      def share(line, before)
        return unless line.amount && line.unit && before.match?(OF)

        bare = before.sub(OF, "")
        from = bare.to_enum(:scan, START).map { Regexp.last_match.begin(0) }
        said = from.lazy.filter_map { |at| whole_amount(bare[at..]) }.first
        said && below_all(said, line)
      end

      # True where `before` (what stands before the name of a ReadLine) says all of it: "3 tbsp". A pinch is
      # none of what is used elsewhere.
      def all?(line, before)
        return false unless line.amount && before.match?(OF) && !LOOSE.include?(line.unit)

        bare = before.sub(OF, "")
        starts = bare.to_enum(:scan, START).map { Regexp.last_match.begin(0) }
        starts.filter_map { |at| whole_amount(bare[at..]) }.any? { |said| (part(said, line) - 1).abs < ALIKE }
      rescue InvalidInput
        false
      end

      # An amount with its unit from the front to the end of a text, or nil.
      def whole_amount(text)
        text = "#{text} of" if text.match?(SPLASH)
        found = AMOUNTS.read(LooseMeasures.certain(text).text)
        found if found&.unit && found.rest.empty?
      end

      # The share of a ReadLine that an amount is. Raises InvalidInput where their units differ.
      def part(said, line)
        Measure::Units.convert(said.number, said.unit, line.unit, g_per_ml: line.ingredient&.g_ml || 1.0) /
          line.amount
      end

      def below_all(said, line)
        found = part(said, line)
        found if found.positive? && found < 1
      rescue InvalidInput
        nil
      end
      private_class_method :whole_amount, :part, :below_all
    end
  end
end
