# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Dishes told part by part, each with its list, and layers over raw meat.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "lists what each part begins with, wherever it stands, and does the rest with it" do
    dish = told("Coconut rice, fried fish and sambal for 4\n\nRice: 2 cups jasmine, 1 tin coconut milk " \
                "(400ml), 1 cup water, 3/4 tsp salt. Rinse rice twice, everything in the pot, stir once, " \
                "boil, lid, lowest 15, off 10.\n\nFish: 4 mackerel fillets, 1 tsp turmeric. Rub and leave " \
                "15 min. Fry in 4 tbsp oil, 3 min a side.\n\nSambal: 8 dried chillies, 3 shallots, 1 tbsp " \
                "sugar. Blend the chillies and shallots, fry in 3 tbsp oil for 10 min, add sugar, 2 min " \
                "more.")
    expect(taken_at(dish, "everything in the pot")).to match([/coconut milk/, "water", "salt"])
    expect(froms(dish, "everything in the pot")).to eq(["rice-bowl"])
    expect(done(dish, "Rub")).to eq(["mix", "bowl", nil])
    expect(taken_at(dish, "Rub")).to match([/mackerel/, "turmeric"])
    expect(done(dish, "leave 15")).to eq(["marinate", "bowl", 15.0])
    expect(froms(dish, "Fry in 4 tbsp")).to eq(["bowl"])
    expect(taken_at(dish, "Blend the chillies")).to match([/chillies/, /shallots/])
  end

  it "marinates with its own spices, lays raw meat in its pot, and boils the rice in another" do
    dish = read("Marinade\n1.5 kg chicken legs\n300 g yoghurt\n2 tsp chilli powder\n2 tsp salt\n\nRice\n1 " \
                "kg basmati\n2 tbsp salt\n4 cardamom pods\n\nRest\n4 onions\n200 ml oil\nbig bunch mint",
                "Mix the chicken with the yoghurt, spices and salt and leave it overnight. Fry the onions " \
                "in the oil until brown, 20 min, drain on paper. Crush half the onions into the chicken " \
                "with half the mint. Spread it all over the bottom of your heaviest pot. Soak the rice 30 " \
                "min. Boil 5 litres of water with the salt and whole spices. Add the drained rice and " \
                "cook for 5 minutes. Drain. Layer the rice over the chicken, then the rest of the onions " \
                "and mint. Seal, 10 min on high, 35 on low.")
    expect(taken_at(dish, "Mix the chicken")).to eq(["chicken legs", "yoghurt", "chilli powder", "salt"])
    expect([step(dish, "Crush half")["vessel"], froms(dish, "Spread it all")]).to eq(["bowl", ["bowl"]])
    boiled = step(dish, "Boil 5 litres")
    expect([taken(dish, boiled), boiled["from"].to_a]).to match([include(/cardamom/), []])
    expect(boiled["vessel"]).not_to eq(step(dish, "Spread it all")["vessel"])
    expect(dish["method"]).to eq("sealed-raw-base")
  end

  it "keeps a litre of the water in its pot, fries in another, and pours so much of it" do
    dish = read("i make it for 6.\n\n200 g brown lentils\n300 g long grain rice\n5 onions\n" \
                "150 ml olive oil\n1 tsp salt",
                "Simmer lentils in plenty of water till just tender, about 20 min. Drain but keep a litre " \
                "of the water. Slice all the onions and fry in the oil, 35 min. Scoop out two thirds onto " \
                "kitchen paper. Add the rice, stir. Lentils in, 750ml of the lentil water, the salt. Lid, " \
                "low, 18 min.")
    kept = step(dish, "Simmer lentils")["vessel"]
    expect(dish["serves"]).to eq(6.0)
    expect(step(dish, "fry in the oil")["vessel"]).not_to eq(kept)
    expect(step(dish, "750ml")["from"].find { |one| one["vessel"] == kept }).to include("g" => 750.0)
  end
end
