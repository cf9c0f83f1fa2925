# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Dishes in which something is measured, poured or listed in a cook's own way.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "salts the water with the salt that is measured for it, and keeps butter and fish apart" do
    dish = whole("green_rice_and_fish")
    expect(taken_at(dish, "salted water")).to eq([])
    expect(taken_at(dish, "Boil 3 litres")).to eq(%w[water salt])
    expect(taken_at(dish, "Melt the other 30 g")).to eq(%w[butter])
    expect(taken_at(dish, "dredge it")).to include("white fish fillets", "flour", "turmeric")
    expect(done(dish, "steep in 3 tbsp")[1]).to eq("bowl")
  end

  it "bakes in its tin what was tossed there, once the oven is hot" do
    dish = whole("one_tin_of_sausages")
    expect(done(dish, "turning once")).to eq(["bake", "deep-roasting-tin", 25.0])
  end

  it "lists each food behind a label, and none as the shape of another" do
    foods = grams(whole("congee_with_toppings")).keys
    expect(foods).to include("spring onions", "soy", "chilli oil", "fried shallots", "century egg")
    soy = whole("congee_with_toppings")["lines"].find { |line| line["food"] == "soy" }
    expect(soy["allergens"]).to include("soya")
  end

  it "adds another 400 ml of stock, and sends the casserole into the oven" do
    dish = whole("beef_in_numbered_steps")
    expect(grams(dish)).to include("beef stock" => 700.0, "hot stock" => 400.0)
    expect(froms(dish, "Toss in 2 tbsp")).to eq(%w[board])
    expect(froms(dish, "Return the beef")).to eq(%w[plate])
    expect(done(dish, "into the oven at 150C")).to eq(["bake", "casserole", 90.0])
  end

  it "takes sentences for a list that measure by halves, handfuls and walnuts" do
    dish = whole("sweet_rice_in_sentences")
    expect(grams(dish)).to include("Milk" => 1030.0, "Sugar" => be_within(2).of(100), "Butter" => 20.0,
                                   "Raisins" => 15.0)
    expect(taken_at(dish, "fry the raisins")).to match_array(%w[Butter Raisins])
    expect(dish["not_read"]).to eq([])
  end

  it "reads a title with for how many and how long, and no line that is only drawn" do
    dish = whole("fried_rice_in_notes")
    expect(dish.values_at("title", "serves")).to eq(["Kimchi fried rice w/ egg", 2.0])
    ruled = told("Rice\n\n300 g basmati\n--\n450 ml water\n***\n\nBoil the rice in the water, 12 minutes.")
    expect(ruled["lines"].map { |line| line["food"] }).to eq(["basmati rice", "water"])
  end

  it "lists a dip behind its label, and takes no rice for it" do
    dish = whole("poached_chicken_and_dip")
    expect(grams(dish)).to include("red chillies" => 60.0, "lime juice" => 30.0)
    expect(dish["lines"].map { |line| line["text"] }).not_to include(/of the broth/)
    expect([taken_at(dish, "Blitz everything").size, froms(dish, "Blitz everything")]).to eq([5, []])
    expect(done(dish, "iced water")).to eq(["cool", "bowl", 10.0])
  end

  it "bakes in its pot what is seasoned on the way, and takes a size for no heat" do
    expect(done(whole("pot_in_the_oven"), "stock all at once")).to eq(["bake", "ovenproof-pot", 17.0])
    squid = whole("stuffed_squid")
    expect(step(squid, "Clean 8 medium squid")["heat"]).to be_nil
    expect(step(squid, "Soften 1 large")["minutes"]).to eq(10.0)
  end

  it "lists what a label makes, and marinates it when it is told to" do
    dish = whole("labelled_biryani")
    expect(grams(dish)).to include("prawns" => 600.0, "saffron" => be_positive, "warm milk" => 46.35)
    expect(dish["lines"].count { |line| line["food"] == "salt" }).to eq(2)
    marinated = dish["steps"].select { |one| one["kind"] == "marinate" }
    expect(marinated.map { |one| [one["minutes"], one["takes"].size] }).to eq([[30.0, 6]])
    expect(taken_at(dish, "saffron milk")).to include("saffron", "warm milk", "ghee")
  end

  it "takes the sort of a food that stands behind its amount, and a lid slightly open for a lid" do
    rolls = whole("cabbage_rolls_in_kraut")
    expect(grams(rolls)["sweet paprika"]).to be_within(0.1).of(6.9)
    expect(step(rolls, "slightly open")).to include("kind" => "low", "minutes" => 120.0, "lid" => "loose")
  end

  it "reads steps that are numbered with a stroke, and a thing that is told in its sentence once" do
    slashed = whole("slashed_numbers")
    expect(step(slashed, "mix 2 cups of that rice")["kind"]).to eq("mix")
    expect(slashed["lines"].map { |line| line["text"] }).not_to include(/that rice/)
    porridge = whole("porridge_for_two")
    expect(porridge["lines"].map { |line| line["text"] }.grep(/teacup/).size).to eq(1)
    expect(done(porridge, "Season with")[1]).to eq("pot")
  end
end
