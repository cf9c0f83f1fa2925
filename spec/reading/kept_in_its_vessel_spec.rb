# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Dishes in which something stays, or goes on, in the vessel in which it was.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  def line(dish, food)
    dish["lines"].find { |one| one["food"] == food }["id"]
  end

  def taken(dish, words)
    step(dish, words)["takes"].map { |one| one["line"] }
  end

  it "strains the juice off the mussels, and lays all of them on the rice" do
    dish = whole("mussels_and_their_juice")
    expect(step(dish, "Strain the juice")["from"]).to eq([{ "vessel" => "lidded-pan", "what" => "liquid" }])
    expect(froms(dish, "Pour in the stock")).to eq(%w[bowl])
    expect(froms(dish, "all the mussels")).to match_array(%w[plate lidded-pan])
    expect(step(dish, "till jammy")).to include("until" => "jammy", "minutes" => 5.0)
  end

  it "takes the mug for what the text says, and tips the rice in with the beans" do
    dish = whole("mug_that_is_measured")
    expect(dish["lines"].find { |one| one["food"] == "basmati rice" }["g"]).to eq(195.0)
    expect(dish["lines"].find { |one| one["food"] == "water" }["g"]).to eq(437.5)
    expect(taken(dish, "drain the rice and the beans")).to include(line(dish, "kidney beans"))
    expect(done(dish, "wait till they pop")).to eq(["fry", "heavy-pot", nil])
    tipped = step(dish, "tip both in")
    expect([tipped["kind"], tipped["rice"], froms(dish, "tip both in")]).to eq(["fill", "in", %w[rice-bowl]])
    expect(step(dish, "off, 10 mins")).to include("kind" => "rest", "rice" => "rest")
  end

  it "goes by the house's own mug, where the text does not say" do
    mug = FondKettle::Measure::Cup.new(id: 1, name: "mug", ml: 280.0)
    text = "Rice\n\na mug of basmati\n1 1/2 mugs of water\n\nBoil the rice in the water, lid on, 15 minutes."
    own = described_class.new(text, cups: [mug]).dish
    expect(own["lines"].map { |one| one["g"] }).to eq([218.4, 420.0])
    expect(own["asked"].map { |one| one["question"] }.grep(/mug/)).to eq([])
    expect(told(text)["asked"].map { |one| one["question"] }.grep(/mug/).size).to eq(2)
  end

  it "takes a cup for what a row says that it holds, and that row for no food" do
    dish = told("Rice\n\n2 cups basmati\n3 cups water\n1 cup = 200 ml\n\nBoil the rice in the water, 12 min.")
    expect(dish["lines"].map { |one| one.values_at("food", "g") })
      .to eq([["basmati rice", 312.0], ["water", 600.0]])
  end

  it "soaks mushrooms in so much water, and puts them and a part of it into the wok" do
    dish = whole("parcels_and_soaking_water")
    expect(taken(dish, "6 dried shiitake")).to eq([line(dish, "dried shiitake"), line(dish, "hot water")])
    expect(step(dish, "100 ml of the soaking water")["from"])
      .to eq([{ "vessel" => "soaking-bowl", "what" => "liquid", "g" => 100.0 },
              { "vessel" => "soaking-bowl", "what" => "solids" }])
  end

  it "covers the lamb in its bowl, uncovers it in its tin, and boils rice in no roasting tin" do
    dish = whole("lamb_in_its_tin")
    expect(done(dish, "cover").slice(1)).to eq("bowl")
    expect(done(dish, "refrigerate overnight")).to eq(["marinate", "bowl", 480.0])
    expect(done(dish, "another 20 mins until brown")).to eq(["bake", "roasting-tin", 20.0])
    plain = told("Lamb\n\n1 kg lamb\n400 g basmati\n\nPut the lamb in a roasting tin and roast for 2 h. " \
                 "Boil the rice in 1 litre of water, 12 minutes.")
    expect(done(plain, "Boil the rice")[1]).not_to eq("roasting-tin")
  end

  it "does what a paragraph tells behind its list, and lists none of it" do
    dish = whole("gruel_in_one_paragraph")
    expect(dish["lines"].map { |one| one["food"] })
      .to eq(["rice", "yellow moong dal", "water", "turmeric", "salt", "ghee", "cumin", "asafoetida"])
    expect(step(dish, "Pressure cooker")["minutes"]).to eq(40.0)
  end

  it "boils beans in the eggs' water, shakes a dressing cold, and fetches no salt back" do
    dish = whole("salad_with_egg_water")
    expect(dish["method"]).to eq("boil-and-drain")
    expect(done(dish, "in the egg water")).to eq(["simmer", "small-pot", 4.0])
    expect(done(dish, "Shake the dressing")).to eq(["mix", "bowl", nil])
    expect(froms(dish, "Shake the dressing")).to eq([])
    expect(dish["lines"].map { |one| one["food"] }).to include("salt", "pepper")
  end

  it "puts what goes in into the pot of the step before" do
    dish = whole("peas_that_go_in")
    expect(done(dish, "In go the spring onions")[1]).to eq("big-pot")
  end

  it "reads cooker cups behind their rice, and grills nothing in the cooker" do
    dish = whole("triangles_with_grilled_salmon")
    expect(dish.values_at("grain", "rice_g")).to eq(["short-white", 300.6])
    expect(done(dish, "grill it")).to eq(["bake", "oven-dish", 8.0])
    expect(froms(dish, "put in salmon")).to eq(%w[oven-dish])
    expect(dish["lines"].map { |one| one["food"] }).to include("water")
  end
end
