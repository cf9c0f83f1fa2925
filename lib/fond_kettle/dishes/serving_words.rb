# frozen_string_literal: true

require_relative "../larder/names"
require_relative "../measure/amounts"
require_relative "../measure/cup"
require_relative "../measure/numeral"
require_relative "../measure/spoken"
require_relative "../measure/unit_table"
require_relative "scaling"

module FondKettle
  module Dishes
    # An amount as a cook measures it: `words` in the measures of the house, `weight`
    # on its scale (nil: not known), `g` what the words stand for, `error` the share
    # by which rounding moved it, `count` the pieces where it is counted (nil: it is not).
    MeasuredAmount = Value.define(:words, :weight, :g, :error, :count) do
      # Words for servings; not counted in pieces unless `count` is given.
      def self.of(words:, weight:, g:, error:, count: nil)
        new(words: words, weight: weight, g: g, error: error, count: count)
      end

      # True when servings are counted in pieces.
      def counted
        !count.nil?
      end

      # "+4 %", or nil where nobody could measure the difference.
      def off
        return if error.abs < 0.01

        "#{error.positive? ? '+' : '−'}#{(error.abs * 100).round} %"
      end
    end

    # Rounds scaled lines to what can be had and measured.
    class ServingWords
      QUARTER = 0.25
      # A piece more or less is right within this share.
      CLOSE = 0.15
      POURED = ["dry goods", "spice", "tins and jars", "drinks", "dairy", "tap"].freeze

      # `house`: Measure::House.
      def initialize(house)
        @house = house
      end

      # The MeasuredAmount of a Scaled.
      def say(scaled)
        line = scaled.line
        return to_taste unless scaled.amount
        return pieces(scaled) if Measure::UnitTable.piece?(line.unit)
        return to_taste unless scaled.g
        return grams(scaled.g, line.ingredient) if Measure::UnitTable.mass?(line.unit)

        volume(scaled.g / line.ingredient.g_ml, line.ingredient.g_ml)
      end

      # Name of a line for so many: "3 bay leaves", "1 onion", "2 cans beans".
      def named(line, said)
        return line.name unless said.counted && line.unit == Measure::UnitTable::PIECE

        said.count > 1 ? Larder::Names.plural(line.name) : Larder::Names.singular(line.name)
      end

      # A weight, and in cup and spoons where the thing can be poured.
      def grams(exact_g, ingredient)
        return MeasuredAmount.of(words: "none", weight: nil, g: 0.0, error: 0.0) if exact_g.zero?

        scale_g = @house.weighed(exact_g).to_f
        too_little = exact_g < 1 || scale_g.zero?
        ml = exact_g / ingredient.g_ml
        cups = Measure::Spoken.say(ml, @house) if too_little || POURED.include?(ingredient.aisle)
        g = too_little ? Measure::Spoken.measured_ml(ml, @house) * ingredient.g_ml : scale_g
        MeasuredAmount.of(words: cups, weight: too_little ? nil : @house.weighed(exact_g), g: g,
                          error: error(g, exact_g))
      end

      private

      # What nobody has said or knows the weight of: "1 bunch mint, leaves only".
      def to_taste
        MeasuredAmount.of(words: "to taste", weight: nil, g: nil, error: 0.0)
      end

      def pieces(scaled)
        steps = steps(scaled.line)
        counts = steps.map { |step| [(scaled.amount / step).round * step, step].max }
        count = counts.find { |had| error(had, scaled.amount).abs <= CLOSE } || counts.last
        return by_weight(scaled) if scaled.g && steps.last < 1 && error(count, scaled.amount).abs > CLOSE

        g = scaled.g && (scaled.g * count / scaled.amount)
        MeasuredAmount.of(words: Measure::Amounts.say(count, scaled.line.unit), weight: weight(g), g: g,
                          error: error(count, scaled.amount), count: count)
      end

      # What can be cut is halved, and quartered where halves are too coarse.
      def steps(line)
        return [1.0] if line.scales == "whole" || line.ingredient.step >= 1

        [line.ingredient.step, QUARTER].uniq
      end

      # Too little of one to be cut: it is weighed.
      def by_weight(scaled)
        return grams(scaled.g, scaled.line.ingredient) if scaled.g < 1

        shown = @house.weighed(scaled.g)
        MeasuredAmount.of(words: nil, weight: shown, g: shown.to_f, error: error(shown.to_f, scaled.g))
      end

      # Nobody weighs less than a gram.
      def weight(grams)
        @house.weighed(grams) if grams && grams >= 1
      end

      def volume(exact_ml, g_ml)
        poured_ml = Measure::Spoken.measured_ml(exact_ml, @house)
        MeasuredAmount.of(words: Measure::Spoken.say(exact_ml, @house), weight: weight(exact_ml * g_ml),
                          g: poured_ml * g_ml,
                          error: error(poured_ml, exact_ml))
      end

      def error(had, exact)
        exact.zero? ? 0.0 : (had / exact) - 1
      end
    end
  end
end
