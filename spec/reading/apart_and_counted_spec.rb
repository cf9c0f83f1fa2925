# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Rows that count their steps in small letters, signs in place of commas, and what is warmed, steeped, rinsed
# or boiled apart from the pot.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  def foods(dish)
    dish["lines"].map { |one| one["ingredient"] }
  end

  it "reads counted steps in small letters, and what is mixed in a pan of its own once the rice is done" do
    dish = whole("salmon_bowl")
    expect(dish["lines"].size).to eq(13)
    expect(done(dish, "vinegar sugar salt")).to eq(["mix", "little-pan", nil])
    expect(froms(dish, "rice into the wooden tub")).to eq(["pot"])
    expect(froms(dish, "pour the vinegar over")).to eq(["little-pan"])
    expect(done(dish, "low 12 min")).to eq(["low", "pot", 12.0])
    expect(done(dish, "cucumber & avocado").first).to eq("cut")
  end

  it "leaves rows of amounts alone that happen to count" do
    dish = told("Rice\nfor 4\n\n1 mug basmati\n2 mugs stock\n3 onions, sliced\n\nBoil the rice in the stock.")
    expect(foods(dish)).to eq(%w[basmati stock onion])
  end

  it "boils rice apart that goes in without a time, soaks it as it was soaked before, and warms milk" do
    dish = whole("lamb_crust")
    expect(dish["serves"]).to eq(6.0)
    expect(dish["way"]).to include("soak" => 30)
    expect(done(dish, "Put in 750 g")).to eq(["par-boil", "boiling-pot", nil])
    expect(done(dish, "Five minutes")).to eq(["par-boil", "boiling-pot", 5.0])
    expect(froms(dish, "In a bowl mix it")).to eq(["board"])
    expect(step(dish, "Half of them")["from"])
      .to contain_exactly(a_hash_including("vessel" => "plate", "share" => 0.5),
                          a_hash_including("vessel" => "pot", "share" => 0.5))
    expect(step(dish, "Half of them")["vessel"]).to eq("bowl")
    expect(done(dish, "Warm half a cup")).to eq(["mix", "bowl", nil])
    expect(done(dish, "Close the pot").first).to eq("seal")
  end

  it "soaks rice as long as its step says that it was soaked, and not as long as mushrooms were" do
    soaked = ["the rice that you have soaked for half an hour", "the mushrooms that were soaked for 2 hours"]
    found = soaked.map do |what|
      told("Rice for 4\n\n300 g basmati\n50 g dried mushrooms\n500 ml water\n\n" \
           "Boil the water. Put in #{what}. Cook the rice for 12 minutes, lid on.")["way"]["soak"]
    end
    expect(found).to eq([30, 0])
  end

  it "puts the rice of a filling into the filling, and no cooking water into what is rinsed" do
    dish = whole("vine_leaves")
    expect(step(dish, "Mix all the filling")["takes"].first["line"]).to eq("l1")
    expect(taken(dish, step(dish, "Rinse the leaves"))).to eq(["vine leaves"])
    expect(taken(dish, step(dish, "Pour over the water"))).to eq(["hot water", "olive oil", "lemon juice"])
    expect(dish["not_read"]).to be_empty
    expect(dish["lines"].last.values_at("food", "g")).to eq(["lemon juice", 45.0])
  end

  it "drains into a colander, steeps apart, and comes back to the rice's pot from the pan beside it" do
    dish = whole("potato_crust")
    expect(dish["method"]).to eq("turned-out")
    expect(done(dish, "add the drained rice")).to eq(["par-boil", "large-pot", 7.0])
    expect(done(dish, "Pour into a colander").first).to eq("drain")
    expect(done(dish, "let it bloom").first(2)).to eq(%w[soak bowl])
    expect(done(dish, "pour over").first(2)).to eq(%w[lay-in washed-pot])
    expect(froms(dish, "pour over")).to eq(["frying-pan"])
    expect(done(dish, "very low heat")).to eq(["low", "washed-pot", 50.0])
    expect(done(dish, "Set the bottom").first).to eq("cool")
  end

  it "browns what is listed before a dash in the pot that stands behind it" do
    dish = whole("one_pot_oven")
    expect(done(dish, "6 chicken drumsticks")).to eq(["fry", "casserole", 9.0])
    expect(froms(dish, "Chicken back")).to eq(["plate"])
    expect(done(dish, "peas over")).to eq(["bake", "casserole", 5.0])
  end

  it "reads arrows and slashes as commas, and an amount behind its food in a sentence" do
    dish = told(<<~TEXT)
      Red rice
      6 people
      Base: 4 red peppers / 2 tomatoes -> blend smooth.
      Fry it in 50 ml oil in a wide pan, 10 min.
      Chicken stock 1.2 l -> in, bring to the boil.
      Basmati rice 600 g -> in. Low 20 min.
    TEXT
    expect(foods(dish)).to eq(%w[sweet-pepper tomato oil stock basmati])
    expect(dish["rice_g"]).to eq(600.0)
  end

  it "reads a list in one row between slashes, and rows with a bullet that do something" do
    dish = told(<<~TEXT)
      Tin rice (4)
      basmati 300g / veg stock 600ml boiling / spinach 250g, washed / feta 200g
      - oven 200
      - rice and stock into the tin, foil tight, 25 min
      - off with the foil, spinach in, feta on top, back 5 min
    TEXT
    expect(dish["lines"].map { |one| one["g"] }).to eq([300.0, 600.0, 250.0, 200.0])
    expect(dish["steps"].map { |one| one.values_at("kind", "minutes") })
      .to eq([["preheat", nil], ["fill", nil], ["bake", 25.0], ["bake", 5.0]])
  end

  it "takes the title off a text in one row" do
    dish = told("Nan's baked pudding. Butter a dish. Put in 100g pudding rice, 50g sugar and 1 litre milk. " \
                "Bake at 150C for 2 hours. Serves 4.")
    expect(dish.values_at("title", "serves", "rice_g", "method"))
      .to eq(["Nan's baked pudding", 4.0, 100.0, "oven-pilaf"])
  end

  it "loses no row whose amount stands behind it in words, and no sauce that looks like a heading" do
    dish = told(<<~TEXT)
      Bean rice
      feeds 4

      Dried kidney beans, a mug and a half (soak them the night before)
      Rice 2 mugs
      Fish sauce
      Spring onion, coriander, fried garlic

      Drain the beans and put them in the pot. Boil 60 minutes.
      Wash the rice in three waters, rice in, the broth wants to be an inch over. Lid, low 20 minutes.
    TEXT
    expect(foods(dish)).to eq(%w[kidney-bean long-white fish-sauce spring-onion coriander-leaf garlic])
  end

  it "reads no place on a scale as minutes, and the middle of two numbers behind “another”" do
    dish = told(<<~TEXT)
      Rice for 2

      2 cups rice
      stock

      In the cooker, rice, then top up with stock to the line for 2.
      Low for 10 minutes, then low for another 8 to 10.
    TEXT
    expect(step(dish, "line for 2")["minutes"]).to be_nil
    expect(step(dish, "another 8")["minutes"]).to eq(9.0)
  end

  it "goes on in the pot that is wiped out, and soaks rice in salted water for the least time told" do
    dish = whole("beef_layers")
    expect(done(dish, "Soak in cold water")).to eq(["soak", "rice-bowl", 30.0])
    expect(step(dish, "Soak in cold water")["takes"].first["share"]).to be_within(0.01).of(0.333)
    expect(done(dish, "add it to the pot")).to eq(["par-boil", "large-nonstick-pot", nil])
    expect(done(dish, "stirring gently")).to eq(["par-boil", "large-nonstick-pot", 7.0])
    expect(done(dish, "Add the remaining oil")[1]).to eq("large-nonstick-pot")
    expect(dish["vessels"].first["key"]).to eq("large-nonstick-pot")
  end

  it "reads a second list in a row, short rice, and rice that is tipped out onto a dish" do
    dish = whole("milk_rice")
    expect(dish["grain"]).to eq("short-white")
    expect(dish["lines"].find { |one| one["food"].include?("grated coconut") }["g"]).to eq(200.0)
    expect(done(dish, "Tip it out").first(2)).to eq(%w[turn-out flat-dish])
    expect(froms(dish, "Tip it out")).to eq(["pot"])
  end

  it "boils what was rubbed, and pours a broth out of the pot it was made in" do
    dish = told(<<~TEXT)
      Chicken rice for 4

      1 chicken, 1.2 kg
      300 g rice
      salt

      Rub the chicken w salt, rinse. Big pot, water to cover, boil, then low 35 mins. Lift it out onto a board.
      In a wide pan fry the rice, then add 480 ml of the chicken broth, lid, low 14 minutes.
    TEXT
    expect(froms(dish, "water to cover")).to eq(["bowl"])
    expect(done(dish, "low 35")[1]).to eq("big-pot")
    expect(step(dish, "480 ml")["from"]).to include(a_hash_including("vessel" => "big-pot", "g" => 480.0))
  end
end
