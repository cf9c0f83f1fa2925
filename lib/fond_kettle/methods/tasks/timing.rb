# frozen_string_literal: true

require_relative "../../clock/placement"

module FondKettle
  module Methods
    # The starts of one plan's tasks in this kitchen: side by side when hands and rings allow, with the rice
    # washed when it is needed.
    module Timing
      # Orders looked at for one plan: a page must not wait for the clock.
      EFFORT = 150

      module_function

      # Clock::Placed of `tasks` (Care::Task) in the order in which they were written;
      # where the bounds of the kinds cannot be met with so few hands, what may wait waits longer, then all
      # does, or it is done one after the other, rather than not be told.
      def place(tasks, request)
        slots = tasks.map(&:slot)
        resources = { "cook" => request.hands, "burner" => request.rings, "oven" => 1 }
        met(slots, ends(tasks), resources) || met(patient(slots) { |after| waits?(after) }, [], resources) ||
          met(patient(slots) { true }, [], resources) || Clock::Placement.in_turn(slots)
      end

      # The same tasks with bounds that they keep where they are `placed`: what has to wait longer in its own
      # dish may wait as long in a meal.
      def as_placed(tasks, placed)
        slots = tasks.to_h { |task| [task.id, task.slot] }
        tasks.map do |task|
          after = task.slot.after.map { |one| widened(one, slots[one.task], placed.starts, task.id) }
          after == task.slot.after ? task : task.with(slot: task.slot.with(after: after.freeze))
        end
      end

      # The last task is over so long before serving as its kind may wait.
      def ends(tasks)
        [Clock::End.new(task: tasks.last.id, least: 0, most: tasks.last.kind.waits)]
      end

      # A Clock::After of the task `id`, which comes after the Clock::Slot `before` (nil: not of this plan).
      def widened(after, before, starts, id)
        return after unless before && after.most

        wait_min = starts.fetch(before.id) - before.minutes - starts.fetch(id)
        wait_min > after.most ? after.with(most: wait_min) : after
      end

      def met(slots, ends, resources)
        Clock::Placement.shortest(Clock::Problem.of(slots, ends: ends, resources: resources), effort: EFFORT)
      end

      # The same without the bounds (Clock::After) for which the block is true.
      def patient(slots)
        slots.map do |slot|
          slot.with(after: slot.after.map { |after| yield(after) ? after.with(most: nil) : after }.freeze)
        end
      end

      # True where something may stand for a while: what is on the heat may not, nor what has its minute.
      def waits?(after)
        !after.most.nil? && after.most > after.least
      end
      private_class_method :widened, :met, :patient, :waits?
    end
  end
end
