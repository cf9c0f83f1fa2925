# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../app/meals/arrange"
require_relative "../../app/meals/change"
require_relative "../../store/meal_book"
require_relative "../presenters/meals/meal_clock"

module FondKettle
  module Web
    # The meal of an address, and how it is changed: for the places that show one.
    module MealsAtHand
      private

      def record
        @record ||= household.meals.find(id_from(params["id"]))
      end

      def scheduled
        record[:schedule] || raise(NotFound, "This meal has no schedule yet: look at what is in its way.")
      end

      # App::ArrangeMeal
      def arrange
        App::ArrangeMeal.new(now)
      end

      # Keeps what the block makes of the meal ([meal, schedule]), and shows it.
      def change
        raise Conflict, Store::MealBook::BEGUN if record[:begun_at]

        meal, found = yield
        version = sent_version || record[:lock_version]
        done App::ChangeMeal.new(household, now).call(record, version, meal, found)
        changed
      rescue InvalidInput => e
        show(record, code: 422, problems: e.problems)
      rescue Conflict => e
        # What was typed stays in the form; the drawing is what stands there now.
        @record = nil
        show(record, code: 409, problems: [{ field: "meal", message: e.message }])
      end

      def changed
        @record = nil
        return show(record) if part_only?

        redirect "/clock/#{params['id']}#{back_to_task}", 303
      end

      def back_to_task
        task = text_param("task")
        task.empty? ? "" : "?task=#{Rack::Utils.escape(task)}#task"
      end
    end
  end
end
