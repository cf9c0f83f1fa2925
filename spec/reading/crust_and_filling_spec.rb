# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/graphs"
require_relative "../support/told_texts"

# Rice that is boiled and steamed on its crust, poached fish, stuffed peppers.
RSpec.describe FondKettle::Reading::Reader do
  include Support::Graphs
  include Support::ToldTexts

  it "follows rice from its salted soak through its boil to its crust" do
    dish = read("3 cups basmati\nsalt\n400 g podded broad beans\n90 g dill\n80 g butter\n2 potatoes",
                "Wash the rice and leave to soak with 2 tbsp salt for an hour or two. Get a large pan of " \
                "water boiling hard. Drain the rice and tip it in, give it 6 minutes, no more: soft " \
                "outside, a firm heart. Throw in the beans for the last 2 minutes. Drain. Mix in the " \
                "dill. Put half the butter in a heavy pot. Slice the potatoes and lay them over the " \
                "bottom, salt them. Heap the rice on in a cone. Dot with the rest of the butter. Lid on, " \
                "low for 45 minutes. Sit the pot in cold water for a minute. Stir a cupful of rice with " \
                "the rest, pile it on a dish, the yellow rice on top.")
    expect(done(dish, "leave to soak")).to eq(["soak", "rice-bowl", 90.0])
    expect(done(dish, "tip it in")).to eq(["par-boil", "large-pan", 6.0])
    expect(dish["vessels"].find { |vessel| vessel["key"] == "large-pan" }["kind"]).to eq("pot")
    expect(done(dish, "Mix in the dill")).to eq(["mix", "large-pan", nil])
    expect(step(dish, "salt them")["vessel"]).to eq("heavy-pot")
    expect(step(dish, "Sit the pot")["rice"]).to eq("rest")
    expect(dish["lines"].map { |line| line["food"] }.grep(/heart/)).to eq([])
    low = answer({ "dish" => dish, "assume" => true })[:tasks].select { |task| task[:minutes].to_i == 45 }
    expect([dish["method"], low.map { |task| task[:say] }]).to match(["sealed-cooked-base", [/low/]])
  end

  it "halves what is milk and water, and pours so much of what the fish was poached in" do
    dish = read("300 g basmati\n50 g butter\n1 onion",
                "Poach 500 g smoked haddock in 600 ml milk and water, half and half, for 8 minutes. Lift " \
                "out the fish; keep the liquid. Soften the onion in the butter in a deep pan, stir in the " \
                "rice. Pour in 550 ml of the poaching liquid, cover, cook gently for 12 minutes. Off the " \
                "heat for 10. Fork the fish and the juice of half a lemon through the rice.")
    milk = dish["lines"].select { |line| %w[milk water].include?(line["food"]) }
    expect(milk.map { |line| line["amount"] }).to eq([300.0, 300.0])
    expect(step(dish, "Pour in 550")["from"]).to match([include("g" => 550.0)])
    expect(step(dish, "Off the heat")).to include("kind" => "rest", "rice" => "rest", "minutes" => 10.0)
  end

  it "ends a part of the list where a gap does, and fills what is listed below it" do
    dish = read("For the filling:\n150 g round rice\n250 g minced beef\n1 onion, grated\n\n8 peppers\n300 " \
                "ml tomato juice",
                "Mix everything for the filling. Cut the tops off the peppers and fill them. Stand them " \
                "in a pot. Pour the tomato juice round them. Lid on, low, 50 minutes.")
    expect(taken_at(dish, "Mix everything")).to eq(["round rice", "minced beef", "onion"])
    expect(taken_at(dish, "Cut the tops")).to eq(["peppers"])
    expect(froms(dish, "fill them")).to eq(["bowl"])
    expect(taken_at(dish, "Pour the tomato")).to eq(["tomato juice"])
  end

  it "puts what is measured once in where it is measured, and a little of it nowhere" do
    dish = read("250 g short grain rice\n1 onion\nolive oil\nsalt\n500 ml stock",
                "Salt the onion. Fry the onion in a little oil for 5 min. Stir in the rice with 3 tbsp " \
                "oil, 2 min. Pour in the stock and 1 tsp salt, lid on, low 15 min.")
    expect(%w[Salt Fry].map { |word| taken_at(dish, word) }).to eq([["onion"], []])
    expect(taken_at(dish, "Stir in the rice")).to include("olive oil")
    expect(taken_at(dish, "Pour in")).to include("salt")
  end

  it "soaks what waits for its cooker, folds in the seasoning that was warmed, keeps raw fish cold apart" do
    dish = read("3 cups sushi rice\n3 cups water\nfor the seasoning: 80 ml rice vinegar, 3 tbsp sugar\n" \
                "\n300 g sashimi-grade tuna",
                "Wash the rice. Put it in the cooker with the water, wait 20 minutes, then cook on the " \
                "normal setting. Leave the rice shut for 10 minutes. Warm the vinegar with the sugar in a " \
                "small pan. Turn the rice into a wide bowl, pour the seasoning over a spatula, cut and " \
                "fold. Slice the tuna. Keep the tuna in the fridge until you eat.")
    expect(done(dish, "wait 20")).to eq(["soak", "cooker", 20.0])
    expect(done(dish, "normal setting")).to eq(["low", "cooker", nil])
    expect(froms(dish, "pour the seasoning")).to eq(%w[cooker small-pan])
    expect(step(dish, "Keep the tuna")).to include("kind" => "chill", "vessel" => "board")
  end

  it "takes rice out of the oven and not onto a plate, and skins sausages before they are browned" do
    dish = read("4 pork sausages\n300 g risotto rice\n900 ml chicken stock\n40 g butter\n1 tsp cumin\n" \
                "oil, pepper",
                "Skin the sausages and pinch into bits, brown in a wide ovenproof pan with the spices, 8 " \
                "mins. Rice in, stir. Stock in, lid on, into the oven at 180 for 18 mins. Out, stir in " \
                "the butter. 5 mins off.")
    expect(dish["steps"].map { |one| one["kind"] }).not_to include("take-out")
    expect(step(dish, "Skin the sausages")).to include("kind" => "cut", "vessel" => "board")
    expect(taken_at(dish, "brown in a wide")).to eq(["cumin"])
    expect(step(dish, "stir in the butter")["vessel"]).to eq("wide-ovenproof-pan")
  end
end
