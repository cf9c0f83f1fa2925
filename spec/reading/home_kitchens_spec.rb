# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Dishes told at length, and in few words, as they come from other kitchens.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "is told from its first word, where something is done to what is taken" do
    dish = told("Cabbage and rice for six\n\nTake a white cabbage of about a kilo, " \
                "quarter it and slice it " \
                "not too fine. Two onions go into four tablespoons of lard in the big " \
                "iron pot and are " \
                "fried until golden; then a heaped spoon of sweet paprika. Two cups of " \
                "rice, washed, and " \
                "three cups of water; bring it to the boil, cover it and put it in the " \
                "oven (180) for " \
                "half an hour.")
    expect(dish["lines"].map { |line| line["food"] })
      .to eq(["white cabbage of about a kilo", "onions", "lard", "sweet paprika", "rice", "water"])
    expect(step(dish, "in the oven").values_at("kind", "minutes", "oven_c")).to eq(["bake", 30.0, 180.0])
  end

  it "boils the rice in a pot of its own beside a curry, whose name is no leaf" do
    dish = told("Fish curry and rice for 4\n\n2 cup basmati rice\n3 cup water\n600 gr " \
                "white fish\n" \
                "1 can coconut milk\n1 tbsp oil\n10 curry leaf\njuice 1 lime\n\nFirst " \
                "make the curry. " \
                "Heat oil, fry the curry leaf 10 seconds. Add coconut milk. Boil, then " \
                "small fire 10 " \
                "minute. Put the fish, 6 minute. Lime juice at last.\nFor the rice: wash " \
                "3 times, drain. " \
                "Boil the 3 cup water with salt, put the rice, when boil again cover and " \
                "small fire 12 " \
                "minute.")
    expect(taken_at(dish, "fry the curry leaf")).to contain_exactly("oil", "curry leaf")
    expect(taken_at(dish, "Lime juice")).to eq(["lime juice"])
    expect([step(dish, "Boil the 3")["vessel"],
            step(dish, "put the rice")["vessel"]]).to eq(%w[rice-pot rice-pot])
  end

  it "lays boiled rice in a dish, and fries what goes on it in a pan" do
    dish = read("1½ lb boneless chicken thighs\n3 leeks\n2 oz butter\n1 pint chicken stock\n8 oz " \
                "long-grain rice",
                "Boil the rice in plenty of salted water for 10 minutes, drain well and spread over the " \
                "bottom of a " \
                "buttered 3-pint dish. Cut the chicken in strips and fry it in half the butter, about 8 " \
                "minutes. Lay " \
                "it on the rice. Melt the rest of the butter, cook the leeks for 10 minutes, then the " \
                "stock little by " \
                "little, and simmer for 5 minutes. Pour over the chicken. Bake at Gas 5 for 30 minutes.")
    own = dish["vessels"].find { |one| one["rice"] }
    expect(own["kind"]).to eq("oven-dish")
    expect(froms(dish, "spread over")).to eq(["boiling-pot"])
    pan = dish["vessels"].find { |one| one["key"] == step(dish, "fry it")["vessel"] }
    expect(pan["kind"]).to eq("frying-pan")
    expect([froms(dish, "Lay it"), froms(dish, "Pour over")]).to eq([["frying-pan"], ["frying-pan"]])
    expect(step(dish, "Bake")["vessel"]).to eq(own["key"])
  end

  it "has a list of one part in its own sentence, and says how long it keeps without a step" do
    dish = told("Squid with rice\n\nRice: 280 g bomba, 1 small onion, 3 tbsp oil, 650 ml " \
                "fish stock, pinch of " \
                "saffron. Sweat the onion in the oil 6 min, rice in for 2 min, hot stock " \
                "and saffron, 16 " \
                "min uncovered, 4 min rest. Keeps 1 day in the fridge!")
    expect(dish["lines"].map { |line| line["food"] }).to include("saffron")
    expect(dish["steps"].last.values_at("kind", "minutes")).to eq(["rest", 4.0])
    expect(kinds(dish)).not_to include("chill")
    salad = read("300g mixed brown & wild rice\n2T oil + more for the pan", "Boil the rice.")
    expect(salad.values_at("grain", "rice_g")).to eq(["brown-long", 300.0])
    expect(salad["lines"].size).to eq(2)
  end

  it "gives what is put into a pot that simmers on the minutes in which it is hot again, and no more" do
    dish = read("300 g rice\n1 kg lamb\n3 tbsp oil\n800 ml stock\n400 ml boiling water",
                "Brown the lamb in the oil in a pot. Add the stock. Simmer for 40 minutes. The boiling " \
                "water. Simmer " \
                "20 minutes. Boil the rice.")
    expect(step(dish, "Add the stock")["minutes"]).to eq(8.0)
    expect(step(dish, "boiling water")["minutes"]).to eq(1.0)
    expect(step(dish, "Simmer for 40")["minutes"]).to eq(40.0)
    expect(dish["asked"].map { |one| one["field"] }).not_to include("minutes")
  end
end
