# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Dishes whose list is told in sentences, behind labels or in brackets.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "lists what somebody needs behind a colon, and fries two of its onions and the other two" do
    dish = whole("two_onions_in_two_ways")
    expect(grams(dish)).to include("whole chicken" => 1300.0, "onions" => 480.0, "cumin seeds" => 2.25,
                                   "yogurt" => 250.0)
    expect(dish["lines"].size).to eq(12)
    shares = ["Slice two", "the other two"].map { |words| step(dish, words)["takes"].first["share"] }
    expect(shares).to eq([0.5, 0.5])
    expect(dish["steps"].map { |one| one["say"] }.grep(/paper/)).to eq([])
    expect(froms(dish, "Half the rice over")).to match_array(%w[boiling-pot plate])
  end

  it "takes each thing of sentences that list, whether its amount stands before it or behind" do
    dish = whole("list_in_sentences")
    expect(dish.values_at("title", "serves")).to eq(["Smoky tomato rice for a crowd", 12.0])
    expect(grams(dish)).to include("big red peppers" => 1350.0, "plum tomatoes" => 400.0, "onions" => 480.0,
                                   "scotch bonnets" => be_positive, "curry powder" => 4.5,
                                   "dried thyme" => 1.5, "butter" => 50.0)
    expect(dish["asked"].map { |one| one["question"] }).to include(/rest of the onions/)
  end

  it "reads for how many a heading says it is, whole heads, and water that stands over the rice" do
    dish = whole("cauldron_for_eight")
    expect(dish["serves"]).to eq(8.0)
    expect(dish["lines"].find { |line| line["food"].include?("garlic") }["g"]).to be_positive
    expect(done(dish, "Pour in boiling water over").first(2)).to eq(%w[boil pot])
    expect(done(dish, "pull the rice into a dome").first(2)).to eq(%w[layer pot])
  end

  it "warms milk in a pan beside the steamer, and stirs what is not kept back into the rice" do
    dish = whole("sweet_rice_kept_back")
    expect(dish.values_at("grain", "rice_g", "method")).to eq(["glutinous", 400.0, "steamed-sticky"])
    expect(done(dish, "Coconut milk 400").first(2)).to eq(%w[low frying-pan])
    expect(step(dish, "Keep back 100 ml")["from"].first).to include("vessel" => "frying-pan")
    expect(froms(dish, "Stir the rest")).to match_array(%w[cloth-lined-basket frying-pan])
    expect(step(dish, "Stir the rest")["rice"]).to eq("after")
  end

  it "cooks no time that a dish takes, and splits nothing within brackets" do
    dish = whole("roasted_with_times")
    expect(dish["not_read"]).to include("Prep: 15 min.", "Cooking: 50 min.")
    expect(dish["steps"].map { |one| one["kind"] }).not_to include("own")
    fried = whole("yesterdays_rice")
    expect(fried["lines"].map { |line| line["food"] }).not_to include(/fridge/)
    expect(grams(fried)).to include("eggs" => 165.0)
  end

  it "takes a label's name for what stands behind it without one, and no heart of a grain for meat" do
    dish = whole("labelled_layers")
    expect(grams(dish)).to include("frozen broad beans" => 400.0, "dill" => be_positive, "Butter" => 60.0,
                                   "oil" => 41.4, "Yoghurt" => 30.9, "saffron" => be_positive)
    expect(dish.values_at("grain", "rice_g")).to eq(["basmati", 500.0])
    expect(done(dish, "washed five times").first).to eq("rinse")
    expect(grams(dish).keys).not_to include(/heart/)
  end

  it "takes a label for the last word of what stands behind it: stock of vegetables, oil of olives" do
    dish = whole("labelled_stock")
    expect(grams(dish)).to include("vegetable stock" => 1400.0, "olive oil" => 82.8, "red pepper" => 150.0,
                                   "grated tomatoes" => 220.0)
    expect(dish["lines"].size).to eq(11)
    expect(froms(dish, "Pepper strips on top")).to eq(["plate"])
  end

  it "covers with water what was listed right before, and browns in its oven what was baked there" do
    soup = whole("soup_for_the_ill")
    expect(taken_at(soup, "bring up slowly")).to include("small chicken", "celeriac", "cold water")
    expect(done(soup, "a shiver")).to eq(["simmer", "big-pot", 90.0])
    lamb = whole("lamb_next_day")
    expect(lamb["title"]).to eq("Baked lamb and rice with almonds")
    expect(froms(lamb, "Next day put it")).to eq(["bowl"])
    expect(taken_at(lamb, "Fry the nuts")).to eq(["almonds", "pine nuts", "ghee"])
    expect(done(lamb, "at 220 to brown").first).to eq("bake")
  end

  it "keeps raw meat that a row says how to fry, and cooks nothing of what stands in its head" do
    bowl = whole("sections_in_a_bowl")
    expect(grams(bowl)).to include("beef mince" => 150.0, "spinach" => 200.0)
    expect(taken_at(bowl, "fried hard")).to include("beef mince")
    pork = whole("pork_and_juice")
    expect(grams(pork)).to include("chicken stock" => 350.0, "pineapple juice" => 156.0,
                                   "pork shoulder" => 400.0)
    expect(pork["steps"].map { |one| one["kind"] }).not_to include("own")
    expect(froms(pork, "pork on top")).to eq(["plate"])
  end

  it "fries in the oil of a tin and lays its fish on later, and weighs eight thighs once" do
    tuna = whole("tuna_in_its_oil")
    expect([taken_at(tuna, "in the oil of the tuna"), taken_at(tuna, "peas + tuna")])
      .to match([["small onion", "carrot"], include("tuna")])
    thighs = whole("thighs_by_weight")
    expect(grams(thighs)).to include("chicken thighs" => 1100.0, "long grain rice" => 350.0, "stock" => 700.0,
                                     "lime juice" => 60.0)
    expect(done(thighs, "Heat oven").first).to eq("preheat")
    expect(thighs["steps"].first["say"]).to start_with("Heat oven")
  end

  it "lists below no label what is there already, and fries what was listed right before" do
    dish = whole("headed_layers")
    foods = dish["lines"].map { |line| line["food"] }
    expect(foods).not_to include(/heat|gravy|covered|marinade/i)
    expect(grams(dish)).to include("saffron" => 0.35, "warm milk" => 103.0, "lamb leg" => 1500.0)
    expect(taken_at(dish, "Fry in 2 lots")).to match([/onions/, "oil"])
    expect(froms(dish, "4 tbsp of the onion oil")).to match_array(%w[plate bowl])
    vessels = ["6 l water", "add drained rice"].map { |words| step(dish, words)["vessel"] }
    expect([*vessels, dish["method"]]).to eq(%w[boiling-pot boiling-pot sealed-cooked-base])
  end

  it "takes no bowl for an amount of rice, a label for what is named by half, and pounds with ounces" do
    bowl = whole("labelled_bowl")
    expect(bowl.values_at("grain", "rice_g")).to eq(["short-white", 300.0])
    expect(grams(bowl)).to include("salmon fillet" => 300.0, "Edamame" => 150.0)
    expect(whole("ten_beside_curry")["serves"]).to eq(10.0)
    greens = whole("greens_in_handfuls")
    expect(taken_at(greens, "remaining oil")).to eq(["dill", "olive oil", "lemon juice"])
  end

  it "takes a label's name in a row with a bullet and a full stop too" do
    dish = told("Rice with dill\n\n- 300 g basmati\n- Dill: 3 big bunches, chopped fine.\n" \
                "- Broad beans: 400 g frozen.\n\nBoil the rice 12 minutes. Stir in the dill and the beans.")
    expect(grams(dish)).to include("dill" => be_positive, "frozen broad beans" => 400.0)
  end
end
