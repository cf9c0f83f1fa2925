# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Formats
    # A dish as it is given away to be read by people and programs: its `title`, for how many, the `way` of
    # its rice (nil: a side), its lines as the cook has `written` them, the tasks in its own amount and how
    # long they take together (minutes), allergens, foods that nobody has checked, cautions (texts), and
    # `data`: all of it, a hash of schema 2.
    GivenDish = Value.define(:title, :serves, :way, :written, :tasks, :total_min, :allergens, :not_checked,
                             :cautions, :data) do
      # Of a Dishes::Dish and its Methods::Plan as written.
      def self.of(dish, plan)
        new(title: dish.title, serves: dish.serves, way: plan.method.name, written: dish.graph.written,
            tasks: plan.tasks, total_min: plan.total_min, allergens: plan.request.allergens.sort,
            not_checked: plan.request.not_checked, cautions: plan.cautions.keys.map(&:say),
            data: dish.graph.data)
      end

      # Of a Dishes::Side in its own amount, done step by step.
      def self.of_side(side)
        graph = side.graph
        new(title: graph.title, serves: graph.serves, way: nil, tasks: side.tasks,
            written: graph.lines.map { |line| line.text || line.food }, data: graph.data,
            total_min: side.tasks.sum(&:told_min), allergens: side.allergens, not_checked: side.not_checked,
            cautions: side.cautions.keys.map(&:say))
      end
    end
  end
end
