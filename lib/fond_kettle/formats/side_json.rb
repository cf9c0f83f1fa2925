# frozen_string_literal: true

require_relative "../dishes/graph/graph_dish"
require_relative "../dishes/side/side"
require_relative "../measure/cup"
require_relative "request/dish_kit"
require_relative "request/dish_wishes"
require_relative "request/graph_dish_reader"
require_relative "task_json"

module FondKettle
  module Formats
    # A request with a `dish` without rice: what it comes to this evening, as JSON.
    class SideJson
      # True for such a request (parsed JSON).
      def self.side?(data)
        dish = data["dish"]
        dish.is_a?(Hash) && GraphDishReader::RICE.none? { |key| dish.key?(key) }
      end

      # `data`: the parsed request. Raises InvalidInput with the path of each fault.
      def initialize(data)
        graph = GraphDishReader.new(data.fetch("dish")).dish
        wishes = DishWishes.new(data["for"], graph)
        answerable(graph) unless data["assume"] == true
        @side = Dishes::Side.new(graph, wishes.factor, Measure::House.with(nil),
                                 kit: DishKit.new(data.fetch("kit", [])).vessels, eaters: wishes.eaters)
      end

      # The hash.
      def call
        { title: @side.graph.title, servings: @side.servings.round(3), tasks: tasks, ends: ends,
          vessels: vessels, cautions: cautions,
          allergens: { contains: @side.allergens, not_checked: @side.not_checked },
          salt: { g: @side.salt.total_g.round(2), g_each: @side.salt.serving_g.round(2) },
          warnings: @side.open.map { |say| { code: "asked", say: say } } }
      end

      private

      # A question that nobody has answered stops the plan.
      def answerable(graph)
        open = graph.questions.map { |say| { field: "dish", message: say } }
        raise InvalidInput, open if open.any?
      end

      def tasks
        @side.tasks.map do |task|
          codes = @side.cautions.filter_map { |caution, ids| caution.code if ids.include?(task.id) }
          step = @side.graph.steps.find { |one| one.id == task.id }
          { **TaskJson.of(task, codes), vessel: step&.vessel, step: step&.id }.compact
        end
      end

      def ends
        last = @side.tasks.last
        last ? [{ task: last.id, before_serve: [0, last.kind.waits] }] : []
      end

      def vessels
        @side.vessels.map do |vessel|
          steps = @side.graph.steps.select { |step| step.vessel == vessel.key }.map(&:id)
          { key: vessel.key, kind: vessel.kind, pot: vessel.pot.name, rice: false, steps: steps }
        end
      end

      def cautions
        @side.cautions.keys.map(&:texts)
      end
    end
  end
end
