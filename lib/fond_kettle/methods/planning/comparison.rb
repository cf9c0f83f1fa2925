# frozen_string_literal: true

require_relative "planner"

module FondKettle
  module Methods
    # Methods beside each other, for the same rice, pot and people.
    module Comparison
      module_function

      # Plans of every method of `library` that suits the request's grain, each with
      # its own way of rinsing, soaking and draining; `vessel_for` gives the vessel
      # and burner of a method (a cooker has its own).
      def plans(request, library, vessel_for:)
        library.select { |method| method.suits?(request.grain) }
               .map { |method| plan(request, method, vessel_for: vessel_for) }
      end

      # The plan of one method, in its own way.
      def plan(request, method, vessel_for:)
        vessel, burner = vessel_for.call(method)
        Planner.plan(request.with(method: method, choices: Choices.of, vessel: vessel, burner: burner,
                                  drain: method.drain, rinse_changes: method.rinse_changes,
                                  soak_min: method.soak_min(request.grain)))
      end
    end
  end
end
