# frozen_string_literal: true

require_relative "../belief/belief"
require_relative "../belief/scoped"
require_relative "../methods/planning/planner"
require_relative "kitchen_held"
require_relative "learning"

module FondKettle
  module Log
    # A plan as a kitchen's history has it: in the middle of what the kitchen is held to be, with a range that
    # knows that what was learned of lid and bag hangs together.
    class KitchenPlan
      # `learned`: Learned; `request`: Methods::Request by the book; `scopes`: of the next pot.
      def initialize(learned, request, scopes)
        @held = KitchenHeld.new(tested(learned, request, scopes), request.grain.key, scopes)
        @asked = request
      end

      # The Methods::Request with what the kitchen is held to be, and its taste.
      def request
        @request ||= @asked.with(held: estimates)
      end

      # The Methods::Plan. Raises Error where nothing settles.
      def plan
        @plan ||= Methods::Planner.plan(request)
      end

      # Belief::Estimates of the kitchen.
      def estimates
        @held.estimates
      end

      private

      # Learned with the test of the pot's own lid.
      def tested(learned, request, scopes)
        factor = request.vessel.lid_factor
        lid = Belief::Scopes.by_unknown(scopes).fetch(:lid)
        factor ? Learning.tested(learned, :lid, lid.scope, factor) : learned
      end
    end
  end
end
