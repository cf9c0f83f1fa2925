# frozen_string_literal: true

require_relative "../support/told_texts"

RSpec.describe FondKettle::Reading::RunTogether do
  include Support::ToldTexts

  def foods(dish)
    dish["lines"].map { |line| line["food"] }
  end

  it "is no list where something is done to it at once" do
    dish = told(<<~TEXT)
      Lamb rice (feeds 6)

      Take a kilo of lamb neck, on the bone, and brown it in a big pot with a spoonful of ghee. Lift it out. \
      Three onions go in next, sliced, with two bay leaves; let them go soft, about 12 minutes. Put the lamb \
      back, add a litre of water and simmer for an hour. Measure the broth: you need about 850 ml for the \
      rice. Wash 500 grams of basmati, tip it in, lid on, low for 15 minutes. Rest 10 minutes.
    TEXT
    expect(foods(dish)).to match(["lamb neck", "ghee", "onions", "bay leaves", "water", /basmati/])
    expect(done(dish, "lamb neck").first(2)).to eq(%w[fry big-pot])
    expect(froms(dish, "lamb back")).to eq(["plate"])
  end

  it "is a list behind \"For 4:\", whose amounts may have a point" do
    dish = told(<<~TEXT)
      Pan rice

      For 4: 350 g bomba rice, 1.1 litres fish stock, 300 g raw king prawns, shells on, 1 red pepper, 1 onion, \
      3 tbsp olive oil.

      Fry the onion and pepper in the oil in a wide pan 10 minutes. Rice in, stir. Stock in, 10 minutes on \
      high, 8 on low.
    TEXT
    expect(dish["serves"]).to eq(4.0)
    expect(foods(dish)).to eq(["bomba rice", "fish stock", "raw king prawns", "red pepper", "onion",
                               "olive oil"])
    expect(taken(dish, step(dish, "onion and pepper"))).to contain_exactly("red pepper", "onion", "olive oil")
  end

  it "has half of one weight each of two foods" do
    dish = told("Rolls\nServes 4\n\n400 g minced pork and beef\n100 g rice\n\nMix the meat with the rice.")
    expect(dish["lines"].map { |line| line.values_at("food", "g") }.first(2))
      .to eq([["minced pork", 200.0], ["minced beef", 200.0]])
  end

  it "cuts what is said in its shape, and thickens a sauce" do
    dish = read("300 g rice\n1 carrot\n100 ml coconut milk\n400 ml water",
                "Carrot in matchsticks. Rice and water in a pot, boil, cover, 12 minutes on low. Thicken " \
                "the coconut milk in a small pan, two minutes.")
    expect(done(dish, "matchsticks").first(2)).to eq(%w[cut board])
    expect(done(dish, "Thicken").first).to eq("reduce")
  end

  it "puts in everything but what is left out, and all that stands ready with it" do
    dish = read("1 tin kidney beans\n400 ml coconut milk\n300 g long grain rice\n1 Scotch bonnet\n1 tsp salt",
                "Pour the beans into a measuring jug and add the coconut milk. Tip into a large pot with " \
                "everything but the rice. Simmer for 10 minutes. Rinse the rice until the water is clear " \
                "and add to the pot. Cover and cook on low for 20 minutes.")
    tipped = step(dish, "everything but")
    expect(taken(dish, tipped)).to contain_exactly("Scotch bonnet", "salt")
    expect(froms(dish, "everything but")).to eq(["measuring-jug"])
    expect([done(dish, "Rinse the rice").first(2), done(dish, "add to the pot").first(2)])
      .to eq([%w[rinse rice-bowl], %w[fill large-pot]])
  end

  it "has washed rice in the pot once its water is added, and the pot in hand over a flat pan" do
    dish = read("200 g sushi rice\n250 ml water",
                "Needs a night. Rinse rice, 4 changes. Drain 10 min. Add water, soak 20 min. Bring to " \
                "boil, lid on, on a flat pan on low for 12 minutes. Off heat 10 min.")
    expect(done(dish, "Add water").first(2)).to eq(%w[fill pot])
    expect(done(dish, "flat pan")).to eq(["low", "pot", 12.0])
    expect(dish["steps"].filter_map { |one| one["minutes"] }.max).to eq(20.0)
  end

  it "has so much each of two things" do
    dish = read("300 g rice\n500 ml water",
                "Boil the rice in the water, 12 minutes. Fold in a handful each of mint and dill.")
    expect(dish["lines"].map { |line| line.values_at("food", "g") }.last(2))
      .to eq([["mint", 25.0], ["dill", 25.0]])
  end
end
