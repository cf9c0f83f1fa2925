# frozen_string_literal: true

require_relative "../support/told_texts"
require_relative "../../lib/fond_kettle/formats/request/dish_request"
require_relative "../../lib/fond_kettle/formats/plan_json"

RSpec.describe FondKettle::Reading::OvenHeat do
  include Support::ToldTexts

  it "is read with its unit, as a bare number, and in words" do
    { "Bake at 180° for 35 minutes" => 180.0, "at gas mark 6" => 204.44, "Oven 180, 35 min." => 180.0,
      "Into the oven at 180 for 35 minutes" => 180.0, "Oven on 170 fan" => 170.0, "in a 200 oven" => 200.0,
      "Put it in the oven, 170, lid on" => 170.0, "at 350 for 35 minutes" => 176.67, "Oven to 200" => 200.0,
      "in a hot oven (225)" => 225.0, "in a moderate oven" => 180.0, "a very hot oven" => 240.0,
      "in a medium-hot oven" => 200.0 }.each do |said, oven_c|
      expect([said, described_class.of(said)]).to eq([said, oven_c])
    end
  end

  it "is no weight, no time and no hot pan" do
    ["100 g frozen peas over the top, 5 more min in the oven", "put 150 ml stock to the oven dish",
     "bake 120 minutes", "into the oven for 18 minutes", "a hot pan", "add to 400 g tomatoes"].each do |said|
      expect([said, described_class.of(said)]).to eq([said, nil])
    end
  end

  it "is baked so hot what says its minutes, and only heated what does not" do
    dish = read("300 g basmati rice\n450 ml stock\n1 onion\n1 tbsp oil",
                "Fry the onion in the oil in a casserole for 5 minutes. Stir in the rice, pour in the " \
                "stock and bring to the boil. Lid on. Oven on 180 fan, 35 min. Rest 10 minutes.")
    baked = dish["steps"].select { |step| %w[bake preheat].include?(step["kind"]) }
    expect(baked.map { |step| step.values_at("kind", "oven_c", "minutes") }).to eq([["bake", 180.0, 35.0]])
  end

  # [id, start in minutes, minutes] of the tasks of a dish of spec/fixtures/texts in the oven.
  def in_oven(name)
    request = FondKettle::Formats::DishRequest.new({ "dish" => JSON.parse(JSON.generate(whole(name))),
                                                     "assume" => true })
    plan = FondKettle::Formats::PlanJson.call(request.supper.plan)
    tasks = plan[:tasks].select { |task| task[:oven_c] }
    tasks.map { |task| [task[:kind], plan[:starts].fetch(task[:id]), task[:minutes]] }
  end

  it "is heated once, and what goes in for the last minutes takes none more" do
    heated, baked, peas = in_oven("one_pot_oven")
    expect([heated, baked, peas].map(&:first)).to eq(%w[preheat bake bake])
    expect([baked.last, peas.last, baked[1] - peas[1]]).to eq([40, 5, 35])
  end
end
