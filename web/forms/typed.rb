# frozen_string_literal: true

require "dry/types"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/measure/amounts"
require_relative "../../lib/fond_kettle/ground/schema"

module FondKettle
  module Web
    module Forms
      # Numbers as typed, in the unit of the field or with another of the same kind
      # after it: "230", "9 1/2 in" and "23 cm" for a field in mm.
      module Typed
        AMOUNTS = Measure::Amounts.new(families: %w[mass volume temperature length])

        module_function

        # A type that turns such text into a number of `unit`; anything else stays
        # what it was, and the schema says what is wrong with it.
        def in_unit(unit)
          Dry::Types["float"].constructor { |value| value.is_a?(String) ? read(value.strip, unit) : value }
        end

        def read(text, unit)
          Schema.decimal(text) || AMOUNTS.number(text, unit)&.round(2) || text
        rescue InvalidInput
          text
        end
        private_class_method :read

        MM = in_unit("mm")
        KG = in_unit("kg")
        CELSIUS = in_unit("C")
        ML = in_unit("ml")
      end
    end
  end
end
