# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../dishes/graph/graph_check"
require_relative "../../dishes/graph/graph_dish"
require_relative "../../ground/errors"
require_relative "../../ground/paths"
require_relative "../../ground/schema_faults"
require_relative "../../larder/grains"
require_relative "../../larder/names"
require_relative "../../vessels/fry_states"
require_relative "../../vessels/graph"
require_relative "line_food"

module FondKettle
  module Formats
    # Reads a dish of schema 2 (data/dish.schema.json) into a Dishes::GraphDish. Raises InvalidInput with the
    # path of each fault.
    class GraphDishReader
      FILE = File.join(DATA, "dish.schema.json")
      SERVES = 4.0
      # What a step says in words, and in numbers.
      TEXTS = %i[id say heat lid until state beside to].freeze
      NUMBERS = %i[minutes at_min g share oven_c].freeze
      # What a dish without rice has none of.
      RICE = %w[grain rice_g method].freeze
      POT = { key: "pot", kind: "pot", name: nil, rice: true, diameter_mm: nil }.freeze

      # `data`: the dish (string keys); `names`: Larder::Names; `stored`: it passed its schema before. Raises
      # InvalidInput where its schema does not allow it.
      def initialize(data, names: Larder::Names.ours, stored: false)
        SchemaFaults.check(self.class.schema, data, "dish") unless stored
        @data = data
        @names = names
      rescue InvalidInput => e
        raise(InvalidInput, e.problems.map { |one| { **one, field: under(one[:field]) } })
      end

      # The JSON schema, read once.
      def self.schema
        @schema ||= SchemaFaults.schema(FILE)
      end

      # The GraphDish. Raises InvalidInput where it does not hold together (Dishes::GraphCheck).
      def dish
        @dish ||= as_told.tap { |dish| sound(dish) }
      end

      # The GraphDish, though it may not hold together.
      def as_told
        @as_told ||= Dishes::GraphDish.new(title: @data["title"], serves: (@data["serves"] || SERVES).to_f,
                                           grain: grain, rice_g: @data["rice_g"]&.to_f,
                                           method: @data["method"], lines: lines, vessels: vessels,
                                           steps: steps, rice_line: rice_line,
                                           way: @data.fetch("way", {}), asked: @data.fetch("asked", []),
                                           data: @data)
      end

      private

      def under(field)
        field == "dish" ? field : "dish.#{field}"
      end

      def sound(dish)
        faults = Dishes::GraphCheck.new(dish).faults
        raise InvalidInput, faults if faults.any?
      end

      # Nil for a side: a dish that has neither rice nor a way to cook it.
      def grain
        return if side?

        keys = Larder::Grains.all.keys
        return @data["grain"] if keys.include?(@data["grain"]) && rice_told?

        raise InvalidInput.at("dish.grain", "must be one of: #{keys.join(', ')}", received: @data["grain"])
      end

      # A side of which nobody says in what it is made.
      def unsaid
        raise InvalidInput.at("dish.vessels", "must be given: a dish without rice is made in some vessel")
      end

      def rice_told?
        missing = RICE.find { |key| @data[key].nil? }
        missing.nil? || raise(InvalidInput.at("dish", "must have #{missing}; a side has none of these"))
      end

      def lines
        @data["lines"].each_with_index.map do |line, index|
          Dishes::GraphLine.new(id: line["id"], text: line["text"], food: line["food"], note: line["note"],
                                ingredient: LineFood.new(line, index, @names).ingredient,
                                amount: line["amount"]&.to_f, unit: line["unit"],
                                state: line.fetch("state", LineFood::RAW), g: line["g"]&.to_f,
                                scales: line["scales"], optional: line.fetch("optional", false),
                                instead_of: line["instead_of"])
        end.freeze
      end

      # The line that is the rice itself.
      def rice_line
        named = @data["lines"].find { |one| Larder::Grains.all.key?(one["ingredient"]) }
        named ||= @data["lines"].find { |one| one["g"] && @names.grain(one["food"]) }
        named && named["id"]
      end

      def vessels
        given = (@data["vessels"] || []).map { |one| vessel(one) }
        given = [Dishes::GraphVessel.new(**POT), *given] if given.none?(&:rice) && !side?
        given.freeze
      end

      def side?
        RICE.none? { |key| @data.key?(key) }
      end

      def vessel(given)
        Dishes::GraphVessel.new(key: given["key"], kind: given["kind"], name: given["name"],
                                rice: given["rice"] || false, diameter_mm: given["diameter_mm"]&.to_f)
      end

      def steps
        last = (vessels.find(&:rice) || vessels.first || unsaid).key
        @data["steps"].each_with_index.map do |step, index|
          last = step["vessel"] || last
          step(step, index, last)
        end.freeze
      end

      def step(given, index, vessel)
        kind = kind(given["kind"], index)
        Dishes::DishGraphStep.new(
          **TEXTS.to_h { |key| [key, given[key.to_s]] }, **NUMBERS.to_h do |key|
            [key, given[key.to_s]&.to_f]
          end,
          kind: kind.key, vessel: vessel, rice: given.fetch("rice", "before"),
          hands_on: given["hands_on"].nil? ? !kind.goes_on?(given["minutes"]) : given["hands_on"],
          takes: given.fetch("takes", []).map { |take| take(take) }.freeze,
          **poured(given.fetch("from", [])),
          after: given.fetch("after", []).freeze
        )
      end

      # What other vessels give, and those that give what the rice needs.
      def poured(given)
        needed, others = given.partition { |one| one["as"] }
        { from: others.map { |one| pour(one) }.freeze, needed: needed.map { |one| one["vessel"] }.freeze,
          needed_g: needed.filter_map { |one| one["g"] }.first&.to_f }
      end

      def take(given)
        Dishes::Take.new(line: given["line"], share: given.fetch("share", 1).to_f)
      end

      def pour(one)
        Vessels::Pour.new(vessel: one["vessel"], what: one.fetch("what", "all"), share: one["share"]&.to_f,
                          g: one["g"]&.to_f)
      end

      def kind(key, index)
        known = Care::Kinds.all
        return known[key] if known.key?(key)

        raise InvalidInput.at("dish.steps.#{index}.kind", "must be one of: #{known.keys.join(', ')}",
                              received: key)
      end
    end
  end
end
