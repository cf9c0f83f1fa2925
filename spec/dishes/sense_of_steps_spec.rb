# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe "What makes no sense in a dish's steps" do
  include Support::Suppers

  def said(lines, steps = "", **changes)
    supper(dish(lines, steps: steps, **changes)).warnings.to_h { |warning| [warning.code, warning.say] }
  end

  it "is raw food that no step cooks, and fat that none takes" do
    expect(said("300 g chicken | beside")).to include("not-safe" => /Chicken is raw, and no step cooks it/)
    expect(said("300 g chicken | beside", "Marinate the chicken | marinate\nFry the chicken | fry | 12 min"))
      .not_to include("not-safe")
    expect(said("300 g chicken | beside | cooked")).not_to include("not-safe")
    expect(said("200 g raw fish | beside")).to include("eaten-raw" => /only fish sold for eating raw/)
    expect(said("4 tbsp oil | beside")).to include("no-step" => /what to do with the oil/)
  end

  it "is what is not planned yet, said at the top" do
    expect(said("1 tsp salt", "Layer it | layer | finish\nShape it | shape | finish").first)
      .to match(["not-planned", /cooked before it is layered.*divided into portions/])
  end

  it "is a text, a step and a setting that cannot all be true" do
    way = ->(**own) { { way: FondKettle::Dishes::Way.of(own) } }
    { ["Fry it for 10 min | fry | 15 min", {}] => /says 10 min, and its own time is 15 min/,
      ["Bake at 200 °C | low | 15 min", way.call(oven_c: 160).merge(method: "oven-pilaf")] =>
        /says 200 °C, and the dish's oven is set to 160/,
      ["", way.call(oven_c: 180)] => /An oven at 180 °C is set, and covered pot on the stove uses none/,
      ["Turn it out | turn-out | finish", way.call(finish: "dig")] => /In the end it says “Turn it out”/,
      ["", way.call(drain: "cooked-in", start: "boiling")] => /it cannot be both/,
      ["", way.call(lid: "none", cover: "cloth")] => /With no lid on there is no cloth/ }
      .each do |(steps, own), words|
      expect(said("1 tsp salt", steps,
                  **own)).to include("disagrees" => words)
    end
    expect(barred("200 g lamb | base | out")["remarks"])
      .to contain_exactly(include("say" => /no broth to lift it from/))
  end

  it "is a portion that is hardly one, or two" do
    expect(said("1 tsp salt", serves: 10.0)).to include("portion" => /32 g of raw rice for one adult/)
    expect(said("1 tsp salt")).not_to include("portion")
  end

  it "is not what a dish keeps of its own: that is done" do
    own = FondKettle::Dishes::Way.of(rinse: 2, soak: 45, lid: "foil", cover: "weight", rest: 20,
                                     start: "boiling")
    household = FondKettle::House::Composition
    wishes = FondKettle::House::Wishes.of(method: FondKettle::Methods::Library.ours.fetch("covered-pot"),
                                          grain: FondKettle::Larder::Grains.fetch("basmati"),
                                          dish: dish("1 tsp salt").with(way: own))
    bare = %i[pots burners ovens steamers cups spoons bags eaters].to_h { |shelf| [shelf, []] }
    shelves = FondKettle::House::Shelves.new(**bare, portions_g: FondKettle::Table::PORTION_G,
                                                     altitude_m: 0.0,
                                                     hands: 1, scale_step_g: 1.0)
    quantity = FondKettle::House::Quantity.of(by: "amount", amount: 320.0)
    plan = FondKettle::Methods::Planner.plan(household.new(wishes.with(quantity: quantity), shelves).request)
    tasks = plan.tasks.to_h { |task| [task.key, task] }
    expect([tasks["soak"].told_min, tasks["rest"].told_min]).to eq([45.0, 20.0])
    expect(plan.request.rinse_changes).to eq(2)
    expect(tasks["boil"].say).to include("Lay foil over the pot", "a weight goes on the lid")
    expect([tasks.key?("heat-liquid"), plan.cautions.keys.map(&:code)]).to match([true,
                                                                                  include("improvised-lid")])
  end
end
