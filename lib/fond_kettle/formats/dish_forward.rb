# frozen_string_literal: true

require_relative "../dishes/line"
require_relative "../dishes/text/written"
require_relative "../ground/errors"
require_relative "../ground/limits"
require_relative "../ground/paths"
require_relative "../ground/schema_faults"
require_relative "../larder/ingredient"
require_relative "../larder/names"
require_relative "../measure/unit_table"
require_relative "../methods/library"
require_relative "../reading/barred/barred_dish"
require_relative "../reading/barred/barred_steps"
require_relative "../reading/rows/barred_text"

module FondKettle
  module Formats
    # Brings a dish of schema 1 (data/dish-1.schema.json: lines and steps with what stood between their bars)
    # forward to schema 2, with its text.
    class DishForward
      SCHEMA_FILE = File.join(DATA, "dish-1.schema.json")
      FORMAT = "fond-kettle-dish"
      MOST_STEPS = 200
      RAW = "raw"
      # What would break a row of text.
      BREAKS = "|\n\r"
      LEFT_OUT = "%s: not a part of this format"

      # True for a hash that is a dish of schema 1.
      def self.old?(data)
        data.is_a?(Hash) && !data.key?("schema") && data["format"].to_s.start_with?(FORMAT)
      end

      # A parsed request in which a dish of schema 1 is brought forward; nothing is asked of it that was not
      # asked before. Raises InvalidInput.
      def self.in(data)
        return data unless old?(data["dish"])

        dish = new(data["dish"]).call
        data.merge("dish" => dish.merge("asked" => dish["asked"].select { |one| one["guess"] }))
      end

      # `data`: the dish of schema 1; `house`: names, cups and library of Reading::BarredDish. Raises
      # InvalidInput with the place of each fault.
      def initialize(data, **house)
        long = { "lines" => Limits::LINES, "steps" => MOST_STEPS }.find do |list, most|
          Array(data[list]).size > most
        end
        raise InvalidInput.at(long.first, "must list at most #{long.last}") if long

        SchemaFaults.check(self.class.schema, data, "dish")
        @data = data
        @house = house
      end

      # The JSON schema, read once.
      def self.schema
        @schema ||= SchemaFaults.schema(SCHEMA_FILE)
      end

      # The dish of schema 2, a hash with string keys.
      def call
        Reading::BarredDish.new(head, lines: lines, steps: steps, way: @data.fetch("way", {}), **@house).call
                           .merge("text" => text, "not_read" => not_read)
      end

      private

      def head
        { title: @data["title"], serves: @data["serves"], method: @data["method"], grain: @data["grain"],
          rice_g: @data["rice"]["g"].to_f, pan_mm: @data.dig("pan", "diameter_mm") }
      end

      def text
        Reading::BarredText.of(head, @data["note"], lines, steps)
      end

      def lines
        @lines ||= @data["lines"].map { |entry| line(entry) }.join("\n")
      end

      def steps
        @steps ||= Reading::BarredSteps.write((@data["steps"] || []).map { |step| step(step) })
      end

      def line(entry)
        entry = entry.transform_values { |value| value.is_a?(String) ? value.tr(BREAKS, "/  ") : value }
        piece = Larder::Ingredient.of(key: "any", name: entry["name"])
        given = %w[amount name scales like out instead_of].to_h { |key| [key.to_sym, entry[key]] }
        unit = entry["unit"] || Measure::UnitTable::PIECE if entry["amount"]
        more = { optional: entry["optional"] || false, state: entry["state"] || RAW,
                 note: entry["note"].to_s }
        Dishes::Written.line(Dishes::Line.of(**given, **places(entry), **more, unit: unit, g: nil,
                                                                               ingredient: piece))
      end

      # The stages at which a line goes in, and how much at each.
      def places(entry)
        shares = entry["shares"]
        shares ? { stage: entry["stage"] || shares.keys.first, shares: shares } : { stage: entry["stage"] }
      end

      def step(entry)
        say, cue = entry.values_at("say", "cue").map { |words| words.to_s.tr(BREAKS, "/  ") }
        takes = entry["takes"]&.map { |name| name.tr("|,\n\r", "/   ") }
        Reading::BarredStep.of(say: say, cue: cue, stage: entry["stage"] || "base", takes: takes,
                               minutes: entry["minutes"].to_f, at_min: entry["at_min"]&.to_f,
                               kind: entry["kind"] || Care::Kinds::OWN, vessel: vessel(entry["vessel"]),
                               hands_on: entry.fetch("hands_on", true), oven_c: entry["oven_c"]&.to_f)
      end

      def vessel(entry)
        entry && Reading::VesselHeading.new(name: entry["name"].tr("|:()\n\r", " "), kind: entry["kind"])
      end

      # Its note, and what is no part of the format.
      def not_read
        known = self.class.schema.value.fetch("properties").keys
        [@data["note"].to_s, *(@data.keys - known).map { |key| format(LEFT_OUT, key) }].reject(&:empty?)
      end
    end
  end
end
