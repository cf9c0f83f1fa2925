# frozen_string_literal: true

require_relative "planner"

module FondKettle
  module Method
    # One school beside the others, for the same rice, pot and people.
    module Comparison
      module_function

      # Plans of every school of `schools` that suits the request's grain, each with
      # its own way of rinsing, soaking and draining; `vessel_for` gives the vessel
      # and burner of a school (a cooker has its own).
      def plans(request, schools, vessel_for:)
        schools.select { |school| school.suits?(request.grain) }.map { |school| plan(request, school, vessel_for: vessel_for) }
      end

      # The plan of one school, in its own way.
      def plan(request, school, vessel_for:)
        vessel, burner = vessel_for.call(school)
        Planner.plan(request.with(school: school, choices: Choices.of, vessel: vessel, burner: burner, drain: school.drain,
                                  rinse_changes: school.rinse_changes, soak_min: school.soak_min(request.grain)))
      end
    end
  end
end
