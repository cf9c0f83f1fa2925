# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# What is cooked beside the rice, in what, and rows that are counted or stand alone.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "tosses in the tin into which things were tipped, and pours over what was crumbled" do
    dish = whole("one_tin_chicken")
    expect(done(dish, "toss with the paprika").first(2)).to eq(%w[mix biggest-roasting-tin])
    expect(done(dish, "Roast for 25")).to eq(["bake", "biggest-roasting-tin", 25.0])
    expect(froms(dish, "pour over, put")).to contain_exactly("plate", "bowl")
    expect(done(dish, "Squeeze with lemon").first).to eq("sprinkle")
  end

  it "bakes a pudding in its buttered dish, the milk warmed elsewhere, for the number below its title" do
    dish = whole("milk_pudding")
    expect(dish.values_at("serves", "method")).to eq([6.0, "oven-pilaf"])
    expect(done(dish, "Butter a 1.5 litre dish")[1]).to eq("dish")
    expect(done(dish, "Warm the milk")[1]).to eq("frying-pan")
    expect([done(dish, "strain the milk").first, froms(dish, "strain the milk")])
      .to eq(["lay-in", ["frying-pan"]])
    expect(done(dish, "grate nutmeg").first).to eq("sprinkle")
  end

  it "cooks a curry in its pan once the rice is done, and boils eggs by themselves" do
    dish = whole("egg_curry_rice")
    expect(done(dish, "hard-boil eggs")).to eq(["boil", "small-pot", 9.0])
    expect(done(dish, "Oil in a kadai")).to eq(["fry", "kadai", 8.0])
    later = ["G-g paste", "Powders", "Tomato", "Simmer 5"]
    expect(later.map { |words| done(dish, words)[1] }).to all(eq("kadai"))
  end

  it "boils on what was par-boiled, with what is thrown in for the last minutes, and counts a buffet" do
    dish = whole("red_salad")
    expect(dish["serves"]).to eq(12.0)
    expect(done(dish, "simmer half covered")).to eq(["par-boil", "boiling-pot", 35.0])
    expect(done(dish, "Top & tail").first).to eq("cut")
    expect([done(dish, "throw them in").first(2), froms(dish, "throw them in")])
      .to eq([%w[par-boil boiling-pot], ["board"]])
    expect(done(dish, "back in the hot pot")).to eq(["fill", "hot-pot", 10.0])
  end

  it "grinds raw rice in a bowl, gathers everything in a pot and asks nothing of a question" do
    dish = whole("pumpkin_porridge")
    expect(dish["steps"].first["say"]).to eq("Steam kabocha 15 min.")
    expect(done(dish, "Blend the rice").first(2)).to eq(%w[mix bowl])
    expect(done(dish, "Everything in a pot")).to eq(["fill", "pot", 12.0])
    expect(dish["not_read"]).to include("Strain?")
  end

  it "begins behind the words for what it begins with" do
    dish = whole("leftover_roast")
    expect(dish["steps"].first(3).map { |one| one.values_at("kind", "vessel") })
      .to eq([%w[rinse rice-bowl], %w[par-boil boiling-pot], %w[drain boiling-pot]])
  end

  it "keeps two measured things of a row apart, whatever they are" do
    foods = read("2 tsp turmeric, 1 tsp advieh\n2 tbsp light soy, 1 tbsp dark", "Boil it.")["lines"]
    expect(foods.map { |one| one["food"] }.first(3)).to eq(["turmeric", "advieh", "light soy"])
  end

  it "serves as many as are counted, and no “a”" do
    expect(told("Rice\nEnough for a crowd of 12.\n\n200 g rice")["serves"]).to eq(12.0)
    expect(told("Rice\nEnough for a crowd.\n\n200 g rice")["serves"]).to be_nil
  end
end
