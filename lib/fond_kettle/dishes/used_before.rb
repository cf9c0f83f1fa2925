# frozen_string_literal: true

require_relative "../ground/value"
require_relative "own_steps"

module FondKettle
  module Dishes
    # What a dish uses before it is there: a vessel gives something at a step that stands earlier in the way
    # than the one that makes it, as only the plan's own times tell.
    class UsedBefore
      CODE = "used-before-made"
      SAY = "%s is used %s and is there only %s: put the step that makes it first, or make it on another day."
      BEFORE = "%d min before serving"

      # Something that is used so many minutes before serving, and is there only `there_min` before.
      Early = Value.define(:what, :used_min, :there_min) do
        # It in one sentence; the block says a time (minutes before serving), nil: in minutes.
        #
        #   early.say { |min| "17:59" } # => "What is in the jug is used 17:59 and is there only 18:21: …"
        def say(&)
          format(FondKettle::Dishes::UsedBefore::SAY, what, *[used_min, there_min].map { |min| at(min, &) })
        end

        private

        def at(min)
          (yield min if block_given?) || format(FondKettle::Dishes::UsedBefore::BEFORE, min)
        end
      end

      # Kinds of tasks at which the rice goes in: where it is layered, it was in a pot of water before.
      IN = %w[layer fill].freeze

      # `dish`: a Dish of a graph; `plan`: its Methods::Plan for the evening.
      def initialize(dish, plan)
        @dish = dish
        @plan = plan
      end

      # An Early for each thing that is used too early.
      def all
        @dish.graph.pours.group_by(&:first).filter_map do |_, pours|
          pours.filter_map { |pour| early(*pour) }.first
        end
      end

      private

      # `made_at`: index of the step that makes it; `used_at`: of the one that uses it, nil: the rice's own.
      def early(what, made_at, used_at)
        made = own(made_at)
        used = used_at ? own(used_at) : rice
        return unless made && used

        starts = @plan.placed.starts
        used_min = starts.fetch(used.id)
        there_min = starts.fetch(made.id) - made.minutes
        Early.new(what: what, used_min: used_min, there_min: there_min) if used_min > there_min
      end

      # The task of a step itself, neither the heating of its oven nor a check.
      def own(index)
        kind = @dish.steps.fetch(index).kind
        id = ".#{OwnSteps.key(index)}"
        @plan.tasks.find { |task| task.id.end_with?(id) && task.kind.key == kind }
      end

      # The task at which what the vessels give goes in with the rice.
      def rice
        IN.filter_map { |kind| @plan.tasks.find { |task| task.kind.key == kind } }.first
      end
    end
  end
end
