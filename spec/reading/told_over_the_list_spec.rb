# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# What stands in a list or between brackets counts where it is meant, and each food stays in its own vessel.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "takes the weight behind brackets, and tells pieces of one thing apart by what is done to them" do
    dish = whole("duck_in_the_oven")
    expect(grams(dish)).to include("halved onions" => 120.0, "chopped onions" => 120.0)
    expect(dish["lines"].find { |line| line["ingredient"] == "sausage" }["g"]).to eq(150.0)
    expect(taken_at(dish, "Put the duck")).to include("halved onions", "orange peel")
    expect(taken_at(dish, "Soften the chopped")).to include("chopped onions")
    behind = read("- Onions 4 large - 3 sliced, 1 whole\n- 300 g rice", "Fry the sliced onions.")
    expect([grams(behind).values.first(2), taken_at(behind, "Fry the")])
      .to eq([[540.0, 180.0], ["large sliced onions"]])
    uneven = read("4 onions, one halved, one chopped\n300 g rice", "Fry the onions.")
    expect(grams(uneven).values.first).to eq(480.0)
  end

  it "covers the duck in its pot, and pours as much of its broth as the rice is cooked in" do
    dish = whole("duck_in_the_oven")
    expect(done(dish, "Cover with 2.5")[1]).to eq("big-pot")
    expect(dish["not_read"]).to include(/You need 1 litre of broth/)
    expect([taken_at(dish, "Tip in the rice"), froms(dish, "Pour on the litre")])
      .to eq([["long grain rice"], %w[bowl]])
    expect(done(dish, "Slice the other half")[0]).to eq("sprinkle")
  end

  it "hears a quarter of a spoon" do
    dish = whole("beetroot_whistle")
    expect(grams(dish)["turmeric"]).to eq(0.8)
    expect(done(dish, "beetroot in")).to eq(["fry", "pressure-pan", 4.5])
    expect(taken_at(dish, "beetroot in")).to include("turmeric", "big beetroot")
  end

  it "blends all that is listed above, and leaves what was boiled down in its pot" do
    dish = whole("party_base")
    expect(taken_at(dish, "Blend everything")).to include(/peppers/, /tomatoes/, "onions", "water")
    below = told(["Rice", "", "For the base:", "- 6 peppers", "- 2 onions",
                  "Blend them, boil it down in a wide pot, 40 minutes.", "For the rice:", "- 100 ml oil",
                  "- 400 g rice", "Heat the oil and fry the rice. Stir in the base."].join("\n"))
    expect([done(below, "Heat the oil")[1], froms(below, "Stir in the base")]).to eq(%w[pot] + [%w[wide-pot]])
  end

  it "soaks rice where an aside says so, and pours the lentils' water with the lentils, not the onions" do
    dish = whole("lentils_and_dark_onions")
    expect(done(dish, "I soak it")).to eq(["soak", "rice-bowl", 30.0])
    expect(froms(dish, "Lentils in")).to contain_exactly("second-plate", "another-pot")
    expect(step(dish, "Lentils in")["from"].filter_map { |one| one["what"] }).to eq([])
    expect([froms(dish, "Dark onions"), done(dish, "yoghurt and a")[0]]).to eq([%w[plate], "serve"])
    expect(dish["lines"].map { |line| line["food"] }).to include("cucumber", "mint")
  end

  it "sets rice in its cooker whatever its timer says, and lets it rest by its name" do
    dish = whole("morning_triangles")
    expect(step(dish, "set it in").values_at("kind", "vessel", "rice", "minutes"))
      .to eq(["fill", "cooker", "in", nil])
    expect(done(dish, "leave it 10")).to eq(["rest", "cooker", 10.0])
    expect(dish["method"]).to eq("shaped")
  end

  it "pours the milk of the fish, not the fish" do
    dish = whole("kedgeree_supper")
    expect(step(dish, "fishy milk")["from"]).to eq([{ "vessel" => "pot", "share" => 0.2 }])
    expect([froms(dish, "flake"), froms(dish, "Fork in the fish")]).to eq([[], %w[plate board]])
  end

  it "has no step for how long a dish takes, and puts the spoon in after the pinch" do
    dish = whole("khichuri")
    expect(dish["not_read"]).to include("Prep: 15 mins, cook: 40 mins")
    expect(done(dish, "over medium heat")[0]).to eq("toast")
    expect(taken_at(dish, "over medium heat")).to eq(["Moong dal"])
    expect(step(dish, "add the ginger paste")["takes"]).to include(hash_including("share" => 0.94))
    expect([froms(dish, "add the ginger paste"), taken_at(dish, "Serve hot")])
      .to eq([[], ["fried egg", "papad"]])
  end

  it "keeps a broth hot where it was strained, and cooks seafood for what is left to go" do
    dish = whole("soupy_seafood")
    expect(dish["serves"]).to eq(4.0)
    expect(froms(dish, "Pour in all the hot stock")).to eq(%w[bowl])
    expect(step(dish, "With 4 min to go")["at_min"]).to eq(2.0)
  end

  it "strews what is left of the dill" do
    expect(step(whole("cabbage_rolls"), "Dill over")["takes"].map { |take| take["share"] }).to eq([0.5])
  end

  it "cooks by the whistle, takes a third of the onions out, and throws a bag away without its broth" do
    dish = whole("yakhni_pulao")
    expect(dish["lines"].map { |line| line["text"] }).not_to include(/wash/)
    expect(done(dish, "after the first whistle")).to eq(["simmer", "pressure-cooker", 25.0])
    expect(step(dish, "take a third out")["from"].first["share"]).to be_within(0.01).of(0.333)
    expect([froms(dish, "Lift the meat"), froms(dish, "Yakhni in"), froms(dish, "Brown onions over")])
      .to eq([%w[pressure-cooker], %w[bowl], %w[second-plate]])
  end

  it "puts rice into the water that follows it, and measures the dal's water by itself" do
    dish = whole("dal_bhat_plate")
    expect(step(dish, "540ml water").values_at("kind", "rice")).to eq(%w[fill in])
    expect(done(dish, "cover, low 12")).to eq(["low", "pot", 12.0])
    waters = dish["lines"].select { |line| line["ingredient"] == "water" }
    expect(waters.map { |line| line["g"].round }).to eq([540, 946])
    expect(dish["lines"].map { |line| line["food"] }).not_to include("min")
    early = read("300 g rice\n500 ml water", "Rinse the rice. 500 ml water with salt. Boil. Tip in the rice.")
    expect(step(early, "500 ml water")["rice"]).to eq("before")
  end

  it "pours so much of a broth as is listed, and blends a sauce of what is listed for it" do
    dish = whole("poached_chicken_rice")
    expect(step(dish, "Add broth")["from"]).to eq([{ "vessel" => "pot", "as" => "needed", "g" => 600.0 }])
    expect(taken_at(dish, "fry garlic")).to eq(%w[garlic ginger])
    sauce = dish["lines"].map { |line| line["id"] }[10, 6]
    expect(step(dish, "Blend the chilli")["takes"].map { |take| take["line"] }).to eq(sauce)
  end

  it "takes a bare number behind a glass for millilitres, and bakes what goes back" do
    dish = whole("leftover_roots_baked")
    expect(grams(dish)["white wine"]).to be_within(2).of(149)
    expect(step(dish, "back for 5").values_at("minutes", "rice")).to eq([5.0, "with"])
  end

  it "takes sausages out of their skins on a board, and fries them in their pan" do
    dish = whole("sausage_one_pot")
    expect(done(dish, "Squeeze the sausages")[0, 2]).to eq(%w[cut board])
    expect([froms(dish, "brown them"), froms(dish, "sausage back")]).to eq([%w[board], %w[plate]])
  end

  it "has a seasoning beside what is listed of its foods, and rice that is told as drained in its cooker" do
    dish = whole("birthday_scattered")
    expect(dish["lines"].map { |line| [line["text"], line["g"]] })
      .to include(["3 tbsp sugar", 38.25], ["1.5 tsp salt", 9.0])
    expect(done(dish, "drained half an hour")).to eq(["drain", "rice-bowl", 30.0])
    expect(step(dish, "In the cooker").values_at("kind", "rice")).to eq(%w[fill in])
    expect(done(dish, "warmed till dissolved")[0]).to eq("simmer")
    part = read("3 tbsp oil\n2 tbsp soy\n300 g rice", "Fry the rice in 2 tbsp oil. Add 1 tbsp soy.")
    expect(part["lines"].size).to eq(3)
  end

  it "weighs whole heads, boils the water off on the highest fire, and heaps rice into no vessel" do
    dish = whole("yard_cauldron")
    expect(grams(dish).find { |food, _| food.include?("garlic") }.last).to be > 60
    expect([done(dish, "Highest fire")[0], done(dish, "Heap it")])
      .to eq(["reduce", ["low", "cauldron", 25.0]])
  end

  it "reads minutes by their sign, and rests what is off under a cloth" do
    dish = whole("spinach_rice")
    expect([done(dish, "soften"), done(dish, "lid on"), done(dish, "off, cloth")])
      .to eq([["fry", "wide-pot", 8.0], ["low", "wide-pot", 20.0], ["rest", "wide-pot", 10.0]])
  end

  it "reads what somebody does as what is to be done, in the cook's own words" do
    dish = whole("narrated_red_rice")
    expect(grams(dish)).to include("long grain rice" => 453.592, "side bacon" => 50.0)
    expect(done(dish, "puts the lid on")).to eq(["bake", "cold-pot", 40.0])
    expect(done(dish, "lets that bubble")).to eq(["simmer", "cold-pot", 10.0])
    expect([froms(dish, "crisp bits"), froms(dish, "Into that fat"), froms(dish, "forks it")])
      .to eq([%w[cold-pot], [], %w[plate]])
    expect(dish["lines"].find { |line| line["ingredient"] == "salt" }["g"]).to eq(6.0)
  end

  it "fries beside the rice what is fried for a minute" do
    expect(done(whole("wok_from_scratch"), "shrimp, 90 sec")).to eq(["fry", "wok", 1.5])
  end

  it "pours the mushrooms' liquid with them, and rests under a lid before it is served" do
    dish = whole("porcini_in_the_oven")
    expect(froms(dish, "Porcini, their liquid")).to contain_exactly("board", "soaking-bowl")
    expect(done(dish, "before serving")).to eq(["rest", "ovenproof-casserole", 5.0])
  end

  it "washes what is named together, with a quarter of a cup of it" do
    dish = whole("soft_kichadi")
    expect(taken_at(dish, "wash both")).to eq(["rice", "split moong"])
    expect(taken_at(dish, "Ghee 1 tsp")).to include("Ghee", "cumin")
  end

  it "lays raw chicken into its marinade, and warms the sauce of its own list" do
    dish = whole("clay_pot_on_tuesdays")
    expect(dish["rice_g"]).to be_within(2).of(378)
    expect(done(dish, "into the marinade")).to eq(["marinate", "bowl", 30.0])
    expect(taken_at(dish, "into the marinade")).to include(/chicken/, "oyster sauce", "sesame oil")
    expect(taken_at(dish, "Warm the sauce")).to eq(%w[soy water sugar])
    expect([done(dish, "into the claypot")[1], done(dish, "down to low")])
      .to eq(["claypot", ["low", "claypot", 5.0]])
  end

  it "lists the eggs of a dish's end, and no salt of a fraction's lower half" do
    dish = whole("rice_for_the_dog")
    expect(dish["lines"].flat_map { |line| line["allergens"] }).to include("egg", "milk")
    salted = read("kosher salt\n3 cups basmati rice",
                  "Boil 2 l water with 1/4 cup salt. Add the rice, 7 minutes, drain.")
    expect(salted["lines"].map { |line| line["text"] }).not_to include(/\A4 cup/)
  end
end
