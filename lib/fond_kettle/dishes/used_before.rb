# frozen_string_literal: true

require_relative "own_steps"

module FondKettle
  module Dishes
    # What a dish uses before it is there: a vessel gives something at a step that stands earlier in the way
    # than the one that makes it, as only the plan's own times tell.
    class UsedBefore
      SAY = "%s is used %d min before serving and is there only %d min before: put the step that makes it " \
            "first, or make it on another day."
      # Kinds of tasks at which the rice goes in: where it is layered, it was in a pot of water before.
      IN = %w[layer fill].freeze

      # `dish`: a Dish of a graph; `plan`: its Methods::Plan for the evening.
      def initialize(dish, plan)
        @dish = dish
        @plan = plan
        @starts = plan.placed.starts
      end

      # One sentence for each thing that is used too early.
      def sentences
        @dish.graph.pours.group_by(&:first).filter_map do |_, pours|
          pours.filter_map { |pour| sentence(*pour) }.first
        end
      end

      private

      # `made_at`: index of the step that makes it; `used_at`: of the one that uses it, nil: the rice's own.
      def sentence(what, made_at, used_at)
        made = own(made_at)
        used = used_at ? own(used_at) : rice
        return unless made && used

        used_min = @starts.fetch(used.id)
        there_min = @starts.fetch(made.id) - made.minutes
        format(SAY, what, used_min, there_min) if used_min > there_min
      end

      # The task of a step itself, neither the heating of its oven nor a check.
      def own(index)
        kind = @dish.steps.fetch(index).kind
        @plan.tasks.find { |task| task.id.end_with?(".#{OwnSteps.key(index)}") && task.kind.key == kind }
      end

      # The task at which what the vessels give goes in with the rice.
      def rice
        IN.filter_map { |kind| @plan.tasks.find { |task| task.kind.key == kind } }.first
      end
    end
  end
end
