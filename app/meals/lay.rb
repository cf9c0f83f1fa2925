# frozen_string_literal: true

require_relative "../../store/meal_book"
require_relative "arrange"

module FondKettle
  module App
    module Meals
      # Lays a meal: its dishes, and when each task starts.
      class Lay
        # `household`: Store::Household; `now`: a Time.
        def initialize(household, now)
          @household = household
          @now = now
        end

        # `puts`: of the dishes that have a plan, as Store::MealBook keeps them. Returns the meal's id.
        def call(meal, puts = [])
          planned = puts.to_h { |put| [put[:key], put] }
          rows = meal.dishes.map { |dish| Store::MealBook::Put.new(**planned.fetch(dish.key) { beside(dish) }) }
          meal, schedule = Arrange.new(@now).placed(meal)
          @household.meals.add(meal, schedule, rows, @now)
        end

        private

        # What is kept of a dish that has only tasks.
        def beside(dish)
          { key: dish.key, title: dish.title, address: nil, grain: nil, pot_id: nil, plan: dish.plan,
            request: nil }
        end
      end
    end
  end
end
