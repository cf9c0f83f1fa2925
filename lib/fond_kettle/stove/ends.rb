# frozen_string_literal: true

require "json"
require_relative "../care/looks"

module FondKettle
  module Stove
    # The end of the task, and the time that the rest takes. Only a Cook includes it.
    module Ends
      # What a lid costs that was lifted for as long as a plan reckons with, s.
      LIFT_S = 30.0

      # Time when the task should be over, or nil when it has none. A lifted lid, a late crater and the
      # boil make it later, and a look or a remedy may ask for more.
      def task_ends_at
        planned = cooling_end || planned_end(task, task_began_at)
        return unless planned

        return looks.last.at if last_look&.ends
        return remedy_ends_at if remedy_told&.key?(:look)

        planned += (lifted_min * 60) + craters_late_s + (replanned(task) * 60)
        [planned, remedy_ends_at, look_again_at].compact.max
      end

      # Time of the last look in this task, or nil.
      def looked_at
        looks.last&.at
      end

      # Time of the next look, by what the last one saw, or nil.
      def look_again_at
        looked_at + (last_look.more_min * 60) if last_look&.more_min&.positive?
      end

      # Minutes from `now` until the last task is over, as it stands: what is at hand, then the
      # rest as planned.
      def left_min(now)
        here_s = task_ends_at ? [task_ends_at - now, 0].max : lasting(task) * 60
        (here_s / 60.0) + to_come.sum { |task| lasting(task) + replanned(task) }
      end

      # Minutes that a task takes by the plan; none where it takes its time.
      def lasting(task)
        (task[:timed_min] || task[:minutes]).to_f
      end

      # Share of the time of the task at hand that is gone at `now`, 0..1.
      def share_gone(now)
        return 0.0 unless task_ends_at

        lasts_s = task_ends_at - task_began_at
        lasts_s.positive? ? ((now - task_began_at) / lasts_s).clamp(0.0, 1.0) : 1.0
      end

      # Minutes by which the boil moved a task's end (below 0: it is shorter).
      def replanned(task)
        told = @events.reverse.find { |event| event.kind == "replan" }
        told ? JSON.parse(told.what).fetch(task[:id], 0.0) : 0.0
      end

      private

      def cooling_end
        task_began_at && cooling && (task_began_at + (cooling.minutes * 60))
      end

      def planned_end(task, began_at)
        minutes = task[:timed_min] || task[:minutes]
        began_at && minutes && (began_at + (minutes * 60))
      end

      def lifted_min
        lifted_s.sum / LIFT_S * plan.dig(:lift, :minutes).to_f
      end

      def remedy_ends_at
        remedy_told&.then { |remedy| (mended_at || signs.last.at) + (remedy[:minutes] * 60) }
      end
    end
  end
end
