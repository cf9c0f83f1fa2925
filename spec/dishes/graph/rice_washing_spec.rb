# frozen_string_literal: true

require_relative "../../support/told_texts"
require_relative "../../../lib/fond_kettle/formats/plan_json"
require_relative "../../../lib/fond_kettle/formats/request/dish_request"

RSpec.describe FondKettle::Dishes::RiceWashing do
  include Support::ToldTexts

  # [id, what is said, start in minutes before serving] of the tasks of a told dish.
  def tasks(lines, done)
    dish = JSON.parse(JSON.generate(read(lines, done)))
    request = FondKettle::Formats::DishRequest.new({ "dish" => dish, "assume" => true })
    plan = FondKettle::Formats::PlanJson.call(request.supper.plan)
    plan[:tasks].map { |task| [task[:id], task[:say], plan[:starts].fetch(task[:id])] }
  end

  def washes(tasks)
    tasks.count { |id, say, _| id == "wash.rinse" || say.match?(/\b(?:wash|rinse)\b.*\brice\b/i) }
  end

  # Minutes before serving at which a task of some words starts.
  def start(tasks, words)
    tasks.find { |_, say, _| say.include?(words) }.last
  end

  it "is the way's, before anything is done to the rice" do
    told = tasks("300 g jasmine rice\n1 tsp oil\n500 ml water\n300 g chicken thighs",
                 "Wash the rice and mix it with the oil, leave it for half an hour. Put the chicken and " \
                 "the water in a pot and simmer 30 minutes. Put the rice into the broth, cook gently, " \
                 "covered, for 20 minutes.")
    expect(washes(told)).to eq(1)
    expect(start(told, "Drain")).to be > start(told, "mix it with")
  end

  it "is once, where rice goes into what is fried before it is rolled" do
    filled = JSON.parse(JSON.generate(whole("filled_peppers")))
    plan = FondKettle::Formats::PlanJson.call(
      FondKettle::Formats::DishRequest.new({ "dish" => filled, "assume" => true }).supper.plan
    )
    expect(plan[:tasks].count { |task| %w[rinse].include?(task[:kind]) }).to eq(1)
    fries = plan[:tasks].find { |task| task[:say].include?("add the rice") }
    expect(plan[:starts].fetch("wash.drain")).to be > plan[:starts].fetch(fries[:id])
  end

  it "is the dish's own, where the rice is washed with its pulses" do
    told = tasks("200 g rice\n100 g moong dal\n1 tsp cumin\n2 tbsp ghee\n900 ml water",
                 "Wash the rice and dal together and soak 20 minutes. Fry the cumin in the ghee in the " \
                 "cooker, add the rice and dal and the water and cook covered on low for 20 minutes.")
    expect(told.map(&:first)).not_to include("wash.rinse", "wash.soak")
    expect(start(told, "ash the rice and dal")).to be > start(told, "Fry the cumin")
  end

  it "leaves the salt to the step that names it, where the rice only soaks in salted water" do
    dish = read("300 g basmati rice\n1 1/2 tbsp salt\n2 l water",
                "Soak the rice in salted water for an hour. Boil the water with the salt, put in the " \
                "rice, boil 8 minutes and drain it.")
    expect(taken(dish, step(dish, "salted water"))).not_to include("salt")
    expect(taken(dish, step(dish, "with the salt"))).to include("salt")
  end
end
