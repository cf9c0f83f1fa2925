# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/meals/meal"
require_relative "../../store/meal_book"
require_relative "../act"
require_relative "arrange"
require_relative "plan_dishes"

module FondKettle
  module App
    # Lays a meal: its dishes, each in a pot, and the start of each task. It can be taken back; the first
    # value returned is the meal's id.
    class LayMeal < Act
      # Nothing is done by hand in these hours, where that is wished.
      QUIET_H = [22, 7].freeze

      # Lays the meal of a Forms::MealForm without problems. Raises InvalidInput when a dish cannot be
      # planned, or the meal has too many steps.
      def call(form)
        laid = PlanDishes.new(household, form).call
        dishes = [*laid.map(&:value), *form.beside]
        check_size(dishes)
        add(meal(form, dishes), laid.to_h { |dish| [dish.key, dish.put] })
      end

      # Lays a Meals::Meal that was given away; its dishes have only tasks.
      def given_away(meal)
        add(meal, {})
      end

      private

      def check_size(dishes)
        tasks = dishes.sum { |dish| dish.plan[:tasks].size }
        return if tasks <= Limits::TASKS

        raise InvalidInput.at("beside",
                              "must leave at most #{Limits::TASKS} steps in all; these are #{tasks}")
      end

      def meal(form, dishes)
        Meals::Meal.of(title: form.title, serve_at: form.serve_at, dishes: dishes, cooks: form.cooks,
                       rings: household.shelves.rings, shelves: 1, quiet: (QUIET_H if form.quiet?))
      end

      def add(meal, planned)
        rows = meal.dishes.map { |dish| Store::MealBook::Put.new(**planned.fetch(dish.key) { beside(dish) }) }
        meal, schedule = ArrangeMeal.new(now).placed(meal)
        noted("On the clock: #{meal.title}", "addition", "/clock?all=1") do
          household.meals.add(meal, schedule, rows, now)
        end
      end

      # Attributes of a dish that has only tasks.
      def beside(dish)
        { key: dish.key, title: dish.title, address: nil, grain: nil, pot_id: nil, plan: dish.plan,
          request: nil }
      end
    end
  end
end
