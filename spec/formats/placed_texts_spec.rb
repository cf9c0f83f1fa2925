# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/plan_json"
require_relative "../../lib/fond_kettle/formats/request/dish_request"
require_relative "../../lib/fond_kettle/meals/schedule"
require_relative "../support/told_texts"

# A dish that can be planned can stand on the clock: what its plan asks of its own tasks is what it does.
RSpec.describe "The plans of told dishes, on the clock" do
  include Support::ToldTexts

  texts = Dir[File.expand_path("../fixtures/texts/*.txt", __dir__)].map { |path| File.basename(path, ".txt") }

  def stored(name, guests)
    dish = JSON.parse(JSON.generate(whole(name)))
    request = FondKettle::Formats::DishRequest.new({ "dish" => dish, "for" => { "guests" => guests },
                                                     "assume" => true })
    plan = FondKettle::Formats::PlanJson.for_the_stove(request.supper.plan)
    JSON.parse(JSON.generate(plan), symbolize_names: true)
  end

  # Bounds of a plan's tasks that its own starts break.
  def broken(plan)
    tasks = plan[:tasks].to_h { |task| [task[:id], task] }
    plan[:tasks].flat_map do |task|
      task[:after].reject do |after|
        least, most = after[:gap]
        before = tasks.fetch(after[:task])
        start, end_min = [task, before].map { |one| plan[:starts].fetch(one[:id].to_sym) }
        waits = end_min - before[:minutes] - start
        waits >= least && (most.nil? || waits <= most)
      end
    end
  end

  it "keep their own bounds, in whole minutes, and find a schedule for one cook" do
    refused = texts.each_with_index.filter_map do |name, index|
      plan = stored(name, [3, 5, 9][index % 3])
      expect([name, broken(plan)]).to eq([name, []])
      expect(plan[:tasks].flat_map { |task| task[:after].flat_map { |after| after[:gap] } }.compact)
        .to all(be_an(Integer))
      dish = FondKettle::Meals::MealDish.new(key: "d1", title: name, plan: plan, cook_ids: [])
      meal = FondKettle::Meals::Meal.of(title: "M", serve_at: Time.utc(2026, 11, 27, 19), rings: 4,
                                        dishes: [dish])
      FondKettle::Meals::Scheduling.nearest(meal) && nil
    rescue FondKettle::InvalidInput => e
      [name, e.problems]
    end
    expect(refused).to eq([])
  end
end
