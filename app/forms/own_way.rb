# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/way"
require_relative "../../lib/fond_kettle/measure/rounding"

module FondKettle
  module Forms
    # What a dish keeps of its own way, in a form with `@values` (checked) and `problems`.
    module OwnWay
      # Its fields in the form: "way_soak".
      WAY = Dishes::WAY_FIELDS.map { |field| field.with(key: :"way_#{field.key}") }.freeze
      WAY_KEYS = WAY.map(&:key).freeze

      # The dish's own settings as texts for the form's fields.
      def self.texts(said)
        said.to_h { |key, value| ["way_#{key}", value.is_a?(Numeric) ? Measure::Rounding.plain(value, 2) : value] }
      end

      # The dish's own settings (Dishes::Way); what is wrong with one is left out.
      def way
        wrong = @problems.map { |found| found[:field] }
        sound = WAY.reject { |field| wrong.include?(field.key.to_s) }
        Dishes::Way.of(sound.to_h { |field| [field.key.to_s.delete_prefix("way_"), @values[field.key]] })
      end

      # True when the dish has settings of its own, or one of them is wrong.
      def way_said?
        way.settings.any? || @problems.any? { |found| found[:field].start_with?("way_") }
      end
    end
  end
end
