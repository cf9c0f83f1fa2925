# frozen_string_literal: true

require_relative "../../store/meal_book"
require_relative "../act"
require_relative "arrange"

module FondKettle
  module App
    # Lays a meal: its dishes, and when each task starts.
    class LayMeal < Act
      # `puts`: of the dishes that have a plan, as Store::MealBook keeps them. It can be taken back; the
      # first of what is returned is the meal's id.
      def call(meal, puts = [])
        planned = puts.to_h { |put| [put[:key], put] }
        rows = meal.dishes.map { |dish| Store::MealBook::Put.new(**planned.fetch(dish.key) { beside(dish) }) }
        meal, schedule = ArrangeMeal.new(now).placed(meal)
        noted("On the clock: #{meal.title}", "addition", "/clock?all=1") do
          household.meals.add(meal, schedule, rows, now)
        end
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
