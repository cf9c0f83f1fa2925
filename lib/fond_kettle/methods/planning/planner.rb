# frozen_string_literal: true

require_relative "../request/oven_reach"
require_relative "../solved/solved"
require_relative "plan"

module FondKettle
  module Methods
    # Request in, Plan out. Pure: the same request gives the same plan.
    module Planner
      module_function

      # The Plan of a Request, or of one Solved already; with `curve`, its run carries its curve.
      # Raises Error where no liquid settles, InvalidInput where the oven gets no hotter than that.
      def plan(asked, curve: false)
        solved = Solved.of(asked)
        OvenReach.call(solved.request)
        Plan.new(solved, curve: curve)
      end
    end
  end
end
