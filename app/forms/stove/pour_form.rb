# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/measure/rounding"
require_relative "../fields"
require_relative "../measured"

module FondKettle
  module Forms
    # Amount of liquid that was really poured: in grams, in the house's cup, or as the slip writes it ("1
    # jam glass + 2 tbsp").
    class PourForm
      SCHEMA = Schema.params do
        required(:poured).filled(Typed.within(Limits::LIQUID_G), included_in?: Limits::LIQUID_G)
        required(:poured_unit).filled(:string, included_in?: ["g", HOUSE_CUP])
      end

      attr_reader :problems

      # The form before anything was typed: what was planned, in grams.
      def self.blank(poured_g, cups)
        new({ "poured" => Measure::Rounding.grams(poured_g).to_s, "poured_unit" => "g" }, cups)
      end

      # `cups`: the house's own (Measure::Cup), the first for "cup".
      def initialize(typed, cups)
        @typed = typed
        @cup_ml = (cups.first || Measure::US_CUP).ml
        poured, unit = Measured.water(typed["poured"], typed["poured_unit"], cups)
        result = SCHEMA.call("poured" => poured, "poured_unit" => unit)
        @values = result.to_h
        @problems = Forms.problems(result)
        @problems = too_much if ok? && !Limits::LIQUID_G.cover?(grams)
      end

      def ok?
        @problems.empty?
      end

      def grams
        @values[:poured] * (@values[:poured_unit] == HOUSE_CUP ? @cup_ml : 1)
      end

      def [](field)
        @typed[field.to_s]
      end

      private

      def too_much
        [{ field: "poured", message: "must come to at most #{Limits::LIQUID_G.max / 1000} kg" }].freeze
      end
    end
  end
end
