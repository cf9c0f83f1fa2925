# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/measure/units"
require_relative "reading_form"

module FondKettle
  module Forms
    # A thermometer's reading, in °C or °F.
    class HeatForm < ReadingForm
      UNITS = [["C", "°C"], ["F", "°F"]].freeze
      # What a thermometer may show in either unit.
      ANY = (-40..500)
      FIELDS = %w[heat heat_unit].freeze
      SCHEMA = Schema.params do
        required(:heat).filled(Typed.within(ANY))
        required(:heat_unit).filled(:string, included_in?: UNITS.map(&:first))
      end

      # Celsius.
      def heat_c
        Measure::Units.convert(@values[:heat], @values[:heat_unit], "C")
      end

      private

      def beyond
        return [].freeze if Limits::WATER_C.cover?(heat_c)

        [{ field: "heat",
           message: "must be from #{Limits::WATER_C.min} to #{Limits::WATER_C.max} °C" }].freeze
      end
    end
  end
end
