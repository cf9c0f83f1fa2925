# frozen_string_literal: true

require_relative "../../app/forms/plan_form"
require_relative "../../app/plans/look"
require_relative "../support/open_kitchen"
require_relative "../support/simulated_meal"

# A meal as its cooks make it who do things on time, tap up to five minutes late, and take a third longer for
# one task in ten.
RSpec.describe "What the page of a meal says of serving" do
  include Support::OpenKitchen

  serve_at = Time.utc(2026, 11, 27, 19, 0)
  evenings = [["Leek", "Carrots"], ["Yoghurt chicken"], ["Smoky bean", "Jam-glass", "Scattered bowl"],
              ["Squash", "Brown coconut"], ["Cauliflower"]]

  def dish(title, index)
    record = household.dishes.all.find { |one| one[:title].start_with?(title) }
    look = FondKettle::App::LookAtPlan.new(FondKettle::Forms::PlanForm.in_own_amount(record, household),
                                           household.kitchen)
    plan = JSON.parse(JSON.generate(look.stored(look.supper.plan, nil, "plain")), symbolize_names: true)
    FondKettle::Meals::MealDish.new(key: "d#{index + 1}", title: title, plan: plan, cook_ids: [])
  end

  def share(list, part)
    list.map(&:abs).sort.fetch((list.size * part).floor)
  end

  it "is off by little an hour, half an hour and ten minutes before" do
    off = evenings.each_with_index.map do |titles, seed|
      dishes = titles.each_with_index.map { |title, index| dish(title, index) }
      cooks = %w[Ada Bo].first(titles.size.clamp(1, 2))
      meal = FondKettle::Meals::Meal.of(title: "Supper", serve_at: serve_at, cooks: cooks, rings: 4,
                                        dishes: dishes, vessels: false)
      Support::SimulatedMeal.new(household, meal, seed).off_min([60, 30, 10])
    end
    { 60 => [6, 15], 30 => [4, 10], 10 => [2, 5] }.each do |minutes, (median, worst)|
      found = off.map { |one| one.fetch(minutes) }
      expect([minutes, share(found, 0.5), share(found, 0.95)])
        .to match([minutes, be <= median, be <= worst])
    end
  end
end
