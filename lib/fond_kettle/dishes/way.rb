# frozen_string_literal: true

require_relative "../ground/field"
require_relative "../ground/limits"
require_relative "../ground/value"
require_relative "../ground/vocabulary"
require_relative "../ground/words"
require_relative "../larder/grain"
require_relative "../methods/method"
require_relative "../pot/attributes"
require_relative "../pot/water/wash"

module FondKettle
  module Dishes
    # What a dish may have of its own in place of its method's, as it is asked of a cook.
    WAY_FIELDS = [
      Field.number(:rinse, "Rinse, changes of water", Limits::RINSE_CHANGES, optional: true),
      Field.number(:rinse_min, "Rinse for", Limits::RINSE_MIN, unit: "min", optional: true),
      Field.number(:soak, "Soak for", Limits::SOAK_MIN, unit: "min", optional: true),
      Field.number(:soak_c, "In water of", Limits::SOAK_C, unit: "°C", optional: true),
      Field.choice(:drain, "Drain", Words.of("drains").slice(*Pot::Wash::SURFACE.keys)).with(optional: true),
      Field.number(:drain_min, "Leave it to drain for", Limits::DRAIN_MIN, unit: "min", optional: true),
      Field.choice(:start, "The liquid goes in", { "cold" => "cold",
                                                   "boiling" => "boiling" }).with(optional: true),
      Field.choice(:heat, "Up to the boil on", { "medium" => "medium",
                                                 "high" => "high" }).with(optional: true),
      Field.choice(:lid, "Closed with", Words.of("lids").slice(*Vocabulary::LIDS)).with(optional: true),
      Field.choice(:cover, "And", Pot::Attributes.switches(:request).to_h do |one|
        [one.key.to_s, Words.of("attributes").fetch(one.key.to_s)]
      end).with(optional: true),
      Field.number(:oven_c, "Oven at", Limits::OVEN_C, unit: "°C", optional: true),
      Field.number(:low_min, "On low, or in the oven, for", Limits::LOW_MIN, unit: "min", optional: true),
      Field.number(:rest, "Rest", Limits::REST_MIN, unit: "min", optional: true),
      Field.choice(:finish, "In the end",
                   Words.of("finishes").slice(*Methods::FINISHES)).with(optional: true),
      Field.number(:texture, "Texture, −1 firm to 1 soft", Limits::TEXTURE, optional: true)
    ].freeze

    # How a dish is made whatever the evening: values of WAY_FIELDS, nil where its method decides; its
    # layers and programme (Methods::Layered) and what is made of its rice (Methods::Making), nil likewise.
    Way = Value.define(*WAY_FIELDS.map(&:key), :layered, :making) do
      const_set(:GENTLE, %w[low bake].freeze)

      # A Way with the given settings, by symbols or strings; the others are nil.
      def self.of(said = {})
        known = said.to_h { |key, value| [key.to_sym, value] }
        new(**members.to_h { |key| [key, known[key]] })
      end

      # The settings that are given, by key.
      def settings
        WAY_FIELDS.to_h { |field| [field.key, public_send(field.key)] }.compact
      end

      # The washing settings, as a Methods::Request takes them.
      def wash
        { rinse_changes: rinse&.round, rinse_min: rinse_min, soak_min: soak, water_c: soak_c,
          drain: drain, drain_min: drain_min }.compact
      end

      # Methods::Choices with what the evening leaves open filled in.
      def choices(chosen)
        covered = Pot::Attributes.switches(:request).any? { |one| !chosen.public_send(one.key).nil? }
        own = { oven_c: oven_c, rest_minutes: rest, heat_to_boil: heat, finish: finish }
        own[cover.to_sym] = true if cover && !covered
        chosen.with(**own.select { |key, value| !value.nil? && chosen.public_send(key).nil? })
      end

      # A Methods::Method whose liquid goes in as hot as it does here, and that stands on low for as long.
      def method_of(method)
        return method unless start || low_min

        last = method.last_phase
        last = last.with(liquid_c: (Methods::PhaseText::BOILING_C if start == "boiling")) if start
        last = last.with(stages: last.stages.map { |stage| low(stage) }.freeze) if low_min
        method.with(phases: [*method.phases[0...-1], last].freeze)
      end

      # A vessel (Kit::Vessel) closed as it is here; a cooker keeps its lid.
      def vessel(vessel)
        return vessel if lid.nil? || lid == vessel.lid || !vessel.kind.on_ring

        vessel.with(lid: lid, lid_factor: nil)
      end

      private

      # It goes on gently: on low, in the oven.
      def low(stage)
        self.class::GENTLE.include?(stage.kind) ? stage.with(minutes: low_min.to_f) : stage
      end
    end
  end
end
