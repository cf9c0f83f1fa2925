# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Rows of a list that say more than a thing, and amounts in the turns in which cooks write them.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  def amounts(dish)
    dish["lines"].to_h { |line| [line["ingredient"], line["g"]&.round] }
  end

  it "does what a row of the list says of its thing, before anything else" do
    dish = read("Sticky rice 350g – soak min 4 hrs, better overnight, then drain\nChicken thigh 200g " \
                "in 2 cm bits; marinate w/ 1 tbsp soy, 1 tsp cornflour\nOil 2 tbsp",
                "Fry the chicken in the oil 5 min. Rice in, toss. Steam 40 mins.")
    expect(dish["rice_g"]).to eq(350.0)
    soak = step(dish, "Sticky rice 350g")
    expect([soak["kind"], soak["minutes"], taken(dish, soak)]).to match(["soak", 240.0, [/sticky/i]])
    expect(taken_at(dish, "marinate")).to eq(%w[soy cornflour])
    expect(step(dish, "marinate")["vessel"]).to eq("bowl")
  end

  it "reads what is told before the list where it measures a food that stands nowhere else" do
    dish = read("Night before I soak 100 g chickpeas in plenty of water.\n300 g basmati\n600 ml water",
                "Boil the chickpeas 1 hour and drain. Cook the rice in the water 15 min, lid on.")
    expect(amounts(dish)).to include("dried-chickpea" => 100).or include("chickpeas" => 100)
    expect(step(dish, "Night before")).to include("kind" => "soak", "minutes" => 480.0)
  end

  it "reads amounts behind their things, with nothing between, and short for spoons" do
    dish = read("sushi rice 1.5 cups\nsalt 1/2t\nsoy 2T mirin 1T honey 1t",
                "Boil the rice in 2 cups water 13 min. Mix soy, mirin, honey. Salt the rice.")
    expect(dish["lines"].map { |line| line.values_at("food", "amount", "unit") })
      .to include(["salt", 0.5, "tsp"], ["soy", 2.0, "tbsp"], ["mirin", 1.0, "tbsp"], ["honey", 1.0, "tsp"])
  end

  it "takes what is weighed behind a glass, and counts adults and children" do
    dish = read("for 2 adults and 2 kids\n320 g arborio\nglass of white wine (150ml)\n1 litre stock",
                "Toast the rice 2 min. Wine in. Stock in, 18 min.")
    wine = dish["lines"].find { |line| line["food"] == "white wine" }
    expect([dish["serves"], wine["amount"], wine["unit"]]).to eq([4.0, 150.0, "ml"])
    expect(dish["asked"].map { |one| one["question"] }.grep(/glass/)).to be_empty
  end

  it "weighs yolks and whites, and asks of eggs of which only a part goes in" do
    dish = read("200 g basmati\n3 egg yolks\nwhites of 2 eggs\n2 eggs, yolks only", "Boil the rice 10 min.")
    expect(dish["lines"].drop(1).first(2).map { |line| line["g"] }).to eq([54.0, 66.0])
    expect(dish["asked"].map { |one| one["question"] }).to include("Only a part of eggs: how many " \
                                                                   "grams is that?")
  end

  it "takes half a teaspoon as an amount, and so much of the boiling water as is said" do
    dish = read("300 g basmati\n1 kg chicken thighs\nturmeric\n1.2 litre boiling water",
                "Put the chicken with half a teaspoon turmeric in a pot. Pour in 800 ml of the boiling " \
                "water. Simmer 30 min. Rice in, pour the remaining boiling water over, lid on, low 15 " \
                "min.")
    turmeric = step(dish, "Put the chicken")["takes"].last
    expect(turmeric["share"]).to eq(1.0)
    expect(step(dish, "Pour in")["takes"].first["share"]).to be_within(0.001).of(2.0 / 3)
    expect(step(dish, "pour the remaining")["takes"].first["share"]).to be_within(0.001).of(1.0 / 3)
  end

  it "fries in a Dutch oven, bakes on a sheet pan, and heats the oven meanwhile" do
    dish = read("200 g jasmine\n300 ml water\n340 g andouille\n1 tbsp oil",
                "Rice and water, boil, cover, low 13 min, off heat 10. Meanwhile oven 425F. Brown the " \
                "sausage in a dutch oven with the oil, about 8 minutes. Roast on a sheet pan 9-10 min.")
    expect(step(dish, "Brown")).to include("kind" => "fry", "minutes" => 8.0)
    expect(taken_at(dish, "Brown")).to include("andouille")
    expect(step(dish, "oven 425F")["kind"]).to eq("preheat")
    expect(step(dish, "Roast")["kind"]).to eq("bake")
  end

  it "asks how long rice lies in water where nobody says it" do
    dish = read("300 g basmati\n600 ml water",
                "Wash the rice and leave it in warm salted water. Drain. Boil the water, rice in, low " \
                "12 min.")
    soak = step(dish, "leave it")
    expect([soak["kind"], dish["asked"].map { |one| one["of"] }]).to match(["soak", include(soak["id"])])
  end

  it "stirs into what was beaten, lays the plain rice over it, and turns it upside down" do
    dish = read("500 g basmati\n300 g yoghurt\n60 g butter\n1 kg chicken thighs",
                "Boil the rice 6 minutes in plenty of salted water, drain in a colander. In a large " \
                "bowl beat the yoghurt. Stir in half of the rice. Melt the butter in a pot, spread the " \
                "yoghurt rice over the bottom, lay the chicken in, then the plain rice over it and " \
                "press it down hard. Cover, bake at 190 C for 75 min. Turn it upside down onto a " \
                "platter.")
    expect(step(dish, "Stir in")["vessel"]).to eq("large-bowl")
    expect(step(dish, "the plain rice")).to include("kind" => "layer", "rice" => "in")
    expect(step(dish, "press it")["heat"]).to be_nil
    expect(step(dish, "Turn it")["kind"]).to eq("turn-out")
  end

  it "takes the water in which saffron lies with it, and asks nowhere of what is there to serve" do
    dish = read("300 g basmati\nhot sauce, to serve\na good pinch of saffron ground and bloomed in 3 " \
                "tbsp hot water",
                "Boil the rice 6 minutes in plenty of salted water, drain. Mix in the saffron water.")
    expect(taken_at(dish, "Mix in")).to eq(["saffron", "hot water"])
    expect(dish["asked"].map { |one| one["question"] }.grep(/Where/)).to be_empty
  end

  it "boils eggs in a pot of their own, and no fiercer for being hard" do
    dish = read("500 g cold cooked rice\n4 rashers bacon\n3 eggs\n20 g butter",
                "Hard boil the eggs (9 mins from the boil), cool under the tap, peel. Fry bacon in a big " \
                "dry frying pan, 6 minutes. Crumble in the rice and turn it 5 minutes. Eggs on top.")
    eggs = step(dish, "Hard boil")
    kind = dish["vessels"].find { |one| one["key"] == eggs["vessel"] }["kind"]
    expect([kind, eggs["heat"], eggs["minutes"]]).to eq(["pot", nil, 9.0])
  end

  it "salts at the end, puts back, and throws bones away" do
    dish = read("200 g long grain rice\n400 ml water\n300 g dried red beans\n1 smoked ham hock (680 " \
                "g)\nsalt",
                "Simmer beans and hock 2 hours in 2 l water. Mash a cup of the beans against the side of " \
                "the pot. Fish out the hock, shred the meat. Put the meat back. Toss the bone. Salt only " \
                "now. Rice and water in another pot, boil, low 17 min.")
    kinds = ["Put the meat", "Toss the bone", "Salt only"].map { |words| step(dish, words)["kind"] }
    expect(kinds).to eq(%w[put-back take-out stir])
    expect(step(dish, "Mash").values_at("vessel", "from")).to eq([step(dish, "Simmer")["vessel"], []])
  end
end
