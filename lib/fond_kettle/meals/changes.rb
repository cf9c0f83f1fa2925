# frozen_string_literal: true

require_relative "../clock/mending"
require_relative "../clock/replanning"
require_relative "../ground/errors"
require_relative "arranging"
require_relative "schedule"

module FondKettle
  module Meals
    # What comes of a change in the middle: the meal (its serving time moved), its Schedule, by how
    # many minutes it is eaten later, and what waits too long (Clock::Wait).
    Changed = Value.define(:meal, :schedule, :late_min, :waits)

    # Plans anew: while it is only planned (a task moved or pinned), and at the stove.
    module Changes
      module_function

      # The Schedule of a planned meal after `meal` was changed a little, near the one that it had; a
      # bound without pins is one with them, too. Raises InvalidInput.
      def mended(meal, schedule)
        problem = Arranging.problem(meal)
        starts = Clock::Mending.of(problem, schedule.starts)
        raise InvalidInput.at("start", "cannot be then: something else would have no room") unless starts

        Scheduling.with(meal, problem, starts, schedule.bound_min)
      end

      # The schedule with the starts that dropped dishes would have, if they were made all the same.
      def with_dropped(schedule, starts)
        schedule.with(starts: { **starts, **schedule.starts })
      end
      private_class_method :with_dropped

      # A meal to which something has slipped (`slipped`), and the schedule that it had as `before`, both
      # counted from when it is wanted: a delay is worked out from there each time, and never added to the
      # last one.
      def from_wanted(before, slipped, schedule)
        moved_min = before.late_min
        based = slipped.with(base_at: slipped.base_at || before.serve_at)
        starts = schedule.starts.transform_values { |min| [min - moved_min, 0].max }
        added = based.every_task.map(&:id) - starts.keys
        starts = { **added.to_h { |id| [id, 0] }, **starts }
        [based.with(serve_at: based.wanted_at), schedule.with(starts: starts)]
      end

      # The rest of a meal at the stove, planned anew: `standing` (Standing) is the meal as it is at a Time.
      # Tasks that have begun stay; while it is held nothing begins. Raises InvalidInput.
      def anew(standing, now)
        meal = standing.meal
        begun = standing.begun(now)
        problem = Arranging.problem(meal)
        from = [now, meal.held_until].compact.max
        found = Clock::Replanning.of(problem, standing.schedule.starts, now_min: meal.before_min(from),
                                                                        begun: begun)
        raise InvalidInput.at("what", "leaves no way that was found to finish this meal") unless found

        later = meal.with(serve_at: meal.serve_at + (found.late_min * 60))
        ids = meal.every_task.map(&:id)
        starts = begun.transform_values { |one| one.start_min + found.late_min }.merge(found.starts)
        left_out = standing.schedule.starts.except(*ids)
        Changed.new(meal: later, late_min: found.late_min, waits: found.waits,
                    schedule: with_dropped(Scheduling.with(later, Arranging.problem(later), starts, 0),
                                           left_out))
      end
    end
  end
end
