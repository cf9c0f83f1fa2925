# frozen_string_literal: true

require_relative "cup"
require_relative "units"

module FondKettle
  module Measure
    # What cooks call their units. "cup" alone is the US cup, unless the house owns
    # a cup of that name.
    module UnitWords
      PIECE = "piece"
      NAMES = {
        "g" => %w[g gram grams gr], "kg" => %w[kg kilo kilos kilogram kilograms], "oz" => %w[oz ounce ounces],
        "lb" => %w[lb lbs pound pounds], "ml" => %w[ml millilitre millilitres milliliter milliliters cc],
        "l" => %w[l litre litres liter liters], "tbsp" => %w[tbsp tbsps tablespoon tablespoons tbs],
        "tsp" => %w[tsp tsps teaspoon teaspoons], "us-fl-oz" => ["fl oz", "fluid ounce", "fluid ounces"],
        "us-cup" => ["cup", "cups", "us cup", "us cups"], "metric-cup" => ["metric cup", "metric cups"],
        "rice-cup" => ["rice cup", "rice cups", "rice-cooker cup", "rice-cooker cups", "cooker cup",
                       "cooker cups"],
        "imp-cup" => ["imperial cup", "imperial cups"], "imp-pint" => ["imperial pint", "imperial pints"],
        "us-pint" => %w[pint pints], "us-quart" => %w[quart quarts qt], "pinch" => %w[pinch pinches]
      }.freeze
      # Counted things; what one weighs, the ingredient says.
      PIECES = { "clove" => %w[clove cloves], "stick" => %w[stick sticks], "can" => %w[can cans tin tins],
                 "bunch" => %w[bunch bunches], "sprig" => %w[sprig sprigs], "leaf" => %w[leaf leaves],
                 "sheet" => %w[sheet sheets], "pod" => %w[pod pods], "cube" => %w[cube cubes],
                 "stalk" => %w[stalk stalks],
                 PIECE => %w[piece pieces] }.freeze
      # Two names of one thing.
      STALKS = %w[stick stalk].freeze
      SAID = { "us-cup" => "cup", "metric-cup" => "metric cup", "rice-cup" => "rice cup",
               "imp-cup" => "imperial cup", "imp-pint" => "imperial pint", "us-pint" => "pint",
               "us-quart" => "quart", "us-fl-oz" => "fl oz",
               "ml" => "mL", "l" => "L" }.freeze
      # Never with an s.
      SHORT = ["g", "kg", "oz", "lb", "mL", "L", "fl oz"].freeze
      UNIT_BY_NAME = NAMES.merge(PIECES).flat_map { |unit, names| names.map { |name| [name, unit] } }
                          .to_h.freeze
      # A name is no part of a longer word.
      PATTERN = lambda do |names|
        longest_first = names.sort_by { |name| -name.length }
        /\A(?:#{Regexp.union(longest_first).source})(?![[:alpha:]-])/i
      end
      OF = /\A\.?\s*(?:of\s+)?(?:an?\s+)?/i
      KNOWN = PATTERN.call(UNIT_BY_NAME.keys)

      module_function

      # [unit, the rest], or nil; `cups` are the house's own (Cup), found by name.
      #
      #   read("tablespoons of oil") # => ["tbsp", "oil"]
      def read(text, cups = [])
        own = cups.find { |cup| text.match?(PATTERN.call([cup.name, cup.named(2)])) }
        name = own ? text[PATTERN.call([own.name, own.named(2)])] : text[KNOWN]
        name && [own ? own.name : UNIT_BY_NAME.fetch(name.downcase), text[name.length..].sub(OF, "")]
      end

      # Is it counted (a clove, a can), and not measured?
      def piece?(unit)
        PIECES.key?(unit)
      end

      # Is a thing that comes in `piece` (nil: whole) counted by `unit`?
      def counts?(unit, piece)
        [PIECE, piece].include?(unit) || (STALKS.include?(unit) && STALKS.include?(piece))
      end

      # As a cook reads it beside a number: "cups", "mL", "cloves", "jam glasses".
      def label(unit, count)
        word = SAID.fetch(unit, unit)
        count <= 1 || SHORT.include?(word) ? word : Measure.plural(word)
      end
    end
  end
end
