# frozen_string_literal: true

require_relative "../belief/belief"
require_relative "../belief/scoped"
require_relative "../methods/planning/planner"

module FondKettle
  module Log
    # A plan as a kitchen's history has it: in the middle of what the kitchen is held to be, with a range that
    # knows that what was learned of lid and bag hangs together.
    class KitchenPlan
      TEXTURES = (-1.0..1.0)
      # Standard normal, 10th to 90th percentile.
      Z80 = Belief::Spreading::Z80

      # `learned`: Learned; `request`: Methods::Request by the book; `scopes`: of the next pot.
      def initialize(learned, request, scopes)
        @learned = learned.meeting(scopes, request.grain.key)
        @places = Belief::Scopes.all(scopes).to_h { |place| [place.unknown, place] }
        @asked = request
      end

      # The Methods::Request with what the kitchen is held to be, and its taste.
      def request
        @request ||= @asked.with(held: estimates, texture: (@asked.texture + taste).clamp(TEXTURES))
      end

      # The Methods::Plan. Raises Error where nothing settles.
      def plan
        @plan ||= begin
          plan = Methods::Planner.plan(request)
          plan.with(spread: spread(plan))
        end
      end

      # Belief::Estimates of the kitchen.
      def estimates
        @estimates ||= unknowns.reduce(Belief::Estimates.book) do |held, (key, place)|
          held.holding(held[key].with(factor: Math.exp(belief.mean(place)), sd: belief.sd(place),
                                      cooks: @learned.cooks.fetch(place, 0)))
        end
      end

      # The house's taste, steps of texture from the book's.
      def taste
        belief.mean(@places.fetch(Belief::Scopes::TASTE))
      end

      private

      def belief
        @learned.belief
      end

      # Scoped by key of what is an unknown of the model.
      def unknowns
        @places.except(Belief::Scopes::TASTE)
      end

      # The Belief::Spread of a plan, its ends moved to where the unknowns' covariance has them.
      def spread(plan)
        spread = plan.spread
        slopes = slopes(plan)
        alone = slopes.sum { |place, slope| place == taste_place ? 0.0 : (slope * belief.sd(place))**2 }
        return spread if alone.zero?

        whole = belief.variance(belief.places.map { |place| slopes.fetch(place, 0.0) })
        wider = Math.sqrt([whole, 0.0].max / alone)
        middle = plan.liquid_g
        spread.with(low_g: [middle - ((middle - spread.low_g) * wider), 0.0].max,
                    high_g: middle + ((spread.high_g - middle) * wider))
      end

      # g of liquid by Scoped: for one more of a logarithm, and a step of taste.
      def slopes(plan)
        by_cause = plan.spread.by_cause
        found = unknowns.to_h do |key, place|
          sd = belief.sd(place)
          [place, sd.zero? ? 0.0 : by_cause.fetch(key, 0.0) / sd]
        end
        found.merge(taste_place => step_g(plan))
      end

      def taste_place
        @places.fetch(Belief::Scopes::TASTE)
      end

      # Water for a step of texture, g.
      def step_g(plan)
        return 0.0 if plan.load.plenty? || plan.load.stack

        columns = plan.load.grain.uptake
        (columns[:soft] - columns[:firm]) / 2 * plan.load.rice_g
      end
    end
  end
end
