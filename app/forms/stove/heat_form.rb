# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/measure/units"
require_relative "../fields"

module FondKettle
  module Forms
    # A thermometer's reading, in °C or °F.
    class HeatForm
      UNITS = [["C", "°C"], ["F", "°F"]].freeze
      # What a thermometer may show in either unit.
      ANY = (-40..500)
      SCHEMA = Schema.params do
        required(:heat).filled(Typed.within(ANY))
        required(:heat_unit).filled(:string, included_in?: UNITS.map(&:first))
      end

      attr_reader :problems

      # The form before anything was typed.
      def self.blank
        new({}, problems: [].freeze)
      end

      # `problems`: in place of what is found.
      def initialize(typed, problems: nil)
        @typed = typed
        result = SCHEMA.call("heat" => typed["heat"], "heat_unit" => typed["heat_unit"])
        @values = result.to_h
        @problems = problems || Forms.problems(result)
        @problems = beyond if ok? && problems.nil? && !Limits::WATER_C.cover?(heat_c)
      end

      def ok?
        @problems.empty?
      end

      # Celsius.
      def heat_c
        Measure::Units.convert(@values[:heat], @values[:heat_unit], "C")
      end

      def [](field)
        @typed[field.to_s]
      end

      private

      def beyond
        [{ field: "heat",
           message: "must be from #{Limits::WATER_C.min} to #{Limits::WATER_C.max} °C" }].freeze
      end
    end
  end
end
