# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "cook"

module FondKettle
  module App
    # Plans the rest of a meal at the stove anew after its taps, where it is behind its schedule, or could be
    # eaten sooner again than it was late by. What the cook reports as slipped stays; nothing is asked.
    class KeepTime < Act
      # So little behind is nobody's concern, minutes.
      LEAST_MIN = 2

      # Stores what is left of a meal (its id) where that changes. Somebody who changes it meanwhile comes
      # first: the next tap plans it again. Raises NotFound.
      def call(id)
        record = household.meals.find(id)
        return unless on_the_stove?(record) && due?(record)

        changed = CookMeal.new(household, now).anew(record, record[:meal])
        return if same?(changed, record)

        household.meals.change(id, record[:lock_version], changed.meal, changed.schedule, by_itself: true)
      rescue InvalidInput, Conflict
        nil
      end

      private

      def same?(changed, record)
        changed.meal.serve_at == record[:meal].serve_at &&
          changed.schedule.starts == record[:schedule].starts
      end

      def on_the_stove?(record)
        record[:begun_at] && record[:schedule] && !record[:ended_at]
      end

      def due?(record)
        standing = household.meals.standing(record)
        return false if standing.all_over?

        standing.late_min(now) >= LEAST_MIN || record[:meal].late_min.positive?
      end
    end
  end
end
