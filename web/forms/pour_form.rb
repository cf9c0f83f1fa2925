# frozen_string_literal: true

require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "fields"

module FondKettle
  module Web
    module Forms
      # How much liquid was really poured: an amount in grams or in the house's cup.
      class PourForm
        SCHEMA = Schema.params do
          required(:poured).filled(Schema::TypedNumber, included_in?: Limits::LIQUID_G)
          required(:poured_unit).filled(:string, included_in?: ["g", HOUSE_CUP])
        end

        attr_reader :problems

        # The form before anything was typed: what was planned, in grams.
        def self.blank(poured_g, cup)
          new({ "poured" => Measure::Rounding.grams(poured_g).to_s, "poured_unit" => "g" }, cup)
        end

        # `cup`: the house's first cup, or nil.
        def initialize(typed, cup)
          @typed = typed
          @cup_ml = cup ? cup[:ml] : Measure::US_CUP.ml
          result = SCHEMA.call(typed.slice("poured", "poured_unit"))
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
end
