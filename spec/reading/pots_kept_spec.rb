# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# The pot, bowl or cooker that a text goes on with, where it does not name it again.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "cooks in the cooker that is switched on, stones plums on a board and shapes what is turned out" do
    dish = whole("tuna_balls")
    expect(dish.values_at("grain", "method")).to eq(%w[short-white rice-cooker])
    expect(done(dish, "Cooker on").first(2)).to eq(%w[low cooker])
    expect(done(dish, "Stone the plums").first).to eq("cut")
    expect(froms(dish, "Turn the rice out")).to eq(["cooker"])
    expect(done(dish, "For each ball").first(2)).to eq(%w[shape wide-bowl])
  end

  it "browns what was dusted with flour, and puts the pot on the fire into the oven" do
    dish = whole("hunters_pot")
    expect(done(dish, "Dust the meat").first(2)).to eq(%w[mix bowl])
    expect(froms(dish, "brown it")).to eq(["bowl"])
    expect(froms(dish, "Back with the meat")).to eq(["plate"])
    expect(done(dish, "lid on, in the oven at 150")).to eq(["bake", "enamel-pot", 120.0])
    expect(done(dish, "Take out bay and peel").first).to eq("take-out")
    expect(done(dish, "Stir in the rice")).to eq(["bake", "enamel-pot", 25.0])
    expect(dish["vessels"].first["key"]).to eq("enamel-pot")
  end

  it "washes and soaks rice that is named once, and fries what was salted and rinsed" do
    dish = whole("cold_lamb")
    expect(dish["steps"].first(2).map { |one| one.values_at("kind", "vessel") })
      .to eq([%w[rinse rice-bowl], %w[soak rice-bowl]])
    expect(done(dish, "rinse and pat dry")[1]).to eq("board")
    expect(froms(dish, "Fry in 3 spoons")).to eq(["board"])
    expect(froms(dish, "Aubergine on top")).to eq(["plate"])
    expect(dish["lines"].first.values_at("ingredient", "g")).to eq(["lamb", 400.0])
  end

  it "moves rice that is tipped into a bowl, with all that comes after it" do
    dish = read("400g glutinous rice - soak overnight, drain\n1 tbsp lard",
                "Steam the rice in a cloth over boiling water 25 mins. Tip into a bowl, mix in lard.")
    expect(done(dish, "Tip into a bowl").first(2)).to eq(%w[layer bowl])
    expect(froms(dish, "Tip into a bowl")).to eq(["steamer"])
    expect(done(dish, "mix in lard")[1]).to eq("bowl")
  end

  it "goes on with what was wiped dry, in the pot that it is started in" do
    dish = read("2 duck legs\n1 leek\n300 g rice\n600 ml stock",
                "Salt the duck legs, put them in a dish and leave in the fridge overnight. " \
                "Next day wipe them dry. Start them skin down in a cold casserole and let the fat run, " \
                "20 minutes. Lift out. Sweat the leek in this for 10 minutes. Rice in, stock, bring up. " \
                "Legs on top. Lid on, low 40 minutes.")
    expect(froms(dish, "Start them")).to eq(["dish"])
    expect(done(dish, "let the fat run")).to eq(["fry", "cold-casserole", 20.0])
    expect(froms(dish, "Lift out")).to eq(["cold-casserole"])
    expect(done(dish, "low 40")[1]).to eq("cold-casserole")
  end

  it "softens, wilts and grates over as cooks say it" do
    dish = read("1 cabbage\n3 onions\n2 spoons of lard\n300 g rice\n600 ml water",
                "Chop the onions and let them go soft in the lard in a big pot. Then the cabbage, cut in " \
                "squares, a handful at a time until it has wilted, a quarter of an hour. Water, rice, lid, " \
                "low 20 minutes. Grate over some parmesan.")
    expect(done(dish, "go soft").first(2)).to eq(%w[fry big-pot])
    expect(done(dish, "the cabbage")).to eq(["fry", "big-pot", 15.0])
    expect(done(dish, "Grate over").first(2)).to eq(%w[sprinkle big-pot])
  end

  it "reads a label before an arrow, a kind of rice behind its weight, and “x2”" do
    dish = told("Tofu bowl x2\n\nrice 150g (short) + 180ml water\nsauce -> soy 2 tbsp, mirin 2 tbsp\n\n" \
                "boil the rice in the water, lid, low 11m. wipe pan, sauce in, bubble 2m")
    expect(dish.values_at("serves", "grain", "rice_g")).to eq([2.0, "short-white", 150.0])
    expect(dish["lines"].map { |one| one["ingredient"] }).to eq(%w[short-white water soy-sauce mirin])
    expect(dish["vessels"].map { |one| one["key"] }).not_to include("wipe-pan")
  end
end
