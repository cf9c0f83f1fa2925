# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/answered_dish"
require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Lists that end with a full stop above counted steps, and paragraphs that begin with their food.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "lists what stands above counted steps, drains what was par-boiled, seals with dough" do
    dish = whole("dough_lid_okra")
    expect(dish.values_at("grain", "rice_g", "method")).to eq(["long-white", 600.0, "sealed-cooked-base"])
    okra = dish["lines"].find { |one| one["food"] == "Okra" }
    expect(okra["g"]).to eq(300.0)
    expect(taken_at(dish, "Lay the okra")).to eq(["Okra"])
    expect(taken_at(dish, "add the whole chillies")).to match(["scotch bonnets", /water/])
    expect(done(dish, "Drain it").first(2)).to eq(%w[drain boiling-pot])
    expect(done(dish, "Press a rope").first).to eq("seal")
    expect(dish["lines"].map { |one| one["food"] }).not_to include(/rope/)
  end

  it "takes the food that a paragraph begins with for a line, and does the rest with it" do
    dish = whole("scattered_for_seven")
    expect(dish.values_at("serves", "grain", "method")).to eq([7.0, "short-white", "sushi"])
    foods = dish["lines"].to_h { |one| [one["food"], one["g"]] }
    expect(foods).to include("lotus root" => 150.0, "snow peas" => 60.0, "sashimi tuna" => 300.0,
                             "salmon roe" => 50.0)
    expect(done(dish, "cook in the rice cooker").first(2)).to eq(%w[fill rice-cooker])
    expect([done(dish, "Sushi vinegar")[1], froms(dish, "Sushi vinegar")]).to eq(["frying-pan", []])
    expect(froms(dish, "Cut the vinegar")).to match_array(%w[rice-cooker frying-pan])
    expect(done(dish, "soaked overnight")).to eq(["soak", "soaking-bowl", 480.0])
    expect(done(dish, "Fold the shiitake").first(2)).to eq(%w[fold wooden-tub])
    expect([done(dish, "scatter the egg")[1], froms(dish, "Spread on")]).to eq(["big-plate", ["wooden-tub"]])
    expect(done(dish, "blanched 1 minute")).to eq(["simmer", "small-pot", 1.0])
  end

  it "reads amounts amid a row, steams in a lined steamer, and warms till something is seen" do
    dish = whole("mango_capitals")
    expect(dish.values_at("title", "serves", "grain", "method"))
      .to eq(["STICKY RICE WITH MANGO", 4.0, "glutinous", "steamed-sticky"])
    milk = dish["lines"].find { |one| one["food"] == "Coconut milk" }
    expect(milk["g"]).to eq(388.0)
    expect([done(dish, "Steamer lined"), froms(dish, "Steamer lined")])
      .to eq([["steam", "steamer", 25.0], ["rice-bowl"]])
    expect([done(dish, "Heat 300 ml").first(2), step(dish, "Heat 300 ml")["until"]])
      .to eq([%w[simmer frying-pan], "sugar melts"])
    expect([done(dish, "cover, 20").first, step(dish, "Tip hot rice")["rice"]]).to eq(%w[rest after])
  end

  it "puts everything else on top, takes the seasoning for all that seasons, and scatters rice in" do
    dish = whole("cooker_roots")
    expect(taken_at(dish, "everything else")).to match([/carrot/, /burdock/, /tofu/, /shiitake/])
    expect(taken_at(dish, "seasoning + shiitake")).to eq(%w[water sake mirin salt])
    pan = whole("terrace_pan")
    expect(done(pan, "scatter the rice").first).to eq("fill")
    expect(done(pan, "Strong fire")).to eq(["reduce", "pot", 8.0])
  end

  it "does what long sentences of things say was done, and fetches what was kept for the top" do
    dish = whole("date_layers")
    foods = dish["lines"].map { |one| one["food"] }
    expect(foods).to include("brown lentils", "turmeric", "raisins", "stoned dates")
    expect(foods.map(&:size).max).to be < 30
    expect([done(dish, "brown lentils"), taken_at(dish, "brown lentils")])
      .to eq([["simmer", "pot", 20.0], ["brown lentils"]])
    expect(done(dish, "soaked in salted")).to eq(["soak", "rice-bowl", 120.0])
    expect(taken_at(dish, "To the rest add")).to eq(["turmeric", "raisins", "stoned dates"])
    expect(froms(dish, "fried onions go over")).to eq(["second-plate"])
  end

  it "lays in halves that a paragraph names, roasts what was tossed, and names no garam masala by a label" do
    dish = whole("cauliflower_layers")
    expect(taken_at(dish, "tossed with 2 tbsp")).to eq(["large cauliflower", "oil", "turmeric", "cumin"])
    expect(done(dish, "Roast at 220C")).to eq(["bake", "oven-dish", 20.0])
    expect(froms(dish, "Roast at")).to eq(["bowl"])
    expect(taken_at(dish, "fry 3 sliced onions")).to eq(["sliced onions", "ghee"])
    expect([done(dish, "half the masala").first(2), froms(dish, "half the masala")])
      .to match([%w[layer heavy-casserole], match_array(%w[frying-pan boiling-pot])])
    expect(done(dish, "Cook the rice 5")).to eq(["par-boil", "boiling-pot", 5.0])
    expect(dish["way"]["drain"]).to be_nil
  end

  it "puts in what is set on and skimmed, for the time behind that, and boils parcels as its rice" do
    dish = whole("chicken_congee")
    expect(done(dish, "bring to a simmer, skim")).to eq(["simmer", "big-pot", 25.0])
    expect(taken_at(dish, "bring to a simmer, skim")).to match([/leg/, "water", "ginger", /onions/])
    parcels = whole("string_parcels")
    expect([done(parcels, "boil in a big pot"), step(parcels, "boil in a big pot")["rice"]])
      .to eq([["boil", "big-pot", 120.0], "in"])
    expect(done(parcels, "simmer the leaves").first).to eq("simmer")
    expect(done(whole("egg_hollows"), "crumble feta").first(2)).to eq(%w[sprinkle wide-lidded-pan])
  end

  it "boils rice in its own water, not in the pan with the chicken, and lays it in before some is dyed" do
    dish = whole("barberry_two_pots")
    expect(done(dish, "boil for 6-8")).to eq(["par-boil", "boiling-pot", 7.0])
    expect(done(dish, "pile the rice back")).to eq(["low", "boiling-pot", 8.0])
    expect(froms(dish, "serve the chicken")).to include("large-pan")
  end

  it "lists one bunch each of three herbs, and counts no parcels as eaters" do
    dish = whole("allotment_parcels")
    expect(dish["lines"].map { |one| one["food"] }).to include("dill", "mint", "parsley")
    expect(dish["asked"].map { |one| one["of"] }).to include("serves")
  end

  it "asks where the rest of something goes in, and puts it there" do
    dish = told("Soy rice for 2\n\n150 g jasmine rice\n230 ml water\n200 g chicken thigh\n2 tbsp soy\n\n" \
                "Marinate the chicken in 1 tbsp of the soy for 10 minutes. Put the rice, the water and the " \
                "chicken in a pot, bring to the boil, cover and cook on low for 15 minutes.")
    asked = dish["asked"].find { |one| one["question"] == "Where does the rest of the soy go in?" }
    put = FondKettle::Reading::AnsweredDish.new(dish).with(asked["of"], "takes", "s2")
    expect(step(put, "Put the rice")["takes"]).to include("line" => asked["of"], "share" => 0.5)
  end

  it "puts in the rest of both, and the last spoon" do
    dish = told("Rest rice for 2\n\n150 g rice\n300 ml water\n2 tsp salt\n4 tbsp oil\n1 onion\n1 carrot\n\n" \
                "Fry the onion in 1 tbsp of the oil for 8 minutes with 1 tsp of the salt. Take it out. Fry " \
                "the rice for 2 minutes in 2 tbsp of the oil. Add the water and the rest of the salt. Cook " \
                "on low for 15 minutes. Fry the carrot in the last spoon of oil for 5 minutes.")
    shares = ->(words) { step(dish, words)["takes"].map { |one| one["share"] } }
    expect(shares.call("Add the water")).to include(0.5)
    expect(shares.call("last spoon")).to include(0.25)
  end

  it "takes no number of parcels for eaters, and counts who was there" do
    said = { "Vine parcels\nMakes about 50." => nil, "Pan rice\n\nWe were eleven." => 11.0,
             "Pot rice, just us 3" => 3.0 }
    said.each do |head, count|
      expect(told("#{head}\n\n300 g rice\n500 ml water\n\nBoil the rice.")["serves"]).to eq(count)
    end
  end
end
