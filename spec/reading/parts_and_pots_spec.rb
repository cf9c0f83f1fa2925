# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/graphs"
require_relative "../support/told_texts"

# Parts of the list, halves of it, and pots of their own.
RSpec.describe FondKettle::Reading::Reader do
  include Support::Graphs
  include Support::ToldTexts

  broth = "For the broth:\n900 g lamb shoulder, in pieces\n2 litres water\n1 onion\n1 tbsp salt\n\nFor " \
          "the rice:\n600 g basmati\n3 tbsp ghee\n2 onions, sliced\n200 g yoghurt\n"

  it "puts in everything that is listed for a part, and keeps its broth apart from its meat" do
    dish = read(broth, "Put everything for the broth in a large pot and simmer 75 minutes. Strain, keep " \
                       "the meat and the broth apart. In a heavy pot fry the onions in the ghee for 20 " \
                       "minutes. Add the meat and the yoghurt, fry 5 minutes. Pour in 900 ml of the " \
                       "broth, bring to the boil. Add the drained rice, boil until the liquid is level " \
                       "with the rice. Cover, low 15 min.")
    expect(taken_at(dish, "Put everything")).to eq(["lamb shoulder", "water", "onion", "salt"])
    expect(step(dish, "the meat and the yoghurt")["from"].map { |one| one["vessel"] })
      .to eq([step(dish, "Strain")["vessel"]])
    expect(step(dish, "Pour in 900")["from"]).to match([include("vessel" => "large-pot", "g" => 900.0)])
    expect(step(dish, "Add the drained rice")["from"].to_a.map do |one|
      one["vessel"]
    end).not_to include("large-pot")
  end

  it "shares out one onion and the other, half the spices and the rest of them" do
    dish = read("500 g chicken thighs\n1 tsp each of turmeric and cinnamon\n300 g basmati\n2 onions\n900 " \
                "ml water",
                "Put the chicken in a pot with one onion, half the spices and the water. Simmer 40 min. " \
                "Slice the other onion. Add the rice with the rest of the spices, lid on, low 15 min.")
    shares = lambda do |say|
      taken_at(dish, say).zip(step(dish, say)["takes"].map { |take| take["share"] }).to_h
    end
    expect(shares["Put the chicken"]).to include("onions" => 0.5, "turmeric" => 0.5, "cinnamon" => 0.5)
    expect(shares["Slice the other"]).to eq("onions" => 0.5)
    expect(shares["Add the rice"]).to include("turmeric" => 0.5, "cinnamon" => 0.5)
  end

  it "cooks rice in so much of a stock in a pot of its own, and puts no lid on for water to cover" do
    dish = read("1 kg chicken thighs\n300 g basmati",
                "Put the chicken in a pot with 2.5 l water to cover. Simmer 45 min. Lift the chicken out. " \
                "Boil the rice in 700 ml of the stock for 12 minutes, lid on.")
    first = step(dish, "Put the chicken")
    expect(first.values_at("kind", "lid", "minutes")).to eq(["lay-in", nil, nil])
    boiled = step(dish, "Boil the rice")
    expect(boiled["vessel"]).not_to eq(first["vessel"])
    expect(boiled["from"]).to match([include("vessel" => first["vessel"], "g" => 700.0)])
  end

  it "soaks rice in its cooker where it is left before the cooker starts, and lays raw fish in by then" do
    dish = read("1 rice-cooker cup of short grain rice\nwater to the 1 mark\n2 tsp soy sauce\n150 g " \
                "salmon fillet\n1/2 tsp sesame oil",
                "Put the rice in the cooker bowl and add the soy and water up to the mark. Leave 30 min. " \
                "Salt the salmon lightly and lay it on top of the rice. Start the cooker. Lift out the " \
                "salmon and take off the skin. Take out any bones. Fold it through with the sesame oil.")
    left = step(dish, "Leave 30 min")
    expect([left["kind"], left["rice"],
            dish["way"]]).to match(["soak", "with", include("drain" => "cooked-in")])
    expect(step(dish, "lay it on top")["rice"]).to eq("with")
    expect(step(dish, "Take out any bones")).to include("kind" => "cut")
    expect(step(dish, "Take out any bones")["from"].to_a).to eq([])
    said = answer({ "dish" => dish, "assume" => true })[:tasks].map { |task| task[:say] }
    order = ["Soak the rice 30 min in the measured", "salt the salmon", "Put the rice", "Bring to the boil"]
    expect(order.map { |words| said.index { |one| one.include?(words) } }).to eq((1..4).to_a)
  end

  it "keeps back so much of a sauce, pours the rest of it, and brings what was kept when it is spoken of" do
    list = "500 g sticky rice\n400 ml coconut milk\n80 g palm sugar"
    poured = lambda do |kept|
      dish = read(list, "Steam the rice 25 minutes. Meanwhile warm the coconut milk with the sugar in a " \
                        "small pan. #{kept} Tip the hot rice in a bowl, pour over the coconut milk, stir. " \
                        "Leave 20 minutes. Pour the rest of the coconut milk over to serve. Eat the same " \
                        "day.")
      [step(dish, kept.delete("."))["from"], froms(dish, "pour over"), froms(dish, "the rest of"),
       dish["not_read"]]
    end
    { "Keep back 4 tablespoons." => { "g" => 60.0 },
      "Reserve half of it for serving." => { "share" => 0.5 } }.each do |kept, how|
      expect(poured[kept]).to eq([[{ "vessel" => "small-pan", **how }], %w[steamer small-pan], %w[plate bowl],
                                  ["Eat the same day."]])
    end
  end

  it "says no count in a title, and takes no lid, no food and no tasting from words that say none" do
    { "Mum's rice, for 4" => "Mum's rice", "Oven rice (feeds 5)" => "Oven rice", "Pulao, serves 6" => "Pulao",
      "Rice (with peas)" => "Rice (with peas)" }.each do |row, title|
      dish = told("#{row}\n\n300 g rice\n600 ml stock\n60 g butter + a bit more for the top\n\nBoil the " \
                  "rice in the stock 15 min, lid on. Stir in the butter. Salt + pepper to taste.")
      expect(dish["title"]).to eq(title)
      expect(dish["lines"].map { |line| line["food"] }).to eq(%w[rice stock butter Salt pepper])
      expect(taken_at(dish, "Salt + pepper")).to eq(%w[Salt pepper])
      expect(step(dish, "Salt + pepper")["vessel"]).to eq("pot")
    end
  end

  it "scatters what goes on before the rest, and boils eggs in a pot of their own" do
    dish = read("400 g long grain rice\n700 ml stock\n4 eggs\n100 g frozen peas",
                "Put the rice and stock in a pot, bring to the boil. Lid on, lowest flame, 12 minutes, " \
                "don't peek. Meanwhile boil 4 eggs for 9 minutes and peel. Scatter the peas over the " \
                "rice, lid back on, heat off, 10 minutes. Fork it through.")
    expect(dish["vessels"].map { |vessel| vessel["kind"] }).not_to include("frying-pan")
    said = answer({ "dish" => dish, "assume" => true })[:tasks].map { |task| task[:say] }
    order = ["boil 4 eggs", "Turn to low", "Scatter the peas", "rest, lid on", "Fork it"]
    places = order.map { |words| said.index { |one| one.include?(words) } }
    expect(places).to eq(places.compact.sort)
    expect(said.grep(/10 minutes|lid back/i)).to eq([])
  end

  it "counts water to cover whose amount stands behind it, and oils a pot with nobody's food" do
    dish = read("3 aubergines\n1 kg chicken thighs\n300 g basmati\nsunflower oil for frying",
                "Put the chicken in a pot with 2 tsp salt and water to cover (about 2.5 l). Simmer 45 " \
                "min. Lift the chicken out. Fry the aubergines in 4 tbsp oil. Oil a wide heavy pot. Lay " \
                "the aubergines and the chicken in it. Add a teaspoon of turmeric and 3 cloves, then the " \
                "rice.")
    water = dish["lines"].find { |line| line["food"] == "water" }
    expect(water.values_at("text", "g")).to eq(["water to cover (about 2.5 l)", 2500.0])
    expect(taken_at(dish, "water to cover")).to include("water")
    expect(froms(dish, "Oil a wide")).to eq([])
    expect(froms(dish, "Lay the aubergines")).to match_array(%w[frying-pan plate])
    expect(dish["lines"].map { |line| line["text"] }).to include("a teaspoon of turmeric", "3 cloves")
  end
end
