# frozen_string_literal: true

require_relative "../../lib/fond_kettle/stove/cook"
require_relative "start"
require_relative "../act"

module FondKettle
  module App
    # Takes over a pot that was never planned and is on the stove already: it stands at the step after the
    # boil, with what was poured and what is wrong, where somebody said so.
    class TakeOver < Act
      # `follow_ups`: FollowUps.
      def initialize(household, follow_ups, now)
        super(household, now)
        @follow_ups = follow_ups
      end

      # Starts the cook of a Forms::PlanForm without problems. `told`: `since` the boil in minutes, `poured`
      # in g (nil: as planned), and the `sign` of what is wrong. Returns the cook's id.
      def call(form, told)
        boiled_at = now - (told[:since] * 60)
        plan = LookAtPlan.new(form, household.kitchen).plan
        heat_on_at = boiled_at - ((plan.run.at("boil") || 0) * 60)
        household.database.write do
          StartCook.new(household, heat_on_at).at_once(form, plan).tap do |id|
            stand(id, heat_on_at, boiled_at, told[:poured])
            household.cooks.note(id, [["sign", told[:sign]]], now)
            @follow_ups.add(id)
          end
        end
      end

      private

      def stand(id, heat_on_at, boiled_at, poured_g)
        tasks = household.cooks.find(id)[:plan][:tasks]
        on = tasks.find { |task| task[:stage]&.zero? }
        low = tasks[tasks.index(on) + 1]
        poured = poured_g ? [["poured", poured_g.round(1)]] : []
        household.cooks.move(id, tasks.first[:id], on[:id], heat_on_at, happened: poured)
        household.cooks.move(id, on[:id], low[:id], boiled_at, happened: [%w[seen boil]])
      end
    end
  end
end
