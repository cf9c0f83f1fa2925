# frozen_string_literal: true

require "json"
require_relative "../ground/errors"
require_relative "../ground/limits"
require_relative "../ground/paths"
require_relative "../ground/schema_faults"
require_relative "../measure/unit_table"
require_relative "../dishes/text/quick_steps"
require_relative "../dishes/text/written"
require_relative "draft"

module FondKettle
  module Formats
    # A dish as JSON of our own (data/dish-1.schema.json), both ways.
    module DishJson
      FORMAT = "fond-kettle-dish-1"
      SCHEMA_FILE = File.join(DATA, "dish-1.schema.json")
      MOST_STEPS = 200

      module_function

      # A Dishes::Dish as a hash that its schema allows: of schema 2 where it is a graph.
      def call(dish)
        return dish.graph.data if dish.graph

        { format: FORMAT, title: dish.title, serves: dish.serves, method: dish.method, grain: dish.grain,
          rice: { g: dish.rice_g.round(3) }, **(dish.pan_mm ? { pan: { diameter_mm: dish.pan_mm } } : {}),
          lines: dish.lines.map { |line| line(line) }, steps: dish.steps.map { |step| own_step(step) },
          way: dish.way.settings, note: dish.note }
      end

      # The Draft of such a hash (string keys). Raises InvalidInput, with the place
      # and reason of each fault.
      def draft(data)
        long = { "lines" => Limits::LINES, "steps" => MOST_STEPS }.find do |list, most|
          Array(data[list]).size > most
        end
        raise InvalidInput.at(long.first, "must list at most #{long.last}") if long

        SchemaFaults.check(schema, data, "dish")
        steps = (data["steps"] || []).map { |step| step(step) }
        Draft.of(title: data["title"], serves: text(data["serves"]), method: data["method"],
                 grain: data["grain"], rice: "#{text(data['rice']['g'])} g",
                 pan_mm: text(data.dig("pan", "diameter_mm")),
                 lines: data["lines"].map { |entry| quick(entry) }.join("\n"),
                 steps: Dishes::QuickSteps.write(steps), way: data["way"] || {},
                 note: data["note"].to_s, left_out: unknown(data))
      end

      def line(line)
        { amount: line.amount&.round(6), unit: line.unit, g: line.g&.round(3), name: line.name,
          note: line.note, stage: line.stage, state: line.state, scales: line.scales,
          like: line.like, shares: (line.shares if line.shares.size > 1), out: line.out,
          optional: (true if line.optional), instead_of: line.instead_of }.compact
      end

      def quick(entry)
        entry = entry.transform_values { |value| value.is_a?(String) ? value.tr("|\n\r", "/  ") : value }
        piece = Larder::Ingredient.of(key: "any", name: entry["name"])
        given = %w[amount name scales like out instead_of].to_h { |key| [key.to_sym, entry[key]] }
        given.update(places(entry))
        unit = entry["unit"] || Measure::UnitTable::PIECE if entry["amount"]
        Dishes::Written.line(Dishes::Line.of(**given, unit: unit, g: nil, ingredient: piece,
                                                      note: entry["note"].to_s,
                                                      optional: entry["optional"] || false,
                                                      state: entry["state"] || "raw"))
      end

      # The stages at which a line goes in, and how much at each.
      def places(entry)
        shares = entry["shares"]
        shares ? { stage: entry["stage"] || shares.keys.first, shares: shares } : { stage: entry["stage"] }
      end

      def own_step(step)
        { **step.to_h, vessel: step.vessel&.to_h }.compact
      end

      def step(entry)
        say, cue = entry.values_at("say", "cue").map { |text| text.to_s.tr("|\n\r", "/  ") }
        takes = entry["takes"]&.map { |name| name.tr("|,\n\r", "/   ") }
        Dishes::DishStep.of(say: say, cue: cue, stage: entry["stage"] || "base",
                            minutes: entry["minutes"].to_f, at_min: entry["at_min"]&.to_f, takes: takes,
                            kind: entry["kind"] || Care::Kinds::OWN, hands_on: entry.fetch("hands_on", true),
                            oven_c: entry["oven_c"]&.to_f, vessel: vessel(entry["vessel"]))
      end

      def vessel(entry)
        entry && Dishes::TypedVessel.new(name: entry["name"].tr("|:()\n\r", " "), kind: entry["kind"])
      end

      # Whole numbers without their point.
      def text(number)
        number ? Measure::Rounding.plain(number, 3) : ""
      end

      def unknown(data)
        (data.keys - schema_keys).map { |key| "#{key}: not a part of this format" }.freeze
      end

      def schema
        @schema ||= SchemaFaults.schema(SCHEMA_FILE)
      end

      def schema_keys
        schema.value.fetch("properties").keys
      end

      private_class_method :line, :quick, :places, :own_step, :step, :vessel, :text, :unknown, :schema,
                           :schema_keys
    end
  end
end
