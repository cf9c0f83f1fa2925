# frozen_string_literal: true

require_relative "../../support/graphs"
require_relative "../../../lib/fond_kettle/reading/reader"

RSpec.describe FondKettle::Dishes::PlannedGraph do
  include Support::Graphs

  def told(name, **request)
    text = File.read(File.expand_path("../../fixtures/texts/#{name}.txt", __dir__), encoding: "UTF-8")
    answer({ "dish" => FondKettle::Reading::Reader.new(text).dish, "assume" => true,
             **request.transform_keys(&:to_s) })
  end

  # [when it is over, in minutes before serving; when it starts] of the first task with some words.
  def time_of(found, words)
    task = found[:tasks].find { |one| one[:say].match?(words) }
    start = found[:starts][task[:id]]
    [start - task[:minutes], start]
  end

  def kinds(found, pattern)
    found[:tasks].select { |task| task[:say].match?(pattern) }.map { |task| task[:kind] }
  end

  it "lifts out of a pan before anything else is fried in it" do
    cake = told("cake")
    expect(time_of(cake, /lift them out/).first).to be >= time_of(cake, /fry the onions/).last
    expect(time_of(cake, /fry the onions/).first).to be >= time_of(cake, /add the chicken/).last
  end

  it "plans in rounds no rice before what lies under it" do
    text = "Chicken rice\nFor 4\n320 g basmati\n2 onions, chopped\n900 g chicken thighs\n3 tbsp oil\n" \
           "700 ml stock\n\nBrown the onions in the oil for 12 minutes. Add the chicken and fry it for 8 " \
           "minutes. Add the rice and the stock, bring to the boil, cover and cook on low for 15 minutes."
    dish = FondKettle::Reading::Reader.new(text).dish
    found = answer({ "dish" => dish, "assume" => true, "for" => { "guests" => 9 },
                     "vessel" => { "diameter_mm" => 200, "height_mm" => 100 } })
    expect(time_of(found, /fry it for 8/).first).to be >= time_of(found, /Toast the rice/).last
  end

  it "keeps the water of a base that simmers, where the rice is boiled apart" do
    { 6 => /350 g water/, 9 => /525 g water/ }.each do |guests, half|
      found = told("dough_lid_okra", for: { "guests" => guests })
      base = found[:tasks].find { |task| task[:say].match?(/simmer for an hour/) }
      expect(base[:puts_in]).to include("In each pot").and match(half)
    end
  end

  it "boils rice once, also in the pot that it is laid in then" do
    boiled = told("date_layers")[:tasks].select { |task| task[:kind] == "par-boil" }
    expect(boiled.size).to eq(1)
  end

  it "turns rice in hot fat only once it is drained" do
    request = { "grain" => "basmati", "method" => "toasted-pilaf",
                "rice" => { "amount" => 300, "unit" => "g" },
                "drain" => "shaken", "soak" => { "minutes" => 20 } }
    plan = FondKettle::Methods::Planner.plan(FondKettle::Formats::RequestReader.new(request).request)
    starts = plan.tasks.to_h { |task| [task.kind.key, plan.placed.starts[task.id]] }
    expect(starts["drain"]).to be > starts["toast"]
  end

  it "measures raw food once it was heated last, and calls nothing raw that is fried in a later step" do
    bowl = told("bowl")
    expect(time_of(bowl, /Fry them/).first).to be >= time_of(bowl, /white and yolk are set/).last
    codes = [bowl, told("triangles")].map { |found| found[:warnings].map { |one| one[:code] } }
    expect(codes.flatten).not_to include("not-safe")
  end

  it "tells what the way does anyway once: the rest, the soak, the parcels' steaming" do
    expect(kinds(told("cake"), /rest/i).count("rest")).to be <= 1
    parcels = told("parcels")
    expect(kinds(parcels, /wrap|fold the leaf/i)).to eq(["wrap"])
    expect(kinds(parcels, /steam the parcels/i)).to eq([])
    expect(kinds(parcels, /soak the (?:sticky )?rice/i)).to eq(["soak"])
  end

  it "counts nothing that goes in once the rice is done as food in its water" do
    lines = [{ "id" => "w", "food" => "water" }, { "id" => "c", "food" => "cucumber", "g" => 400 }]
    boil = { "id" => "s1", "say" => "Boil", "kind" => "fill", "rice" => "in", "takes" => [{ "line" => "w" }] }
    fold = { "id" => "s2", "say" => "Fold in", "kind" => "fold", "rice" => "after",
             "takes" => [{ "line" => "c" }] }
    dish = graph_request("goat")["dish"].merge("method" => "covered-pot", "lines" => lines, "vessels" => [])
    with, without = [[boil, fold], [boil]].map do |steps|
      answer({ "dish" => dish.merge("steps" => steps), "assume" => true })[:liquid][:g]
    end
    expect(with).to be_within(0.5).of(without)
  end

  it "closes a pot of layers as the cook does, and leaves no rice to dry that was only drained" do
    expect(told("chicken")[:tasks].map { |task| task[:say] }.join).not_to include("dough")
    pilaf = "Pilaf\nFor 4\n300 g basmati\n40 g butter\n1 onion\n450 ml stock\n\nSoak the rice for 20 " \
            "minutes. Soften the onion in the butter for 6 minutes, add the drained rice and turn it for 2 " \
            "minutes. Add the stock, bring to the boil and cook on low for 12 minutes."
    dish = FondKettle::Reading::Reader.new(pilaf).dish
    drains = answer({ "dish" => dish, "assume" => true })[:tasks].select { |task| task[:kind] == "drain" }
    expect(drains.map { |task| task[:minutes] }).to eq([1])
  end

  it "soaks rice once in salted water, as long as the cook says" do
    text = "Plain\nFor 4\n300 g basmati\n450 g water\nsalt\n\n" \
           "Soak the rice in salted water for 45 minutes. Drain it. " \
           "Bring the water to the boil, add the rice, cover and cook on low for 12 minutes."
    found = answer({ "dish" => FondKettle::Reading::Reader.new(text).dish, "assume" => true })
    soaks = found[:tasks].select { |task| task[:kind] == "soak" }
    expect(soaks.map { |task| task[:minutes] }).to eq([45])
    sealed = told("beans")[:tasks].select { |task| task[:kind] == "soak" }
    expect(sealed.map { |task| task[:minutes] }).to eq([45])
  end

  it "plans a cake whose rice is boiled first as layers, washes it once, and turns it out with care" do
    floor = told("floor", for: { "guests" => 9 })
    expect(floor[:method]).to eq("sealed-cooked-base")
    washed = floor[:tasks].select { |task| %w[rinse soak].include?(task[:kind]) }
    expect(washed.count { |task| task[:say].match?(/rice/i) }).to eq(2)
    turned = floor[:tasks].find { |task| task[:kind] == "turn-out" }
    expect(turned[:cautions]).to include("turning", "steam-burn", "cooked-rice-cooling", "whole-cuts")
    expect(told("cake")[:method]).to eq("turned-out")
  end
end
