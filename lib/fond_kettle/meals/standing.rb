# frozen_string_literal: true

require_relative "../clock/replanning"
require_relative "meal"

module FondKettle
  module Meals
    # A tap of a cook about a task (its id), `what`: that it has begun, that it is over, or that one of
    # these is taken back; `at` a Time.
    Tap = Value.define(:task, :what, :at)

    # Progress of a meal at the stove, worked out only from its schedule, the taps and the steps of its
    # pots, so that any device and any restart gets the same answer.
    class Standing
      BACK = { "not-begun" => "begun", "not-over" => "over" }.freeze
      WHAT = ["begun", "over", *BACK.keys].freeze

      attr_reader :meal, :schedule

      # `taps`: Tap, in the order in which they happened; `cooks`: Stove::Cooks of its pots by key of the
      # dish.
      def initialize(meal, schedule, taps: [], cooks: {})
        @meal = meal
        @schedule = schedule
        @cooks = cooks
        @tasks = meal.tasks.sort_by.with_index { |task, index| [-schedule.starts.fetch(task.id), index] }
        @by_id = @tasks.to_h { |task| [task.id, task] }
        @taps = Standing.left(taps).group_by(&:task)
      end

      # Every MealTask of the evening, in the order in which they start.
      attr_reader :tasks

      # Time when a task began, or nil.
      def begun_at(task)
        [tapped(task, "begun"), at_the_pot(task), tapped(task, "over")].compact.min
      end

      # Time when it was over, or nil: the start of a task that follows it, at the latest.
      def over_at(task)
        over = tapped(task, "over")
        return over if over

        begun = begun_at(task)
        begun && followers(task).filter_map { |other| begun_at(other) }.select { |at| at >= begun }.min
      end

      # True when the task is over.
      def over?(task)
        !over_at(task).nil?
      end

      # True when the task has begun.
      def begun?(task)
        !begun_at(task).nil?
      end

      # True while the task is going on.
      def going?(task)
        begun?(task) && !over?(task)
      end

      # Tasks that have to be over, or, where they need no hands, on the go, before a task can begin, and
      # are not; `done`: the id of one that is over with the same tap.
      def waits_for(task, done: nil)
        before = task.slot.after.select { |after| after.least >= 0 }.filter_map { |after| @by_id[after.task] }
        before.reject { |one| one.id == done || over?(one) || (begun?(one) && !one.hands_on?) }
      end

      # Time when a task that is going on should be over.
      def ends_at(task)
        begun_at(task) + (task.minutes * 60)
      end

      # Time when a task starts, by the schedule.
      def starts_at(task)
        meal.at(schedule.starts.fetch(task.id))
      end

      # True when nothing is left to do.
      def all_over?
        tasks.all? { |task| over?(task) }
      end

      # The cook who does a task, or, where it needs no hands, sets it going: who is free then, and of these
      # rather who has the same dish in hand.
      def cook_of(task)
        return schedule.hands.fetch(task.id).first if schedule.hands.key?(task.id)

        at_min = schedule.starts.fetch(task.id)
        own = before(task)
        meal.cooks.each_index.min_by do |cook|
          [busy?(cook, at_min) ? 1 : 0, own && schedule.hands.fetch(own.id).include?(cook) ? 0 : 1, cook]
        end
      end

      # Minutes by which the evening is behind its schedule, whole: by what has not begun and what takes
      # longer.
      def late_min(now)
        waiting = tasks.reject { |task| begun?(task) }.map { |task| now - starts_at(task) }
        at_work = tasks.select { |task| going?(task) }
        going = at_work.map { |task| [now, ends_at(task)].max - over_by_plan(task) }
        ([*waiting, *going].max.to_f / 60).floor.clamp(0..)
      end

      # The tasks that have begun (Clock::Begun by id), for the clock. A task that should be over and is not
      # ends now.
      def begun(now)
        tasks.select { |task| begun?(task) }.to_h do |task|
          over = over_at(task) || [ends_at(task), now].max
          [task.id,
           Clock::Begun.new(start_min: meal.before_min(begun_at(task)), end_min: meal.before_min(over))]
        end
      end

      # The taps without those that other taps take back.
      def self.left(taps)
        taps.each_with_object([]) do |tap, left|
          what = BACK[tap.what]
          last = what && left.rindex { |one| one.task == tap.task && one.what == what }
          last ? left.delete_at(last) : left << tap
        end
      end

      private

      # True for a cook (index) with something else in hand so many minutes before serving.
      def busy?(cook, at_min)
        tasks.any? do |task|
          schedule.hands.fetch(task.id, []).include?(cook) && schedule.starts.fetch(task.id) > at_min &&
            schedule.over_min(task) < at_min
        end
      end

      # The task with hands of the same dish right before a task, or nil.
      def before(task)
        tasks.take_while { |one| one.id != task.id }.reverse
             .find { |one| one.dish == task.dish && schedule.hands.key?(one.id) }
      end

      def tapped(task, what)
        @taps.fetch(task.id, []).select { |tap| tap.what == what }.map(&:at).min
      end

      def at_the_pot(task)
        dish = meal.dish(task.dish)
        begun = @cooks.fetch(task.dish, []).flat_map(&:events).select do |event|
          event.kind == "task" && event.what == dish.own_id(task.id)
        end
        begun.map(&:at).min
      end

      def followers(task)
        (@followers ||= tasks.each_with_object({}) do |other, found|
          other.slot.after.each { |after| (found[after.task] ||= []) << other if after.least >= 0 }
        end).fetch(task.id, [])
      end

      def over_by_plan(task)
        meal.at(schedule.over_min(task))
      end
    end
  end
end
