# frozen_string_literal: true

require_relative "../support/suppers"
require_relative "../../lib/fond_kettle/stove/one_pot"

# What does not go into the pot at once goes in rounds: tasks of the list, the base made once.
RSpec.describe "Rounds in one pot" do
  include Support::Suppers

  lines = "700 g lamb, in cubes | base\n3 onions | base\n60 g oil | base\n900 g stock | liquid\n1 tsp " \
          "salt\n1 bunch mint | finish"
  steps = "Brown the onions in the oil | fry | 10 min\nBrown the lamb | fry | 8 min\n" \
          "Simmer in the stock | broth | 1 h\nFold in the mint | fold | finish"

  let(:evening) do
    small = { "diameter_mm" => 200, "height_mm" => 100, "lid" => "ordinary", "kg" => 1.2 }
    asked = request_for(basic_request(method: "broth-under-rice", vessel: small)).with(pots_there: 1)
    FondKettle::Dishes::Laying.supper(dish(lines, steps: steps, method: "broth-under-rice"), 3.0, asked)
  end
  let(:plan) { evening.plan }

  def sum(tasks, name)
    tasks.flat_map(&:amounts).select { |one| one.what.downcase == name && !one.poured_off }.sum(&:g)
  end

  it "are tasks in the list, and the minutes of the plan are theirs" do
    rounds = evening.batches
    expect(rounds).to be > 1
    boils = plan.tasks.select { |task| task.id.start_with?("stages.cook.boil") }
    expect(boils.map(&:id)).to eq(["stages.cook.boil", *(2..rounds).map do |n|
      "stages.cook.boil.round-#{n}"
    end])
    starts = boils.map { |task| plan.placed.starts[task.id] }
    expect(starts).to eq(starts.sort.reverse)
    first, second = starts
    expect(first - second).to be > 15
    expect(plan.total_min).to be > first
    expect(evening.warnings.find { |one| one.code == "rounds" }.say).not_to include("earlier")
  end

  it "make the base once, for all of them, and put all of everything in" do
    lamb = plan.tasks.select { |task| task.say.include?("Brown the lamb") || task.say.include?("Simmer") }
    expect(lamb.map(&:id)).to eq(%w[base.cook.dish-2 base.cook.dish-3])
    expect(sum(lamb, "lamb")).to be_within(1).of(2100)
    rounds = evening.batches == 2 ? "both" : "all #{evening.batches}"
    expect(lamb.first.puts_in).to start_with("For #{rounds} rounds: 2100 g lamb")
    { "basmati" => 960, "onions" => 1080, "mint" => 75 }.each do |name, grams|
      expect(sum(plan.tasks, name)).to be_within(1).of(grams), name
    end
    expect(plan.tasks.find { |task| task.id == "wash.rinse" }.puts_in).to start_with("Round 1: 320 g basmati")
    expect(plan.tasks.map(&:say).grep(/keep it hot, 60 °C or above/).size).to eq(evening.batches)
  end

  it "fry what is made for all of them as long as all of it takes, and weigh all of it for a deep heap" do
    small = { "diameter_mm" => 200, "height_mm" => 100, "lid" => "ordinary", "kg" => 1.2 }
    asked = request_for(basic_request(method: "toasted-pilaf", vessel: small)).with(pots_there: 1)
    soften = "Soften the leeks in the butter until they slump | fry"
    leeks = dish("600 g leeks, in rings | base\n60 g butter | base", steps: soften, method: "toasted-pilaf")
    one, all = [1.0, 3.0].map { |times| FondKettle::Dishes::Laying.supper(leeks, times, asked) }
    fried = [one, all].map { |made| made.plan.tasks.find { |task| task.say.include?("Soften") }.minutes }
    expect([one.batches, all.batches]).to match([1, be > 1])
    expect(fried.last / fried.first).to be_between(2.4, 3.2)
    expect(all.warnings.map(&:say)).to include(/\A19\d\d g lie \d+ mm deep/)
  end

  it "part the base before any rice is in it" do
    small = { "diameter_mm" => 160, "height_mm" => 100, "lid" => "ordinary", "kg" => 1.2 }
    asked = request_for(basic_request(method: "toasted-pilaf", vessel: small)).with(pots_there: 1)
    onions = dish("3 onions | base\n60 g butter | base", method: "toasted-pilaf")
    made = FondKettle::Dishes::Laying.supper(onions, 3.0, asked)
    ids = made.plan.tasks.map(&:id)
    expect(made.batches).to be > 1
    expect(ids.index("part")).to be_between(ids.index("base.cook.dish-1") + 1,
                                            ids.index("base.cook.toast") - 1)
  end

  it "are followed at the stove one by one, each task once" do
    stored = FondKettle::Formats::PlanJson.for_the_stove(plan)
    shares = (1..evening.batches).map { |number| FondKettle::Stove::OnePot.of(stored, number)[:tasks].map { |one| one[:id] } }
    expect(shares.flatten).to match_array(plan.tasks.map(&:id))
    expect(shares.first).to include("base.cook.dish-3", "part").and(satisfy { |ids|
      !ids.include?("check-heat")
    })
    expect(shares.last).to include("check-heat", "after.dish-4")
    last = FondKettle::Stove::OnePot.of(stored, evening.batches)[:tasks]
    expect(last.filter_map { |one| one[:stage] }).to eq((0...plan.stages.size).to_a)
  end

  it "toast and heat again in each round what is the rice's own" do
    small = { "diameter_mm" => 200, "height_mm" => 100, "lid" => "tight", "kg" => 1.2 }
    asked = request_for(basic_request(method: "oven-pilaf", vessel: small)).with(pots_there: 1)
    made = FondKettle::Dishes::Laying.supper(
      dish("2 onions | base\n40 g butter | base", method: "oven-pilaf"), 4.0, asked
    )
    toasts = made.plan.tasks.select { |task| task.kind.key == "toast" }
    expect([toasts.size, made.plan.tasks.count do |task|
      task.id.start_with?("base.cook.dish-1")
    end]).to eq([made.batches, 1])
    expect(sum(made.plan.tasks, "basmati")).to be_within(1).of(1280)
  end

  describe "of something raw" do
    chicken = "800 g chicken, in pieces | base\n200 g yoghurt | base\n1 tsp salt"

    def made(method, lines, steps)
      small = { "diameter_mm" => 200, "height_mm" => 100, "lid" => "tight", "kg" => 1.2 }
      asked = request_for(basic_request(method: method, vessel: small)).with(pots_there: 1)
      FondKettle::Dishes::Laying.supper(dish(lines, steps: steps, method: method), 4.0, asked)
    end

    def said(supper, part)
      supper.plan.tasks.select { |task| task.id.split(".").first == part }.map(&:say)
    end

    { "sealed-raw-base" => "", "one-pot-sauce" => "Brown the chicken | fry | 6 min" }.each do |method, steps|
      it "keep what waits cold, and measure each before it is tipped out (#{method})" do
        supper = made(method, chicken, steps)
        expect(supper.batches).to be > 1
        expect(said(supper, "part")).to match([/raw inside.*refrigerator, 5 °C or below/])
        expect(said(supper, "part").join).not_to include("hot")
        checks = supper.plan.tasks.select { |task| task.kind.key == "check-heat" }.map(&:id)
        each = (1...supper.batches).map { |number| "check-heat.round-#{number}" }
        expect(checks).to eq([*each, "check-heat"])
        ids = supper.plan.tasks.map(&:id)
        (2..supper.batches).each do |number|
          expect(ids.index("out.round-#{number}")).to eq(ids.index("check-heat.round-#{number - 1}") + 1)
        end
        stored = FondKettle::Formats::PlanJson.for_the_stove(supper.plan)
        first = FondKettle::Stove::OnePot.of(stored, 1)[:tasks].last
        expect(first[:id]).to eq("check-heat.round-1")
      end
    end

    it "keep what was simmered through hot, and fish that is laid in later is measured in each" do
      lamb = made("broth-under-rice", "600 g lamb, in cubes | base\n800 g stock | liquid",
                  "Simmer in the stock | broth | 1 h")
      expect(said(lamb, "part")).to match([/keep it hot, 60/])
      fish = made("covered-pot", "400 g salmon, in pieces | with", "")
      expect(fish.plan.tasks.count { |task| task.kind.key == "check-heat" }).to eq(fish.batches)
    end
  end
end
