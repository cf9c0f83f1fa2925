# frozen_string_literal: true

require "json"
require_relative "../ground/value"
require_relative "drift"
require_relative "standing"

module FondKettle
  module Stove
    # Something that happened at the stove: `kind` "task" (a task began), "seen" (a cue
    # was seen), "lifted" (the lid was), "measured" (a thermometer was read), "standing"
    # (a broth was measured), "sign" (something is wrong) or "remedy" (what to do about it, as
    # JSON); `what` the task's id, the cue, °C, g, the sign or that; `at` a Time.
    Event = Value.define(:kind, :what, :at)

    # A task that goes on by itself beside the one at hand, and when it is over (a Time).
    Beside = Value.define(:task, :ends_at)

    # Where a cook stands, worked out from its plan (the stored hash, of the newest
    # version) and its events alone, so that any device and any restart comes to the
    # same answer. Tasks are known by their ids.
    class Cook
      include Drift

      attr_reader :plan, :events

      # `events`: Event, in order; the first is that a task began.
      def initialize(plan, events)
        @plan = plan
        @events = events.freeze
        freeze
      end

      # The plan's tasks, in the order in which they are done.
      def tasks
        @plan.fetch(:tasks)
      end

      # The task at hand.
      def task
        by_id(latest.what)
      end

      # Its place among the tasks, from 0.
      def position
        tasks.index(task)
      end

      # The task after it, or nil.
      def following
        tasks[position + 1]
      end

      # The task before it, or nil.
      def previous
        position.positive? ? tasks[position - 1] : nil
      end

      # Is it the last?
      def last?
        following.nil?
      end

      # When the task at hand began: a Time.
      def task_began_at
        latest.at
      end

      # When the task at hand should be over, or nil where it takes its time: later
      # by what a lifted lid costs, and no sooner than a remedy asks.
      def task_ends_at
        planned = planned_end(task, task_began_at)
        return unless planned

        planned += (lifts * plan.dig(:lift, :minutes).to_f * 60) + craters_late_s
        sign = signs.last
        sign && remedy ? [planned, sign.at + (remedy[:minutes] * 60)].max : planned
      end

      # Earlier tasks that need no hands and are not over at `now`, nor by the plan before
      # the task at hand (a soak while the base cooks): Beside.
      def beside(now)
        earlier = tasks.take(position).select { |task| !task[:hands_on] && overlaps?(task) }
        earlier.filter_map do |task|
          ends_at = planned_end(task, began_at(task[:id]))
          Beside.new(task: task, ends_at: ends_at) if ends_at && ends_at > now
        end
      end

      # How often the lid was lifted in this task.
      def lifts
        this_task.count { |event| event.kind == "lifted" }
      end

      # What a thermometer showed last in this task, °C, or nil.
      def measured_c
        last_reading("measured")
      end

      # What a broth was measured at last in this task, g, or nil.
      def standing_g
        last_reading("standing")
      end

      # What is to be done about that (Standing), or nil.
      def standing
        standing_g && plan[:base] && Standing.of(plan[:base], standing_g)
      end

      # Is that as hot as the task asks? Not where nothing was measured.
      def hot_enough?
        !measured_c.nil? && measured_c >= task[:core_c]
      end

      # What to do about the last sign reported in this task: {say, add_g, off_g, minutes}; as it
      # was reckoned for this pot then, else as the plan has it.
      def remedy
        sign = signs.last
        return unless sign

        found = this_task.drop(this_task.rindex(sign)).find { |event| event.kind == "remedy" }
        found ? JSON.parse(found.what, symbolize_names: true) : plan.fetch(:remedies, {})[sign.what.to_sym]
      end

      private

      def latest
        @events.reverse.find { |event| event.kind == "task" }
      end

      def by_id(id)
        tasks.find { |task| task[:id] == id }
      end

      # When a task last began: a Time, or nil.
      def began_at(id)
        @events.reverse.find { |event| event.kind == "task" && event.what == id }&.at
      end

      def planned_end(task, began_at)
        minutes = task[:timed_min] || task[:minutes]
        began_at && minutes && (began_at + (minutes * 60))
      end

      # By the plan it is not over when the task at hand begins; what an older plan does
      # not say of its times stood one after the other.
      def overlaps?(earlier)
        starts = @plan[:starts] || {}
        before_min, now_min = [earlier, task].map { |one| starts[one[:id].to_sym] }
        before_min && now_min && before_min - earlier[:minutes] < now_min
      end

      def signs
        this_task.select { |event| event.kind == "sign" }
      end

      # The number that was read last in this task, or nil.
      def last_reading(kind)
        reading = this_task.reverse.find { |event| event.kind == kind }
        reading && Float(reading.what)
      end

      # Events since the task at hand began.
      def this_task
        @events.drop(@events.rindex { |event| event.kind == "task" })
      end
    end
  end
end
