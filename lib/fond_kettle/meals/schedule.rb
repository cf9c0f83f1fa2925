# frozen_string_literal: true

require_relative "../clock/network"
require_relative "../clock/placement"
require_relative "../clock/worth"
require_relative "../ground/value"
require_relative "arranging"

module FondKettle
  module Meals
    # When each task of a meal starts (`starts`, minutes before serving by id), how long it all takes
    # (`span_min`), what it cannot take less than (`bound_min`), and who does what (`hands`: cooks,
    # counted from 0, by id).
    Schedule = Value.define(:starts, :span_min, :bound_min, :hands) do
      # True when it is proved that no schedule is shorter.
      def proved?
        span_min <= bound_min
      end

      # True where another of so many cooks can take a task (its id), which is one pair of hands' alone.
      def taken?(id, cook, cooks)
        cook < cooks && hands.fetch(id, []).size == 1 && hands.fetch(id) != [cook]
      end

      # A Schedule in which tasks are other cooks' (indexes by id).
      def taken_by(takers)
        with(hands: { **hands, **takers.transform_values { |cook| [cook] } })
      end

      # The end of a task, in minutes before serving.
      def over_min(task)
        starts.fetch(task.id) - task.minutes
      end
    end

    # Makes schedules of meals.
    module Scheduling
      module_function

      # The Schedule of a meal; `effort`, `from`, `stop`: as Clock::Placement has them. Raises InvalidInput.
      def of(meal, now: nil, **how)
        problem = Arranging.problem(meal, now: now)
        placed = Clock::Placement.place(problem, **how)
        with(meal, problem, placed.starts, placed.bound_min)
      end

      # [meal, Schedule]: as for `of`; where only one was found in which what is ready waits longer, of the
      # meal with that patience. Raises InvalidInput.
      def nearest(meal, now: nil, stop: nil)
        problem = Arranging.problem(meal, now: now)
        placed = Clock::Placement.nearest(problem, stop: stop)
        patient = meal.with(patience_min: meal.patience_min + placed.over_min)
        [patient, with(patient, problem, placed.starts, placed.bound_min)]
      end

      # Minutes by which what waits longest for serving waits longer than its plan says.
      def over_min(meal, schedule)
        tasks = meal.tasks.to_h { |task| [task.id, task] }
        ends = meal.dishes.flat_map(&:ends).select { |one| one.most && tasks.key?(one.task) }
        ends.map { |one| schedule.over_min(tasks.fetch(one.task)) - one.most }.max.to_i.clamp(0..)
      end

      # A Schedule of starts that are known.
      def with(meal, problem, starts, bound_min)
        Schedule.new(starts: starts, span_min: starts.values.max || 0, bound_min: bound_min,
                     hands: hands(meal, problem, starts))
      end

      # Cooks by id of the task, of those with a pair of hands in it.
      def hands(meal, problem, starts)
        place = Clock::Network.new(problem).place
        fixed = meal.who.transform_keys { |id| place[id] }.compact
        at = place.keys.map { |id| starts.fetch(id) }
        Clock::Worths.new(problem, place).hands(at, fixed).group_by(&:first)
                     .to_h { |index, pairs| [problem.slots[index].id, pairs.map(&:last)] }
      end
      private_class_method :hands
    end
  end
end
