# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Where what was cut, lifted, strained or begun before is found again, told as cooks tell it.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  def line(dish, food)
    dish["lines"].find { |one| one["food"].include?(food) }
  end

  it "keeps a broth, moves the rice from its pan into the dish it is baked in, and lifted meat with it" do
    dish = whole("duck_orange")
    expect(line(dish, "duck")["g"]).to eq(500.0)
    expect(line(dish, "wine")["g"]).to be_within(10).of(375)
    expect(step(dish, "1 litre of the broth")["from"])
      .to eq([{ "vessel" => "bowl", "what" => "liquid", "g" => 1000.0 }])
    expect(step(dish, "In goes the rice")["rice"]).to eq("before")
    expect(step(dish, "Half the rice")["rice"]).to eq("in")
    expect(froms(dish, "Half the rice")).to eq(%w[plate big-pan])
    expect(taken(dish, step(dish, "Chop the rest"))).to eq(["carrots", "big onion"])
    expect(dish["vessels"].first).to include("key" => "earthenware-dish", "rice" => true)
  end

  it "reads steps that are counted without a dot, a pan between commas, and what soaks where it is poured" do
    dish = whole("mushroom_one_pan")
    expect(done(dish, "Pour the water")).to eq(["soak", "soaking-bowl", 20.0])
    expect(done(dish, "Butter + oil")).to eq(["fry", "big-pan", nil])
    expect(done(dish, "Leeks")).to eq(["fry", "big-pan", 8.0])
    expect(done(dish, "heat up high")).to eq(["fry", "big-pan", 6.0])
    expect(done(dish, "Parmesan through it").first).to eq("fold")
    expect(dish["lines"].size).to eq(12)
  end

  it "goes on in the pan beside the rice, while the rice cooks, and comes back to the rice's pot" do
    dish = whole("fish_curry_rice")
    beside = ["While the rice cooks", "splutter", "curry leaves", "coconut milk", "tamarind", "Slide in"]
    expect(beside.map do |words|
      step(dish, words).values_at("vessel", "rice")
    end.uniq).to eq([%w[wide-pan with]])
    expect(beside.first(3).map { |words| step(dish, words)["beside"] }.uniq.size).to eq(1)
    expect(done(dish, "Fluff").first(2)).to eq(%w[fluff rice-pot])
    salts = dish["lines"].select { |one| one["food"] == "salt" }.map { |one| one["id"] }
    expect(step(dish, "Rub fish")["takes"].map { |one| one["line"] }).to include(salts.last)
  end

  it "puts rice in with what is filled with it, and lets it stand before somebody serves it" do
    dish = whole("stuffed_peppers")
    expect(step(dish, "Stand the peppers").values_at("kind", "vessel", "rice")).to eq(%w[fill pan in])
    expect(done(dish, "scoop out").first).to eq("cut")
    expect(done(dish, "Let them stand")).to eq(["rest", "pan", 15.0])
    expect(taken(dish, step(dish, "knead"))).to include("dried mint")
  end

  it "drops no chicken for the sake of its stock, and no fat that is left in its pot" do
    dish = whole("tuesday_chicken")
    expect(dish["lines"].find { |one| one["ingredient"] == "chicken" }["care"]).to include("poultry")
    expect(dish["lines"].map { |one| one["food"] }).not_to include("fat")
    expect(froms(dish, "When it comes to the boil")).to eq(["plate"])
    expect(done(dish, "into the oven")).to eq(["bake", "dry-casserole", 25.0])
  end

  it "bakes what is put into the oven, leaves the pot its rice when it comes out, and tosses what was cut" do
    dish = whole("pumpkin_oven")
    expect(froms(dish, "toss with salt")).to eq(["board"])
    expect(done(dish, "put into the oven")).to eq(["bake", "ovenproof-pot", 18.0])
    expect(done(dish, "Take it out")).to eq(["rest", "ovenproof-pot", nil])
    expect(step(dish, "Fold half")["from"]).to eq([{ "vessel" => "tray", "share" => 0.5 }])
    expect(froms(dish, "Fry the sage")).to eq([])
  end

  it "lays on after the fire what stands under the lid then, and moves what is put on a plate" do
    dish = read("300 g basmati\n450 ml water\n250 g prawns\n20 g butter\n100 g peas",
                "Sear the prawns in the butter in a frying pan, 3 minutes. Put them on a plate. Boil the " \
                "rice in the water in a pot. Cover, low, 12 minutes. Off the heat, peas over, lid on, " \
                "5 minutes. Lay the prawns on top.")
    expect(step(dish, "Put them on a plate").values_at("kind", "from"))
      .to eq(["take-out", [{ "vessel" => "frying-pan" }]])
    expect(step(dish, "peas over").values_at("kind", "rice")).to eq(%w[lay-in with])
    expect(step(dish, "lid on, 5").values_at("kind", "rice")).to eq(%w[rest rest])
    expect(froms(dish, "Lay the prawns")).to eq(["plate"])
  end

  it "lays what was fried before on rice that is off the fire, and lets both stand under the lid" do
    dish = read("300 g basmati\n450 ml water\n250 g prawns\n20 g butter",
                "Sear the prawns in the butter in a frying pan, 3 minutes. Put them on a plate. Boil the " \
                "rice in the water in a pot. Cover, low, 12 minutes. Take it off the heat. Lay the seared " \
                "prawns on top, lid on, 5 minutes.")
    expect(step(dish, "Lay the seared").values_at("kind", "rice")).to eq(%w[lay-in with])
    expect(froms(dish, "Lay the seared")).to eq(["plate"])
    expect(steps(dish).last).to eq(["rest", 5.0, "pot", "rest"])
  end

  it "pours back so much of a broth, whether or not somebody calls it so" do
    dish = read("800 g chicken thighs\n2 litres water\n300 g jasmine rice",
                "Simmer the chicken in the water in a pot for 35 minutes. Lift the chicken out onto a " \
                "plate. Strain the broth into a jug and return 420 ml to the pot. Add the rice, bring to " \
                "the boil, cover, low, 14 minutes.")
    expect(step(dish, "return 420")["from"]).to eq([{ "vessel" => "jug", "what" => "liquid", "g" => 420.0 }])
    expect(dish["lines"].size).to eq(3)
  end

  it "takes a weight in brackets as it stands, whatever the size, and a part of some pieces" do
    lines = ["4 fat pork sausages (about 400 g)", "2 chopped tomatoes", "a bottle of beer"].map do |text|
      read("300 g rice\n#{text}", "Boil the rice.")["lines"].last
    end
    expect(lines.map { |one| one["g"].round(-1) }).to eq([400, 220, 330])
    dish = read("300 g rice\n2 carrots", "Simmer one of the carrots in a pot. Fry the other carrot in a pan.")
    shares = dish["steps"].flat_map { |one| one["takes"] }.map { |one| one["share"] }
    expect(shares).to eq([0.5, 0.5])
  end

  it "tells foods apart that stand side by side, and an amount from the thing before it" do
    foods = read("300 g rice\n1 carrot 1 onion 1 celery\nsalt peppercorns bay",
                 "Boil the rice. Add a teaspoon of mustard, 100g of grated cheddar.")["lines"]
    expect(foods.map { |one| one["ingredient"] }.drop(1))
      .to eq(%w[carrot onion celery salt black-pepper bay-leaf mustard cheddar])
  end

  it "fetches no salt out of a marinade, and fries in a second pan for no second" do
    dish = read("300 g rice\n2 tsp salt\n400 g chicken thighs\n2 eggs\n2 tbsp oil",
                "Rub the chicken with the salt in a bowl. Bring the water to the boil with 3 tbsp salt. " \
                "Boil the rice. In a second pan fry the eggs in the oil.")
    expect(froms(dish, "Bring the water")).to eq([])
    expect(step(dish, "In a second pan")).not_to have_key("minutes")
  end

  it "drains rice that is cooked in much water, where it goes into another dish" do
    lines = "250 g long grain rice\n3 leeks\n50 g butter"
    baked = read(lines, "Cook the rice in plenty of boiling water for 10 minutes, drain it. Soften the " \
                        "leeks in the butter. Spread the rice and the leeks in a dish. Bake at 200 C for " \
                        "20 minutes.")
    expect(step(baked, "Cook the rice").values_at("kind", "rice")).to eq(%w[par-boil before])
    salad = read(lines, "Cook the rice in plenty of boiling water for 12 minutes, drain it. Stir in the " \
                        "butter.")
    expect(step(salad, "Cook the rice")["rice"]).to eq("in")
  end

  it "reads a longer time behind a shorter one as the middle of both" do
    dish = read("300 g beans\n200 g rice", "Simmer the beans for an hour to an hour and a half.")
    expect(step(dish, "Simmer")["minutes"]).to eq(75.0)
  end
end
