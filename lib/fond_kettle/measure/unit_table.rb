# frozen_string_literal: true

require_relative "../ground/keyed_catalogue"
require_relative "../ground/errors"
require_relative "../ground/remembered"
require_relative "../ground/schema"
require_relative "../ground/value"
require_relative "cup"

module FondKettle
  module Measure
    # A unit of the table. `is`: its size, as ruby-units reads it (nil where it has none); `whole`: nobody
    # measures thousandths of it.
    Unit = Value.define(:key, :family, :is, :written, :say, :short, :shown, :whole) do
      # True when it can be converted into grams with a known density.
      def amount?
        %w[mass volume].include?(family)
      end

      # True for a unit that is counted (a clove, a can, a glass of whatever size), not measured.
      def piece?
        %w[piece vessel].include?(family)
      end

      # The unit as a cook reads it beside a number: "cups", "mL", "cloves".
      def label(count)
        count <= 1 || short ? say : Measure.plural(say)
      end
    end

    # Everything that a cook may measure in (data/units.yml), checked when loaded.
    module UnitTable
      extend KeyedCatalogue

      FAMILIES = %w[mass volume temperature length time piece vessel].freeze
      PIECE = "piece"
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string)
        required(:family).filled(:string, included_in?: FAMILIES)
        optional(:is).filled(:string)
        required(:written).array(:string)
        required(:say).filled(:string)
        optional(:short).filled(:bool)
        optional(:whole).filled(:bool)
        required(:shown).filled(:string)
      end

      rows("units.yml", SCHEMA) do |row|
        Unit.new(is: nil, short: false, whole: false, **row, written: row[:written].freeze)
      end

      NAMES = Remembered.new(50) do |families|
        by_name.select { |_, unit| families.include?(unit.family) }.freeze
      end
      private_constant :NAMES

      module_function

      # The units that can be converted, not only counted, by key.
      def measured
        @measured ||= all.reject { |_, unit| unit.piece? }.freeze
      end

      # The Unit of a key or of anything that a cook may call it, or nil.
      #
      #   find("cups").key # => "us-cup"
      def find(name)
        all[name] || by_name[plain(name.to_s)]
      end

      # Names of the units of some families, in lower case, each with its Unit.
      def names(*families)
        NAMES[families]
      end

      # True for units of weight: g, kg, oz, lb.
      def mass?(key)
        all[key]&.family == "mass"
      end

      # True for units that are counted.
      def piece?(key)
        all[key]&.piece? || false
      end

      # True for vessels of unknown size: a glass, a ladle.
      def vessel?(key)
        all[key]&.family == "vessel"
      end

      def by_name
        @by_name ||= all.values.each_with_object({}) do |unit, named|
          [unit.key, *unit.written].each { |name| named[plain(name)] ||= unit }
        end.freeze
      end

      def plain(name)
        name.downcase.tr("-", " ")
      end
      private_class_method :by_name, :plain
    end
  end
end
