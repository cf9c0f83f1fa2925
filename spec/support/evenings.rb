# frozen_string_literal: true

require_relative "meals"

module Support
  # Meals of plans as they are kept, from requests.
  module Evenings
    SERVE = Time.new(2026, 11, 27, 19, 0)
    BESIDE = "Salad: Cut the cucumbers | cut | 10 min\nSalad: Dress it | mix | 2 min"

    # A rice dish with a key, from the contract's request.
    def rice_dish(key, **changes)
      plan = FondKettle::Formats::PlanJson.for_the_stove(plan_for(basic_request(**changes)))
      FondKettle::Meals::MealDish.new(key: key, title: "Dish #{key}", plan: plan, cook_ids: [])
    end

    # Two pots and a salad, for so many cooks.
    def evening(cooks: %w[Ada Bo], beside: BESIDE, **changes)
      dishes = [rice_dish("d1"),
                rice_dish("d2", method: "oven-pilaf", rice: { "amount" => 250, "unit" => "g" })]
      dishes += FondKettle::Meals::JottedDishes.read(beside, first: 3)
      FondKettle::Meals::Meal.of(title: "Friday", serve_at: SERVE, cooks: cooks, rings: 3, shelves: 1,
                                 dishes: dishes, **changes)
    end

    # What an independent checker finds wrong with a schedule of a meal.
    def faults(meal, schedule)
      problem = FondKettle::Meals::Arranging.problem(meal)
      Meals.faults(problem.slots, problem.ends, problem.resources, schedule.starts, problem.spans)
    end
  end
end
