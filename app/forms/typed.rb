# frozen_string_literal: true

require "dry/types"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/figures"
require_relative "../../lib/fond_kettle/measure/amounts"
require_relative "../../lib/fond_kettle/measure/durations"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/measure/unit_table"

module FondKettle
  module Forms
    # Numbers as typed, for every field: "2,300", "1 1/2", "2 300 m", "7,546 ft", "9 1/2 in", "half an
    # hour". What may be two numbers is decided by what the field may be; where both are, it stays a
    # text, and the schema asks which (Schema.faults).
    module Typed
      AMOUNTS = Measure::Amounts.new(families: %w[mass volume temperature length])
      # Figures, and what stands behind them.
      BEHIND =
        %r{\A(?<figures>[-−+]?\s*\d(?:[\d.,'’ \u00a0\u2009\u202f]*\d)?)\s*(?<unit>[^\d\s.,'’/½¼¾⅓⅔⅛].*)?\z}
      # Units of Fields that no cook writes behind a number, and nobody measures thousandths of.
      WHOLE = %w[W].freeze
      MINUTES = "min"
      # A width or a height that is no number of millimetres is one of centimetres.
      CM = 10

      module_function

      # A type for a number of `unit` (as a Field has it, or nil) within `range`; anything else stays what
      # it was, and the schema says what is wrong with it.
      #
      #   within(80..600, "mm")["16"] # => 160.0
      def within(range, unit = nil)
        Dry::Types["float"].constructor { |value| value.is_a?(String) ? read(value.strip, range, unit) : value }
      end

      # The typed value of a Field, as a text in the field's own unit; one that the field does not allow stays
      # as it was typed.
      def shown(text, field)
        number = text.strip.empty? ? text : read(text.strip, field.range, field.unit)
        number.is_a?(Float) && field.range.cover?(number) ? Measure::Rounding.plain(number, 2) : text
      end

      # A sentence when a value was read otherwise than it was written, or nil: "16 was read as 16 cm."
      def remark(text, range, unit)
        return unless unit == "mm" && text.is_a?(String) && in_centimetres?(
          number(text.strip, range, unit), range
        )

        "#{text.strip} was read as #{text.strip} cm."
      end

      def read(text, range, unit)
        minutes = Measure::Durations.read(text) if unit == MINUTES
        return minutes if minutes

        alone = number(text, range, unit)
        return unit == "mm" && in_centimetres?(alone, range) ? alone * CM : alone if alone

        (measured(text, range, unit) unless Figures.undecided?(text)) || text
      rescue InvalidInput
        text
      end

      # A number with nothing behind it, or nil.
      def number(text, range, unit)
        return Figures.read(text, range: range, whole: whole?(unit)) if Figures.readings(text).any?

        amount = AMOUNTS.read(text)
        amount.number.to_f if amount && amount.unit.nil? && amount.rest.empty?
      end

      # Number in the field's unit, for a text with a unit of its own, or nil.
      def measured(text, range, unit)
        into = unit && Measure::UnitTable.find(unit)
        return if into.nil? || unit == MINUTES

        figures, name = BEHIND.match(text)&.values_at(:figures, :unit)
        from = name && AMOUNTS.unit_of(name)
        return AMOUNTS.number(text, into.key)&.round(2) unless from && Figures.readings(figures).size > 1

        Figures.read(figures, range: range, whole: whole?(unit)) do |value|
          AMOUNTS.convert(value, from, into.key).round(2)
        end
      end

      def whole?(unit)
        WHOLE.include?(unit) || (!unit.nil? && Measure::UnitTable.find(unit)&.whole) || false
      end

      def in_centimetres?(number, range)
        !number.nil? && !range.cover?(number) && range.cover?(number * CM)
      end
      private_class_method :read, :number, :measured, :whole?, :in_centimetres?
    end
  end
end
