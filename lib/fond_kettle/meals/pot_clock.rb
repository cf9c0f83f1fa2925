# frozen_string_literal: true

require_relative "../clock/replanning"
require_relative "../ground/errors"
require_relative "../ground/value"
require_relative "../stove/cook"
require_relative "arranging"
require_relative "meal"

module FondKettle
  module Meals
    # The clock of a single pot at the stove: it is an evening of one dish, planned anew by what has happened
    # so far, with the hands and rings of the house. Its end is when the pot is ready.
    class PotClock
      KEY = "pot"
      # A task that has begun and is not over (a hash of the plan), and when it will be.
      GoingTask = Value.define(:task, :ends_at)
      # Whole minutes are off by less, s.
      WHOLE_S = 120
      # What is so near is due, s.
      DUE_S = 30

      # `cook`: Stove::Cook; `now`: a Time; `hands`, `rings`, `ovens`: of the house.
      def initialize(cook, now, hands: 1, rings: 1, ovens: 1)
        @cook = cook
        @now = now
        cooks = Array.new(hands) { |index| "Cook #{index}" }
        @house = { cooks: cooks, rings: rings, shelves: [ovens, 1].max }
      end

      # The Time when the last task is over; of a pot that waits, if it were begun now.
      def ready_at
        return @now + (planned_min * 60) if @cook.waiting?

        planned ? serve_at + (planned.late_min * 60) : @now + (@cook.left_min(@now) * 60)
      end

      # The Time when the task after the one at hand starts, nil: it is the last.
      def next_at
        return unless @cook.following

        ends_at = @cook.task_ends_at
        return ends_at || @now unless planned

        at = ready_at - (planned.starts.fetch(id(@cook.following)) * 60)
        # The schedule counts whole minutes: what follows at once does so to the second.
        ends_at && (at - ends_at).abs < WHOLE_S ? ends_at : at
      end

      # True where the task after the one at hand is to begin now.
      def due?
        !next_at.nil? && next_at - @now <= DUE_S
      end

      # Minutes for which no hands are needed, whole; 0 where the task at hand wants them.
      def free_min
        return 0 if @cook.waiting? || @cook.task[:hands_on]

        until_at = next_at || ready_at
        [((until_at - @now) / 60.0).floor, 0].max
      end

      # GoingTasks beside the one at hand, what is over first before the others.
      def beside
        earlier.filter_map do |task|
          ends_at = ends_at(task)
          GoingTask.new(task: task, ends_at: ends_at) if ends_at > @now
        end.sort_by(&:ends_at)
      end

      private

      # Minutes that all of it takes by the plan.
      def planned_min
        planned_starts.fetch(@cook.task[:id].to_sym) { @cook.tasks.sum { |task| task[:minutes] } }
      end

      def planned
        return @planned if defined?(@planned)

        @planned = Clock::Replanning.of(Arranging.problem(meal), starts, now_min: meal.before_min(@now),
                                                                         begun: begun)
      rescue InvalidInput
        @planned = nil
      end

      # It may be ready sooner than was planned: it is counted from the soonest that can be, in whole minutes
      # from when the task at hand began, so that what is planned stands where it stood a moment ago.
      def serve_at
        @serve_at ||= begin
          soonest = @now + (60 * (open_tasks.map { |task| path_min(task) }.max || here_min))
          began = @cook.task_began_at || @now
          began + (((soonest - began) / 60.0).ceil * 60)
        end
      end

      def meal
        @meal ||= Meal.of(title: "", serve_at: serve_at, **@house, dishes: [dish])
      end

      # The dish of the pot: it waits for nobody once it is ready.
      def dish
        @dish ||= begin
          tasks = @cook.tasks.map do |task|
            task.merge(after: task[:after].map { |after| waiting(after, task) })
          end
          MealDish.new(key: KEY, title: "", plan: @cook.plan.merge(tasks: tasks, ends: []), cook_ids: [])
        end
      end

      # An `after` of a task with as long a wait as the plan itself has, where that is longer than it may be.
      def waiting(after, task)
        least, most = after[:gap]
        before = @cook.tasks.find { |one| one[:id] == after[:task] }
        from_min, to_min = [before, task].map { |one| one && planned_starts[one[:id].to_sym] }
        return after unless most && from_min && to_min

        after.merge(gap: [least, [most, from_min - before[:minutes] - to_min].max])
      end

      # Minutes before serving by the plan, by id.
      def planned_starts
        @cook.plan.fetch(:starts, {})
      end

      def id(task)
        dish.id(task[:id])
      end

      # Minutes before serving by the plan, moved to where serving is counted from.
      def starts
        last = open_tasks.last || @cook.task
        moved_min = planned_starts.fetch(last[:id].to_sym, last[:minutes]) - last[:minutes]
        @cook.tasks.to_h { |task| [id(task), [planned_starts.fetch(task[:id].to_sym, 0) - moved_min, 0].max] }
      end

      def open_tasks
        @cook.to_come
      end

      # The tasks that began before the one at hand, or beside it.
      def earlier
        @cook.tasks.take(@cook.position) | (@cook.set_going - [@cook.task])
      end

      # Clock::Begun by id of the task at hand and all before it.
      def begun
        [*earlier, @cook.task].to_h do |task|
          start_min = meal.before_min(began_at(task))
          [id(task), Clock::Begun.new(start_min: start_min,
                                      end_min: [meal.before_min(ends_at(task)), start_min - 1].min)]
        end
      end

      def began_at(task)
        @cook.began_at(task[:id]) || @cook.task_began_at || @now
      end

      # The end of a task that has begun: what goes on by itself ends by its plan, and so does what the plan
      # has going on while the next begins; else it is over with the tap for the next.
      def ends_at(task)
        return [@cook.task_ends_at || planned_end(task), @now].max if task == @cook.task

        return left_at(task) if task[:hands_on] && !overlaps?(task) && !@cook.set_going.include?(task)

        [planned_end(task), follower_began(task)].compact.min
      end

      def planned_end(task)
        began_at(task) + ((task[:timed_min] || task[:minutes]) * 60)
      end

      # The Time when the task after it began.
      def left_at(task)
        following = @cook.tasks.drop(@cook.tasks.index(task) + 1) - @cook.set_going
        following.filter_map { |one| @cook.began_at(one[:id]) }.min || @now
      end

      # True where the plan has the next task begin before this one is over, unless it was set going beside.
      def overlaps?(task)
        following = @cook.tasks[@cook.tasks.index(task) + 1]
        return false if @cook.set_going.include?(following)

        from_min, to_min = [task, following].map { |one| planned_starts[one[:id].to_sym] }
        from_min && to_min && from_min - task[:minutes] < to_min
      end

      # The Times when what comes after a task began.
      def follower_began(task)
        followers = @cook.tasks.select { |one| one[:after].any? { |after| after[:task] == task[:id] } }
        followers.filter_map { |one| @cook.began_at(one[:id]) }.min
      end

      # Minutes that the task at hand still takes.
      def here_min
        ((ends_at(@cook.task) - @now) / 60.0).ceil
      end

      # Minutes from now until a task and all that comes before it are over, at the soonest.
      def path_min(task)
        @paths ||= {}
        @paths[task[:id]] ||= task[:minutes] + task[:after].map { |after| before_min(after) }.max.to_i
      end

      def before_min(after)
        before = @cook.tasks.find { |one| one[:id] == after[:task] }
        return 0 unless before

        wait_min = after[:gap].first
        return path_min(before) + wait_min if open_tasks.include?(before)

        [((ends_at(before) - @now) / 60.0).ceil + wait_min, 0].max
      end
    end
  end
end
