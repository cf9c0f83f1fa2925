# frozen_string_literal: true

require_relative "../../support/suppers"

# docs/model.md: Food in a vessel.
RSpec.describe FondKettle::Methods::RiceVessel do
  include Support::Suppers

  methods = FondKettle::Methods::Library.ours.all

  def vessel_of(method, additions, **more)
    listed = additions.map { |key, grams| { "ingredient" => key, "g" => grams } }
    described_class.of(request_for(basic_request(method: method, additions: listed, **more)))
  end

  def brought_g(vessel)
    FondKettle::Methods::FoodLoad.water_g(vessel.contents)
  end

  # Of a dish's lines and steps.
  def made(lines, steps, method: "covered-pot")
    described_class.of(supper(dish(lines, steps: steps, method: method)).plan.request)
  end

  it "brings by every way what its foods bring, where nothing is done to them" do
    foods = { "tomato" => 150, "potato" => 200, "leafy-greens" => 80 }
    book_g = (150 * 0.85) + (200 * 0.05) + (80 * 0.6)
    methods.each_key do |way|
      vessel = vessel_of(way, foods, grain: way.match?(/sticky|parcels/) ? "glutinous" : "basmati")
      next expect(way).to eq("one-pot-sauce") if vessel.worked?

      expect(brought_g(vessel)).to be_within(1e-9).of(book_g), way
      expect(vessel.dried_g).to eq(0.0)
    end
  end

  it "dries onions to the colour that is asked for, sears meat, and cooks a sauce down" do
    left = { "translucent" => 75.0 - 22.5, "gold" => 0.0, "dark" => 0.0 }
    left.each do |colour, grams|
      vessel = vessel_of("toasted-pilaf", { "onion" => 150 }, base: { "onion" => colour })
      expect(brought_g(vessel)).to be_within(1e-6).of(grams)
    end
    expect(brought_g(vessel_of("broth-under-rice", { "lamb" => 500 }))).to be_within(1e-6).of(50.0)
    sauce = vessel_of("one-pot-sauce", { "tomato" => 300 })
    expect(brought_g(sauce)).to be_between(120, 160)
    expect(sauce.dried_g + brought_g(sauce)).to be_within(1e-6).of(255.0)
  end

  it "fries as long as the cook says, or until what the words say" do
    words = "300 g onions | base\n30 g oil | base"
    soft, gold, timed = ["until soft", "until golden", "until they smell"].map do |cue|
      made(words, "Fry the onions in the oil | fry | 10 min | #{cue}")
    end
    expect(brought_g(soft)).to be_within(1e-6).of(150 - 45)
    expect(brought_g(gold)).to eq(0.0)
    expect(brought_g(timed)).to be_between(30, 120)
    expect(made(words.sub("base", "base | browned"),
                "Fry the onions | fry | 2 min").contents.foods.first.state)
      .to eq("golden")
  end

  it "keeps back what is lifted out, fried as it is" do
    vessel = made("3 onions | half base | half finish\n60 g oil | base",
                  "Fry the onions in the oil, lift half of them out | fry | 18 min | until golden\n" \
                  "Strew the onions over | finish | 1 min")
    onion = vessel.contents.foods.find { |food| food.ingredient.key == "onion" }
    expect(onion.raw_g).to be_within(1e-6).of(180.0)
    expect([onion.state, onion.giving_g]).to eq(["golden", 0.0])
  end

  it "does not fry a marinade with the onions: it lies in a bowl until a step names it again" do
    lines = "600 g chicken | base\n200 g yoghurt | base\n2 onions | base\n30 g oil | base"
    marinade = "Marinate the chicken in yoghurt | marinate | 60 min"
    onions = "Fry the onions in the oil | fry | 20 min | until golden"
    apart, fried = [[marinade, onions], [marinade, onions, "Fry the chicken | fry | 10 min"]].map do |steps|
      made(lines, steps.join("\n"), method: "sealed-raw-base")
    end
    expect(brought_g(apart)).to be_within(1e-6).of((0.22 * 600) + (0.6 * 200))
    expect(brought_g(fried)).to be < brought_g(apart) - 25
  end

  it "fries for a cooker in a pan on a ring" do
    vessel = vessel_of("rice-cooker", { "onion" => 200 })
    expect([vessel.setting.vessel.diameter_mm, vessel.setting.burner.source]).to eq([260.0, "gas"])
  end

  it "gives the rice less water for food that was fried, and counts what frying dried in the range" do
    raw, fried = ["until they smell", "until golden"].map do |cue|
      supper(dish("400 g onions | base\n30 g oil | base",
                  steps: "Fry the onions | fry | 3 min | #{cue}")).plan
    end
    expect(fried.liquid_g).to be > raw.liquid_g + 100
    expect([fried.load.dried_g, fried.spread.by_cause[:dried]]).to all(be_positive)
  end
end
