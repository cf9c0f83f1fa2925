# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Dishes jotted down in few words: amounts in the middle, headings in capitals, "rice in the pot with water".
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "puts washed rice into its pot with the water, and reads an amount amid a line" do
    dish = whole("claypot")
    expect(dish["lines"].find { |one| one["ingredient"] == "ginger" }["g"]).to eq(20.0)
    expect(done(dish, "Rice washed").first(2)).to eq(%w[rinse rice-bowl])
    expect([done(dish, "in the claypot").first, taken(dish, step(dish, "in the claypot"))])
      .to eq(["fill", ["water"]])
    expect(taken(dish, step(dish, "Marinate chicken"))).to include("shaoxing")
    expect(done(dish, "Lid on, low, 15")).to eq(["low", "claypot", 15.0])
  end

  it "takes a row in capitals for a heading, and eggs that are rolled for no rice" do
    dish = whole("three_toppings")
    expect(dish.values_at("grain", "rice_g")).to eq(["short-white", 450.9])
    expect(dish["lines"].map { |one| one["food"] }).to include("eggs", "sugar", "dashi")
    expect(dish["lines"].map { |one| one["food"] }).not_to include("TOPPINGS", "VINEGAR")
    expect(step(dish, "Put rice, water")["rice"]).to eq("in")
    expect(done(dish, "warm the vinegar")[1]).to eq("frying-pan")
    expect(froms(dish, "sprinkle over the vinegar")).to eq(["frying-pan"])
  end

  it "dusts and fries beside rice that is done, and counts no rice twice" do
    dish = whole("shrimp_plate")
    expect(dish["lines"].count { |one| one["grain"] || one["food"].include?("rice") }).to eq(1)
    expect(done(dish, "into a pot").first).to eq("fill")
    expect(done(dish, "Dust shrimp").first(2)).to eq(%w[mix bowl])
    expect([done(dish, "Fry in the oil"), froms(dish, "Fry in the oil")])
      .to eq([["fry", "frying-pan", 4.0], ["bowl"]])
  end

  it "boils eggs by themselves and folds in what goes in gently" do
    dish = whole("lentil_fish")
    expect(done(dish, "7 min from boiling")).to eq(["simmer", "small-pot", 7.0])
    expect([done(dish, "fish in gently").first, froms(dish, "fish in gently")]).to eq(["fold", ["plate"]])
    expect(dish["lines"].map { |one| one["food"] }).not_to include("altogether")
  end

  it "soaks mushrooms under measured water, and calls basmati with wild rice basmati" do
    dish = whole("chestnut_side")
    expect(dish.values_at("grain", "rice_g")).to eq(["basmati", 400.0])
    expect(done(dish, "Cover the porcini")).to eq(["soak", "soaking-bowl", 20.0])
    expect(froms(dish, "chop")).to eq(["soaking-bowl"])
  end

  it "parboils in plenty of water, mixes a part of the rice in its bowl and presses it in first" do
    dish = whole("yoghurt_crust")
    expect(done(dish, "parboil 5 min")).to eq(["par-boil", "boiling-pot", 5.0])
    expect(done(dish, "Stir in a third").first(2)).to eq(%w[mix bowl])
    expect([step(dish, "Press in the yoghurt")["rice"], froms(dish, "Press in the yoghurt")])
      .to eq(["in", ["bowl"]])
    expect(dish["method"]).to eq("turned-out")
  end

  it "fries no stock cube with the chicken, and loosens peanut butter in a bowl" do
    dish = whole("peanut_chicken")
    expect(taken(dish, step(dish, "Fry the chicken"))).to eq(["chicken legs", "oil"])
    expect(taken(dish, step(dish, "and the cube"))).to include("chicken cube")
    expect(done(dish, "Loosen the peanut butter").first(2)).to eq(%w[mix bowl])
    expect(froms(dish, "stir it back in")).to eq(["bowl"])
    expect(step(dish, "put it in another pot")["rice"]).to eq("in")
  end

  it "takes the rice of which there is most for the dish's rice" do
    dish = told("Smoked rice\n\n2 tbsp raw rice\n300 g jasmine rice\n\nBoil the jasmine rice in 400 ml " \
                "water for 12 minutes.")
    expect(dish.values_at("grain", "rice_g")).to eq(["jasmine", 300.0])
    expect(whole("red_tomato")["serves"]).to eq(6.0)
  end
end
