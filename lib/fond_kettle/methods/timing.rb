# frozen_string_literal: true

require_relative "../clock/placement"
require_relative "../ground/errors"

module FondKettle
  module Methods
    # When the tasks of one plan start, in this kitchen: beside each other where hands
    # and rings allow, and the rice washed when it is wanted.
    module Timing
      module_function

      # Clock::Placed of `tasks` (Care::Task); where the bounds of the kinds cannot all
      # be met with so few hands, things wait longer rather than not be told.
      def place(tasks, request)
        slots = tasks.map(&:slot)
        resources = { "cook" => request.hands, "burner" => request.rings, "oven" => 1 }
        Clock::Placement.place(slots, ends: ends(tasks), resources: resources)
      rescue InvalidInput
        Clock::Placement.place(slots.map { |slot| patient(slot) }, resources: resources)
      end

      # The last task is over so long before serving as its kind may wait.
      def ends(tasks)
        [Clock::End.new(task: tasks.last.id, least: 0, most: tasks.last.kind.waits)]
      end

      def patient(slot)
        slot.with(after: slot.after.map { |after| after.with(most: nil) }.freeze)
      end
      private_class_method :patient
    end
  end
end
