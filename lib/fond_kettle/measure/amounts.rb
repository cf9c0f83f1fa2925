# frozen_string_literal: true

require "strscan"
require_relative "../ground/remembered"
require_relative "../ground/value"
require_relative "cup"
require_relative "numeral"
require_relative "units"

module FondKettle
  module Measure
    # An amount as it was read: a number of `unit` (a key of UnitTable, the name of a cup of
    # the house, or nil where none was written) and the `rest` of the text.
    WrittenAmount = Value.define(:number, :unit, :rest)

    # The one grammar of amounts, for lines of a dish, fields, imports and the command line:
    #   amount = term { ("+" | "plus" | "and" | "less") term }
    #   term   = number [unit]
    # "cup" alone is the US cup, unless the house owns a cup of that name.
    class Amounts
      # Units that an ingredient comes in.
      INGREDIENT = %w[mass volume piece vessel].freeze
      # Two names of one thing.
      STALKS = %w[stick stalk].freeze
      OF = /\.?\s*(?:of\s+)?(?:an?\s+)?/i
      MORE = /\s*(?<sign>\+|&|plus\b|and\b|less\b)?\s*/i
      LESS = /less/i

      # Finds any of `names`, with a blank or a hyphen within; a name is no part of a
      # longer word.
      def self.pattern(names)
        longest_first = names.sort_by { |name| -name.length }
        same = longest_first.map { |name| Regexp.escape(name).gsub("\\ ", "[ -]") }.join("|")
        /(?:#{same})(?![[:alpha:]-])/i
      end

      # By families of units, and by the names that a house gives its cups.
      PATTERNS = Remembered.new(50) { |families| pattern(UnitTable.names(*families).keys) }
      OWN = Remembered.new(50) { |names| pattern(names) }
      private_constant :OWN

      # The cup of a house that a bare "glass", "mug" or "bowl" means: where it owns one of that kind, and
      # no more.
      def self.only_ones(cups)
        kinds = cups.group_by { |cup| UnitTable.find(cup.name.split.last.to_s) }
        kinds.select { |unit, alike| unit&.family == "vessel" && alike.one? }
             .flat_map { |unit, (cup)| [unit.key, *unit.written].map { |name| [name.downcase, cup] } }.to_h
      end

      # True when a thing that comes in `piece` (nil: whole) is counted by `unit`.
      def self.counts?(unit, piece)
        [UnitTable::PIECE, piece].include?(unit) || (STALKS.include?(unit) && STALKS.include?(piece))
      end

      # The unit as a cook reads it beside a number: "cups", "mL", "cloves", "jam glasses".
      def self.label(unit, count)
        known = UnitTable.all[unit]
        return known.label(count) if known

        count <= 1 ? unit : Measure.plural(unit)
      end

      # The amount as a cook writes it: "1 1/2 cups", "2 cloves", "3".
      def self.say(number, unit)
        written = Numeral.write(number)
        unit == UnitTable::PIECE ? written : "#{written} #{label(unit, number)}"
      end

      # `cups`: the house's own (Cup); `families`: what may be measured.
      def initialize(cups: [], families: INGREDIENT)
        @cups = cups.flat_map { |cup| [[cup.name, cup], [cup.named(2), cup]] }
                    .to_h { |name, cup| [name.downcase, cup] }
        @cups = { **Amounts.only_ones(cups), **@cups }
        @own = OWN[@cups.keys] if @cups.any?
        @units = UnitTable.names(*families)
        @names = PATTERNS[families]
      end

      # The WrittenAmount that a text begins with, or nil.
      #
      #   read("1 1/2 cups plus 2 tbsp stock") # => 1.625 of "us-cup", "stock"
      def read(text)
        scanner = StringScanner.new(text.strip)
        number = Numeral.scan(scanner)
        return unless number

        scanner.skip(/\s*/)
        unit = unit(scanner)
        number = thousands(text.strip, number) if unit && UnitTable.all[unit]&.whole
        while unit && (more = more(scanner, unit))
          number += more
        end
        WrittenAmount.new(number: number, unit: unit, rest: scanner.rest.strip)
      end

      # The unit that a text begins with, or nil.
      def unit_of(text)
        unit(StringScanner.new(text.strip))
      end

      # A whole text as a number of `to`; a number alone is of `to`. nil where the text is
      # something else. Raises InvalidInput where it measures another thing.
      #
      #   number("9 1/2 in", "mm") # => 241.3
      def number(text, to, g_per_ml: nil)
        amount = read(text)
        return unless amount&.rest&.empty?

        amount.unit ? convert(amount.number, amount.unit, to, g_per_ml) : amount.number.to_f
      end

      # `number` of a unit or of a cup of the house as so many of `to`.
      def convert(number, unit, to, g_per_ml = nil)
        cup = @cups[unit.downcase]
        return Units.convert(number * cup.ml, "ml", to, g_per_ml: g_per_ml) if cup

        Units.convert(number, unit, to, g_per_ml: g_per_ml)
      end

      private

      # "1,200" of what nobody measures thousandths of.
      def thousands(text, number)
        text.match?(Numeral::THOUSANDS) ? Numeral.scan(StringScanner.new(text), thousands: true) : number
      end

      # The key of the unit at the scanner's place, or the name of a cup.
      def unit(scanner)
        name = (@own && scanner.scan(@own)) || scanner.scan(@names)
        return unless name

        scanner.skip(OF)
        @cups[name.downcase]&.name || @units.fetch(name.downcase.tr("-", " ")).key
      end

      # What is added to an amount of `unit` (taken away: below 0), in that unit, or nil.
      def more(scanner, unit)
        from = scanner.pos
        scanner.scan(MORE)
        said = scanner[:sign]
        sign = said&.match?(LESS) ? -1 : 1
        number = Numeral.scan(scanner)
        scanner.skip(/\s*/)
        other = number && unit(scanner)
        # "1 lb 2 oz" is one amount; "400 g 2 kg" is none.
        if other && alike?(unit, other) && (said || smaller?(other, unit))
          return sign * number * size(other) / size(unit)
        end

        scanner.pos = from
        nil
      end

      def smaller?(other, unit)
        size(other) < size(unit)
      end

      # In g or mL.
      def size(unit)
        mass = family(unit) == "mass"
        convert(1.0, unit, mass ? "g" : "ml")
      end

      def alike?(*units)
        families = units.map { |unit| family(unit) }.uniq
        families.one? && %w[mass volume].include?(families.first)
      end

      def family(unit)
        @cups.key?(unit.downcase) ? "volume" : UnitTable.all.fetch(unit).family
      end
    end
  end
end
