# frozen_string_literal: true

require_relative "../ground/field"
require_relative "../ground/value"

module FondKettle
  module House
    # A measurement that teaches a household's own figures: what it is called, how it is
    # done, what it asks, and, where a clock leads through it, what is asked before the
    # clock starts (`first`), how long it runs (`lasts_min`; nil: the cook stops it) and
    # what is done meanwhile.
    GuidedTest = Value.define(:key, :title, :how, :fields, :first, :lasts_min, :meanwhile) do
      # True for a test with a clock.
      def guided?
        !first.empty?
      end

      # Fields that are asked after the clock has run.
      def last
        fields.reject { |field| first.include?(field.key) }
      end
    end

    MINUTES = Field.number(:minutes, "It took", 0.5..90, unit: "min")

    GUIDED_TESTS = [
      GuidedTest.new(key: "measure", title: "What the pot holds",
                     how: "Fill the pot to the brim with a cup you know, and count.",
                     fields: [Field.owned(:pot, "Pot"), Field.owned(:cup, "Cup"),
                              Field.number(:count, "Cups it took", 0.25..200)].freeze,
                     first: [].freeze, lasts_min: nil, meanwhile: nil),
      GuidedTest.new(key: "lid", title: "What its lid loses",
                     how: "Half fill the pot, bring it to the boil, weigh it with its lid. Ten minutes " \
                          "on low, lid on, then weigh again: start the clock and it leads you through.",
                     fields: [Field.owned(:pot, "Pot"),
                              Field.number(:before_g, "Before", 100..50_000, unit: "g"),
                              Field.number(:after_g, "It weighs now", 50..50_000, unit: "g"),
                              MINUTES.with(range: 3..60)].freeze,
                     first: %i[pot before_g].freeze, lasts_min: 10,
                     meanwhile: "On low, lid on, and do not look"),
      GuidedTest.new(key: "burner", title: "What the burner gives",
                     how: "A known amount of cold water, lid on, high. Time it to the full boil; the " \
                          "clock can do that.",
                     fields: [Field.owned(:burner, "Burner"), Field.owned(:pot, "Pot"),
                              Field.number(:water_g, "Water", 200..20_000, unit: "g"),
                              Field.number(:from_c, "Water was at", 0..60, unit: "°C"), MINUTES].freeze,
                     first: %i[burner pot water_g from_c].freeze, lasts_min: nil,
                     meanwhile: "On high, lid on, until it boils hard"),
      GuidedTest.new(key: "height", title: "How high the kitchen stands",
                     how: "Hold a thermometer in hard-boiling water.",
                     fields: [Field.number(:boil_c, "It boils at", 75..102, unit: "°C")].freeze,
                     first: [].freeze, lasts_min: nil, meanwhile: nil)
    ].to_h { |test| [test.key, test] }.freeze
  end
end
