# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

RSpec.describe "A dish that is told without a list" do
  include Support::ToldTexts

  let(:smoky) do
    told("Smoky pot for four\nCook the chorizo in olive oil until the oil runs red. Tip in the rice " \
         "(2 cups bomba) and turn it till glossy, then the stock, 4 cups, hot. Ten minutes fast, eight " \
         "slow, no stirring. Tuck in the mussels for the last five. Rest under a cloth, lemon at the table.")
  end

  it "has amounts between brackets, with what kind it is and what is done to it" do
    expect(smoky.values_at("grain", "rice_g")).to match(["medium-white", be_between(380, 410)])
    lines = told("Rice\nThe lentils (brown ones, a mug) go on first. Mash the tuna (1 tin, drained). " \
                 "Add 200 g rice and 300 ml water, cook 12 minutes.")["lines"]
    expect(lines.first(2).map { |line| line.values_at("ingredient", "g") })
      .to eq([["brown-lentil", 240.0], ["tinned-fish", 120.0]])
  end

  it "has two heats in one sentence, a minute in a word, and what is only for the table" do
    low = smoky["steps"].select { |one| one["kind"] == "low" }
    expect(low.map { |one| one["minutes"] }).to eq([10.0, 8.0])
    expect(step(smoky, "mussels")["at_min"]).to eq(3.0)
    expect([step(smoky, "Rest under"), step(smoky, "lemon")].map { |one| one["kind"] }).to eq(%w[rest serve])
  end

  it "bakes under foil in the oven's dish, and opens it for the end" do
    dish = told("Sunday tray\nYou'll want an oven at 200. Roast 8 chicken drumsticks in a deep tray for 25 " \
                "minutes. Lift them out. Into the tray goes 350g long grain rice and 600ml chicken stock. " \
                "Drumsticks back on top, foil over, 35 minutes more. Take the foil off for the last 5.")
    expect(dish["lines"].map { |line| line["food"] }.grep(/oven/)).to eq([])
    open = step(dish, "foil off")
    expect(step(dish, "foil over").values_at("kind", "lid", "minutes")).to eq(["bake", "foil", 35.0])
    expect(open.values_at("lid", "at_min", "from")).to eq(["none", 30.0, []])
  end

  it "follows rice that is told in the past tense" do
    dish = told("Packed lunch (8)\nrice: 400g sushi rice, washed till clear, 30 min soak, cooked with " \
                "440ml water in the rice cooker.\nmash the tuna (1 tin) with the mayonnaise.\n" \
                "a spoonful of tuna in the middle of each, press into triangles.")
    expect(dish["steps"].map { |one| one["kind"] }).to eq(%w[rinse soak fill mix lay-in shape])
    expect(dish["method"]).to eq("shaped")
    expect(step(dish, "soak")["minutes"]).to eq(30.0)
    expect(dish["lines"].count { |line| line["ingredient"] == "tinned-fish" }).to eq(1)
  end

  it "pours two thirds of a sauce, and leaves rice to stand in it" do
    dish = told("Mango rice\nSoak 200 g sticky rice 4+ hrs. Steam 25 mins. Meanwhile warm 1 can coconut " \
                "milk w/ 1/4 c sugar - do not boil. Pour 2/3 over the hot rice, cover 20 mins.")
    pan = step(dish, "Meanwhile")["vessel"]
    poured = { "vessel" => pan, "share" => be_within(0.01).of(0.67) }
    expect(step(dish, "Pour")["from"]).to match([include(poured)])
    expect([step(dish, "Soak")["minutes"], step(dish, "cover")["kind"]]).to eq([240.0, "rest"])
    expect(dish["lines"].map { |line| line["text"] }).to include("1 can coconut milk")
  end

  it "is no cake for being turned out" do
    text = "Lentil rice\nFry 2 onions in 60 ml oil. Add 300 g basmati and 450 ml water. Lid on, low, 20 " \
           "minutes. Turn out and scatter the dill."
    expect(told(text)["method"]).not_to eq("turned-out")
    expect(told(text.sub("Fry", "In the bottom of the pot lay 300 g potatoes. Fry"))["method"])
      .to eq("turned-out")
  end
end
