# frozen_string_literal: true

require_relative "../value"

module FondKettle
  module Evening
    # A step and when it starts, minutes before serving.
    Start = Value.define(:step, :before_min)

    # What must start when: the steps one after another, counted back from serving.
    module Timing
      module_function

      # Starts of a Plan's steps; a step without minutes takes none.
      def back(plan)
        before = 0.0
        plan.steps.reverse.map { |step| Start.new(step: step, before_min: before += step.minutes || 0) }.reverse
      end
    end
  end
end
