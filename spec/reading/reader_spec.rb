# frozen_string_literal: true

require_relative "../support/graphs"

RSpec.describe FondKettle::Reading::Reader do
  include Support::Graphs

  texts = Dir[File.expand_path("../fixtures/texts/*.txt", __dir__)].to_h do |path|
    [File.basename(path, ".txt"), File.read(path, encoding: "UTF-8")]
  end

  def read(text)
    described_class.new(text).dish
  end

  define_method(:dish) { |name| read(texts.fetch(name)) }

  # [kind, minutes, vessel, foods that go in, vessels that give, beside the rice] of each step.
  def steps(dish)
    foods = dish["lines"].to_h { |line| [line["id"], line["ingredient"] || line["food"]] }
    dish["steps"].map do |step|
      [step["kind"], step["minutes"], step["vessel"], step["takes"].map { |one| foods[one["line"]] },
       step["from"].map { |one| one["vessel"] }, step["rice"]]
    end
  end

  def shares(dish, ingredient)
    line = dish["lines"].find { |one| one["ingredient"] == ingredient }["id"]
    takes = dish["steps"].flat_map { |step| step["takes"] }
    takes.select { |one| one["line"] == line }.map { |one| one["share"] }
  end

  # Of each text: for how many, the rice, its g, the way.
  let(:told_heads) do
    {
      "gruel_in_one_paragraph" => [2.0, "long-white", 93.5, "toasted-pilaf"],
      "lamb_in_its_tin" => [6.0, "basmati", 500.0, "oven-pilaf"],
      "mug_that_is_measured" => [4.0, "basmati", 195.0, "one-pot-sauce"],
      "mussels_and_their_juice" => [4.0, "short-white", 320.0, "toasted-pilaf"],
      "parcels_and_soaking_water" => [nil, "glutinous", 500.0, "steamed-sticky"],
      "peas_that_go_in" => [6.0, "long-white", 373.8, "one-pot-sauce"],
      "salad_with_egg_water" => [nil, "brown-long", 350.0, "boil-and-drain"],
      "triangles_with_grilled_salmon" => [6.0, "short-white", 300.6, "rice-cooker"],
      "beef_in_numbered_steps" => [6.0, "brown-long", 350.0, "oven-pilaf"],
      "congee_with_toppings" => [6.0, "jasmine", 189.3, "covered-pot"],
      "fried_rice_in_notes" => [2.0, "long-white", 160.0, "toasted-pilaf"],
      "green_rice_and_fish" => [5.0, "basmati", 450.0, "turned-out"],
      "one_tin_of_sausages" => [4.0, "long-white", 300.0, "oven-pilaf"],
      "sweet_rice_in_sentences" => [6.0, "short-white", 186.9, "covered-pot"],
      "poached_chicken_and_dip" => [5.0, "jasmine", 400.0, "toasted-pilaf"],
      "pot_in_the_oven" => [4.0, "medium-white", 300.0, "oven-pilaf"],
      "stuffed_squid" => [4.0, "short-white", 150.0, "open-then-covered"],
      "cabbage_rolls_in_kraut" => [8.0, "parboiled-basmati", 200.0, "leaf-parcels"],
      "labelled_biryani" => [6.0, "basmati", 500.0, "sealed-cooked-base"],
      "porridge_for_two" => [2.0, "short-white", 150.0, "covered-pot"],
      "slashed_numbers" => [6.0, "basmati", 553.6, "sealed-cooked-base"],
      "goat" => [7.0, "basmati", 500.0, "sealed-raw-base"], "plain" => [nil, "jasmine", 378.5, "covered-pot"],
      "fish-broth" => [6.0, "long-white", 400.0, "toasted-pilaf"],
      "mushroom" => [3.0, "short-white", 240.0, "mixed-rice"],
      "lentils" => [4.0, "long-white", 250.0, "one-pot-sauce"],
      "bowl" => [4.0, "short-white", 320.0, "sushi"],
      "triangles" => [3.0, "short-white", 300.0, "shaped"],
      "brown" => [6.0, "brown-long", 450.0, "open-then-covered"],
      "cake" => [6.0, "medium-white", 400.0, "turned-out"],
      "chicken" => [5.0, "basmati", 350.0, "sealed-cooked-base"],
      "barberries_and_chicken_legs" => [6.0, "basmati", 553.6, "boil-and-drain"],
      "jollof_for_a_party" => [15.0, "parboiled-basmati", 1200.0, "one-pot-sauce"],
      "one_tray_of_greens" => [4.0, "brown-long", 300.0, "oven-pilaf"],
      "sushi_bowl_for_two" => [2.0, "short-white", 296.3, "sushi"],
      "kitchari_for_two" => [2.0, "basmati", 92.3, "toasted-pilaf"],
      "leftover_salmon_rice" => [3.0, "long-white", 240.0, "toasted-pilaf"],
      "congee_for_the_ill" => [4.0, "jasmine", 160.0, "one-pot-sauce"],
      "friday_fish_rice" => [4.0, "broken-white", 470.4, "broth-under-rice"],
      "mango_sticky_rice" => [6.0, "glutinous", 500.0, "steamed-sticky"],
      "peppers_in_the_oven" => [4.0, "short-white", 200.0, "oven-pilaf"],
      "pumpkin_and_lamb" => [10.0, "long-white", 900.0, "broth-under-rice"],
      "smoked_aubergine_layers" => [6.0, "basmati", 600.0, "sealed-cooked-base"],
      "plantain" => [7.0, "long-white", 650.0, "toasted-pilaf"],
      "duck_orange" => [6.0, "long-white", 500.0, "oven-pilaf"],
      "fish_curry_rice" => [4.0, "medium-white", 392.7, "toasted-pilaf"],
      "mushroom_one_pan" => [4.0, "brown-short", 300.0, "toasted-pilaf"],
      "pumpkin_oven" => [4.0, "medium-white", 320.0, "oven-pilaf"],
      "stuffed_peppers" => [nil, "short-white", 180.0, "covered-pot"],
      "tuesday_chicken" => [4.0, "long-white", 350.0, "oven-pilaf"],
      "herring" => [5.0, "long-white", 467.3, "toasted-pilaf"],
      "lemon" => [12.0, "basmati", 900.0, "covered-pot"],
      "jam" => [4.0, "jasmine", 373.8, "one-pot-sauce"],
      "red-beans" => [10.0, "glutinous", 981.8, "steamed-sticky"],
      "moist" => [6.0, "basmati", 500.0, "sealed-cooked-base"],
      "duck" => [4.0, "medium-white", 400.0, "toasted-pilaf"],
      "parcels" => [8.0, "glutinous", 600.0, "leaf-parcels"],
      "baked" => [5.0, "parboiled-basmati", 400.0, "oven-pilaf"],
      "bacon" => [2.0, "medium-white", 249.0, "toasted-pilaf"],
      "beans" => [6.0, "basmati", 600.0, "sealed-cooked-base"],
      "salmon" => [nil, "short-white", 300.6, "mixed-rice"],
      "eggs" => [2.0, "jasmine", 189.3, "covered-pot"],
      "prawns" => [4.0, "short-white", 300.0, "toasted-pilaf"],
      "party" => [10.0, "parboiled-basmati", 1000.0, "one-pot-sauce"],
      "camp" => [6.0, "long-white", 450.0, "toasted-pilaf"],
      "coconut" => [nil, "long-white", 237.0, "one-pot-sauce"],
      "porcini" => [2.0, "medium-white", 150.0, "open-then-covered"],
      "cakes" => [6.0, "glutinous", 400.0, "leaf-parcels"],
      "boxes" => [4.0, "jasmine", 288.0, "mixed-rice"],
      "egg-layers" => [6.0, "basmati", 500.0, "sealed-raw-base"],
      "floor" => [6.0, "basmati", 450.0, "turned-out"], "tray" => [4.0, "jasmine", 300.0, "oven-pilaf"],
      "beef_layers" => [6.0, "basmati", 553.6, "turned-out"],
      "cold_lamb" => [4.0, "basmati", 369.1, "toasted-pilaf"],
      "hunters_pot" => [6.0, "long-white", 350.0, "oven-pilaf"],
      "lamb_crust" => [6.0, "basmati", 750.0, "sealed-cooked-base"],
      "milk_rice" => [6.0, "short-white", 400.0, "covered-pot"],
      "one_pot_oven" => [4.0, "long-white", 300.0, "oven-pilaf"],
      "potato_crust" => [6.0, "long-white", 474.0, "turned-out"],
      "salmon_bowl" => [2.0, "short-white", 296.3, "covered-pot"],
      "chestnut_side" => [8.0, "basmati", 400.0, "oven-pilaf"],
      "claypot" => [2.0, "jasmine", 200.0, "covered-pot"],
      "lentil_fish" => [4.0, "basmati", 250.0, "toasted-pilaf"],
      "shrimp_plate" => [2.0, "medium-white", 294.6, "covered-pot"],
      "three_toppings" => [4.0, "short-white", 450.9, "covered-pot"],
      "peanut_chicken" => [4.0, "long-white", 300.0, "covered-pot"],
      "red_tomato" => [6.0, "long-white", 373.8, "toasted-pilaf"],
      "yoghurt_crust" => [6.0, "basmati", 500.0, "turned-out"],
      "two_onions_in_two_ways" => [6.0, "basmati", 553.6, "sealed-cooked-base"],
      "list_in_sentences" => [12.0, "long-white", 1000.0, "one-pot-sauce"],
      "cauldron_for_eight" => [8.0, "medium-white", 1000.0, "broth-under-rice"],
      "sweet_rice_kept_back" => [5.0, "glutinous", 400.0, "steamed-sticky"],
      "roasted_with_times" => [4.0, "long-white", 300.0, "oven-pilaf"],
      "yesterdays_rice" => [2.0, "long-white", 140.0, "toasted-pilaf"],
      "labelled_layers" => [5.0, "basmati", 500.0, "sealed-cooked-base"],
      "labelled_stock" => [6.0, "medium-white", 480.0, "one-pot-sauce"],
      "soup_for_the_ill" => [5.0, "short-white", 120.0, "broth-under-rice"],
      "lamb_next_day" => [10.0, "basmati", 800.0, "toasted-pilaf"],
      "sections_in_a_bowl" => [nil, "short-white", 200.0, "mixed-rice"],
      "pork_and_juice" => [4.0, "jasmine", 280.0, "toasted-pilaf"],
      "tuna_in_its_oil" => [3.0, "basmati", 150.0, "mixed-rice"],
      "thighs_by_weight" => [nil, "long-white", 350.0, "oven-pilaf"],
      "greens_in_handfuls" => [4.0, "medium-white", 200.0, "toasted-pilaf"],
      "duck_in_the_oven" => [6.0, "long-white", 500.0, "oven-pilaf"],
      "beetroot_whistle" => [2.0, "basmati", 150.0, "toasted-pilaf"],
      "party_base" => [12.0, "parboiled-basmati", 2000.0, "one-pot-sauce"],
      "lentils_and_dark_onions" => [4.0, "long-white", 280.4, "toasted-pilaf"],
      "morning_triangles" => [8.0, "short-white", 300.0, "shaped"],
      "kedgeree_supper" => [4.0, "basmati", 300.0, "toasted-pilaf"],
      "khichuri" => [3.0, "short-white", 197.6, "toasted-pilaf"],
      "soupy_seafood" => [4.0, "medium-white", 320.0, "toasted-pilaf"],
      "cabbage_rolls" => [nil, "short-white", 200.0, "leaf-parcels"],
      "yakhni_pulao" => [6.0, "basmati", 750.0, "one-pot-sauce"],
      "dal_bhat_plate" => [2.0, "basmati", 360.0, "covered-pot"],
      "poached_chicken_rice" => [nil, "jasmine", 400.0, "toasted-pilaf"],
      "leftover_roots_baked" => [4.0, "medium-white", 300.0, "oven-pilaf"],
      "sausage_one_pot" => [4.0, "long-white", 250.0, "toasted-pilaf"],
      "birthday_scattered" => [6.0, "short-white", 450.0, "sushi"],
      "yard_cauldron" => [10.0, "medium-white", 1200.0, "broth-under-rice"],
      "spinach_rice" => [3.0, "medium-white", 200.0, "toasted-pilaf"],
      "narrated_red_rice" => [5.0, "long-white", 453.6, "oven-pilaf"],
      "wok_from_scratch" => [3.0, "jasmine", 283.9, "rice-cooker"],
      "porcini_in_the_oven" => [4.0, "medium-white", 300.0, "oven-pilaf"],
      "soft_kichadi" => [nil, "long-white", 93.5, "toasted-pilaf"],
      "clay_pot_on_tuesdays" => [4.0, "jasmine", 378.5, "covered-pot"],
      "rice_for_the_dog" => [nil, "long-white", 300.0, "toasted-pilaf"],
      "headed_layers" => [8.0, "basmati", 1000.0, "sealed-cooked-base"],
      "labelled_bowl" => [3.0, "short-white", 300.0, "sushi"],
      "ten_beside_curry" => [10.0, "basmati", 750.0, "mixed-rice"],
      "dill_crust" => [6.0, "basmati", 500.0, "sealed-cooked-base"],
      "eel_less" => [2.0, "long-white", 150.0, "covered-pot"],
      "filled_peppers" => [4.0, "medium-white", 200.0, "covered-pot"],
      "mango_sticky" => [6.0, "glutinous", 300.0, "steamed-sticky"],
      "miso_salmon" => [2.0, "short-white", 150.3, "rice-cooker"],
      "pigeon_peas" => [5.0, "long-white", 373.8, "toasted-pilaf"],
      "egg_curry_rice" => [3.0, "long-white", 280.4, "toasted-pilaf"],
      "leftover_roast" => [2.0, "basmati", 150.0, "sealed-cooked-base"],
      "milk_pudding" => [6.0, "short-white", 125.0, "oven-pilaf"],
      "one_tin_chicken" => [4.0, "medium-white", 300.0, "oven-pilaf"],
      "pumpkin_porridge" => [4.0, "short-white", 120.0, "covered-pot"],
      "red_salad" => [12.0, "brown-long", 500.0, "sealed-cooked-base"],
      "prune_layers" => [6.0, "basmati", 600.0, "sealed-cooked-base"],
      "sambal_rice" => [4.0, "jasmine", 378.5, "rice-cooker"],
      "tuna_balls" => [nil, "short-white", 300.6, "rice-cooker"],
      "dough_lid_okra" => [6.0, "long-white", 600.0, "sealed-cooked-base"],
      "scattered_for_seven" => [7.0, "short-white", 601.2, "sushi"],
      "mango_capitals" => [4.0, "glutinous", 294.6, "steamed-sticky"],
      "cooker_roots" => [nil, "short-white", 300.0, "mixed-rice"],
      "terrace_pan" => [11.0, "medium-white", 1200.0, "open-then-covered"],
      "date_layers" => [8.0, "basmati", 553.6, "turned-out"],
      "allotment_parcels" => [nil, "short-white", 250.0, "leaf-parcels"],
      "chicken_congee" => [3.0, "jasmine", 142.0, "one-pot-sauce"],
      "string_parcels" => [nil, "glutinous", 600.0, "leaf-parcels"],
      "egg_hollows" => [2.0, "basmati", 150.0, "toasted-pilaf"],
      "cauliflower_layers" => [6.0, "basmati", 500.0, "sealed-cooked-base"],
      "barberry_two_pots" => [6.0, "basmati", 738.2, "boil-and-drain"],
      "bacon_cabbage" => [3.0, "long-white", 225.0, "toasted-pilaf"],
      "vine_leaves" => [5.0, "medium-white", 200.0, "leaf-parcels"]
    }
  end

  it "reads the head of a dish: its title, for how many, which rice and how it is cooked" do
    heads = texts.transform_values { |text| read(text).values_at("serves", "grain", "rice_g", "method") }
    expect(heads).to eq(told_heads)
  end

  it "follows a sealed dish through its vessels" do
    read = dish("goat")
    expect(steps(read)).to eq(
      [["mix", nil, "bowl", %w[goat yoghurt salt spice-mix], [], "before"],
       ["marinate", 480.0, "bowl", [], [], "before"],
       ["fry", 25.0, "wide-pan", %w[onion ghee], [], "before"],
       ["take-out", nil, "plate", [], ["wide-pan"], "before"],
       ["simmer", nil, "small-jug", %w[saffron milk], [], "before"],
       ["rinse", nil, "rice-bowl", ["basmati"], [], "before"],
       ["soak", 30.0, "rice-bowl", [], [], "before"],
       ["drain", nil, "rice-bowl", [], [], "before"],
       ["par-boil", 6.0, "boiling-pot", ["salt"], ["rice-bowl"], "before"],
       ["drain", nil, "boiling-pot", [], [], "before"],
       ["lay-in", nil, "heavy-pot", [], %w[bowl wide-pan], "before"],
       ["layer", nil, "heavy-pot", [], ["boiling-pot"], "in"],
       ["lay-in", nil, "heavy-pot", [], ["small-jug"], "with"],
       ["seal", nil, "heavy-pot", [], [], "with"],
       ["low", 10.0, "heavy-pot", [], [], "with"],
       ["low", 50.0, "heavy-pot", [], [], "with"],
       ["rest", 15.0, "heavy-pot", [], [], "rest"],
       ["sprinkle", nil, "heavy-pot", [], ["plate"], "after"],
       ["serve", nil, "dish", [], ["heavy-pot"], "after"]]
    )
    expect(shares(read, "salt")).to eq([0.5, 0.5])
    expect(read["steps"][3]["from"]).to eq([{ "vessel" => "wide-pan", "share" => 0.5 }])
    expect(read["vessels"].first).to include("key" => "heavy-pot", "kind" => "pot", "rice" => true)
  end

  it "plans what it read in the vessels that it read, each thing once" do
    tasks = answer({ "dish" => dish("goat"), "assume" => true })[:tasks]
    # Half of the onions is lifted out; the bowl and the jug are poured in whole.
    poured = tasks.flat_map { |task| task[:puts_in].scan(/\d+ g from [a-z ]+/) }
    expect(poured).to match([/\A\d+ g from the wide pan\z/])
    expect(tasks.map { |task| task[:kind] }).to include("layer")
    baked = answer({ "dish" => dish("baked"), "assume" => true })[:tasks]
    expect(baked.count { |task| task[:say].match?(/heat the oven/i) }).to eq(1)
    marinade = tasks.find { |task| task[:kind] == "marinate" }
    expect(marinade[:cautions]).to include("marinade")
  end

  it "keeps a broth in its vessel, and pours what the words say" do
    poured = dish("fish-broth")["steps"].find { |step| step["kind"] == "boil" }
    expect(poured["from"]).to eq([{ "vessel" => "bowl", "as" => "needed", "g" => 800.0 }])
  end

  it "puts to what lies in another vessel, takes out and folds in again, and leaves an aside aside" do
    read = dish("lentils")
    fill, low, fold = %w[fill low fold].map { |kind| read["steps"].find { |step| step["kind"] == kind } }
    onions = [{ "vessel" => "plate" }, { "vessel" => "another-pan" }]
    expect(read["vessels"].map { |one| one["name"] }).to eq([nil, "pan", nil])
    expect([fill["vessel"], low["minutes"], fold["from"]]).to eq(["pot", 18.0, onions])
    expect(read["steps"][1]).to include("beside" => "s1", "until" => a_string_starting_with("they are crisp"))
    expect(read["not_read"]).to eq(["My aunt burns hers on purpose, she says."])
  end

  it "asks what it is not sure of, with what it takes for it" do
    expect(dish("plain")["asked"]).to eq([{ "of" => "serves", "question" => "For how many is it?" }])
    handful = dish("lentils")["asked"].find { |one| one["field"] == "g" }
    expect(handful).to include("question" => "How much is “a handful of”? 25 g is taken for it.",
                               "guess" => 25.0)
    ghee = read("Rice\n300 g rice\n80 g ghee\nBoil the rice in plenty of water.")
    expect(ghee["asked"].map { |one| one["question"] })
      .to include("For how many is it?", "Where does the ghee go in?")
    thighs = read("Rice\nserves 2\n200 g rice\n2 chicken thighs\nFry the thighs. Add the rice.")
    expect(thighs["asked"].map { |one| one["question"] }).to include(/What does one chicken thighs? weigh/)
  end

  it "says nothing that the cook did not write, and plans as it was read" do
    texts.each_value do |text|
      read = read(text)
      plain = text.gsub(/\W+/, " ")
      said = read["lines"].map { |line| line["text"] }
      said += read["steps"].flat_map { |step| step["say"].split(/[.,]/) }
      missing = said.reject { |words| plain.include?(words.gsub(/\W+/, " ").strip) }
      expect(missing).to eq([])
      found = answer({ "dish" => read, "assume" => true })
      expect(found[:tasks].size).to be > 4
    end
  end

  it "reads no more than anybody writes, whatever comes" do
    random = Random.new(7)
    letters = Array.new(20_000) { (32 + random.rand(95)).chr }
    noise = [letters.join, "1, " * 9000, "(" * 20_000, " and fry" * 3000, "2 cups rice\n" * 900,
             "½ é 漢\u0000" * 4000, "x"]
    noise.each do |text|
      read = read("Title\n#{text}")
      expect(read["lines"].size).to be <= FondKettle::Limits::LINES
      expect(read["title"]).to eq("Title")
    end
    ["", " \n", "a" * 100_001, "\xff".dup.force_encoding("UTF-8")].each do |text|
      expect { read(text) }.to raise_error(FondKettle::InvalidInput)
    end
  end

  it "follows a turned-out cake: what is lifted out and laid below, and a part of the salt" do
    read = dish("cake")
    expect(steps(read).map { |one| one.values_at(0, 2, 4) }).to include(
      ["mix", "bowl", []], ["take-out", "plate", ["wide-pan"]],
      ["fill", "heavy-pot", %w[plate wide-pan rice-bowl]],
      ["turn-out", "dish", ["heavy-pot"]], ["sprinkle", "dish", ["little-pan"]]
    )
    expect(shares(read, "salt")).to eq([0.25, 0.75])
    expect(shares(read, "stock")).to eq([1.0])
  end

  it "keeps what is done beside the rice out of its pot, and what finishes it in it" do
    read = dish("bowl")
    places = steps(read).to_h { |kind, _, vessel, foods, *| [[kind, foods.first], vessel] }
    expect(places).to include(%w[rinse short-white] => "rice-bowl", %w[mix egg] => "bowl",
                              %w[fold rice-vinegar] => "pot", %w[sprinkle nori] => "pot")
    expect(read["lines"].map { |one| one["text"] }).to include("340 ml of water")
    baked = steps(dish("triangles")).find { |one| one.first == "bake" }
    expect(baked.values_at(2, 4)).to eq(["oven-dish", ["bowl"]])
  end

  it "says what is odd, and how long the rice soaks where the text does not soak it" do
    odd = read("Rice\nFor 2\n400 g long grain rice\n200 ml stock\n450 g (2 lb) peas\n\n" \
               "Add the rice, the stock and the peas to a pot, bring to the boil and cook on low for " \
               "15 minutes. Bake the top at 400 °F.")
    expect(odd["remarks"].map { |one| one["say"] })
      .to contain_exactly(/0.99 lb/, "400 °F is 204 °C.", /by weight 0.5 to 1/)
    expect([dish("brown")["way"], dish("cake")["way"]]).to eq([{ "soak" => 0 }, nil])
    told = read("Rice\n300 g basmati, soaked for 40 minutes\n450 ml water\n" \
                "Boil the rice in the water on low for 12 min.")
    expect(told["way"]).to eq("soak" => 40)
  end

  it "takes a text without rice for a side, and says so" do
    side = read("Greens\nFor 4\n300 g green beans\n2 tbsp oil\nFry the beans in the oil for 6 minutes.")
    expect(side.keys).not_to include("grain", "rice_g", "method")
    expect(side["asked"]).to include("of" => "grain", "question" => "Is it without rice, a side?",
                                     "guess" => "none")
  end

  it "joins a sentence that was broken at the end of a row, and knows the rest from what was kept" do
    broken = read("Onion rice\nFor 4\n300 g basmati\n2 onions\n60 g ghee\n1 leek\n450 ml stock\n\n" \
                  "Fry the onions in half the ghee in a wide pan until they are a dark\nbrown, 20 minutes, " \
                  "and lift out half for the top. Soften the leek in the rest of the ghee in a pot for 8 " \
                  "minutes.\nPut the other onions to it. Add the rice and the stock and cook on low for 14 " \
                  "minutes. Strew with the onions.")
    found = steps(broken).map { |one| one.values_at(0, 1, 2, 4) }
    expect(found).to include(["fry", 20.0, "wide-pan", []], ["take-out", nil, "plate", ["wide-pan"]],
                             ["fry", nil, "pot", ["wide-pan"]], ["sprinkle", nil, "pot", ["plate"]])
  end

  it "boils down what was blended before it goes on, and adds the other half of the onions last" do
    read = dish("party")
    expect(steps(read).map { |step| step.values_at(0, 2, 4) }.first(7)).to eq(
      [["mix", "bowl", []], ["simmer", "pot", ["bowl"]], ["fry", "large-pot", []], ["fry", "large-pot", []],
       ["fry", "large-pot", ["pot"]], ["lay-in", "large-pot", []], ["boil", "large-pot", []]]
    )
    expect(read["lines"].map { |line| line["text"] }).to include("6 plum tomatoes", "Salt to taste")
    expect(steps(read).map { |step| step.values_at(0, 3, 5) }.last(3)).to eq(
      [["low", [], "with"], ["lay-in", ["onion"], "with"], ["rest", [], "rest"]]
    )
    expect(read["not_read"]).to eq(["The liquid should just cover it."])
    expect(read["asked"].map { |one| one["of"] }).to eq(["method"])
  end

  it "boils rice apart, with what joins it at the end, and lays the lifted meat between" do
    read = steps(dish("floor"))
    expect(read).to include(["par-boil", 2.0, "boiling-pot", ["broad-bean"], [], "before"],
                            ["drain", nil, "boiling-pot", [], [], "before"],
                            ["take-out", nil, "plate", [], ["saucepan"], "before"],
                            ["layer", nil, "non-stick-pot", [], ["plate"], "in"])
    expect(read.map(&:first) & %w[low cool wrap]).to eq(%w[low cool])
  end

  it "takes a heat for no cups, bakes in the tin it was mixed in, and puts back what was taken out" do
    read = dish("tray")
    expect(read["lines"].map { |line| line["food"] }).not_to include(/fan/)
    bakes = read["steps"].select { |step| step["kind"] == "bake" }
    expect(bakes.map { |step| step.values_at("vessel", "oven_c") }).to eq([["roasting-tin", 200.0]] * 2)
    expect(steps(read).find { |step| step.last == "in" }[4]).to eq(["plate"])
  end

  it "fries what was cut before, lays in for the last minutes, and stirs in while it rests" do
    read = dish("bacon")
    expect(steps(read)).to include(["fry", 8.0, "pot", ["butter"], ["board"], "before"],
                                   ["stir", nil, "pot", ["parmesan"], [], "rest"])
    expect(read["steps"].filter_map { |step| step["at_min"] }).to eq([15.0])
    expect(read["lines"].to_h { |line| line.values_at("text", "g") })
      .to include("4 rashers bacon" => 100.0, "big handful frozen peas" => 40.0, "a mug of arborio" => 249.0)
  end

  it "puts the beans into the sauce in its pan, and half the sauce between the rice" do
    read = steps(dish("beans"))
    expect(read.values_at(4, 5, 6)).to eq(
      [["fry", 5.0, "another-pan", %w[green-bean oil], [], "before"],
       ["lay-in", nil, "frying-pan", [], ["another-pan"], "before"],
       ["boil", nil, "boiling-pot", [], [], "before"]]
    )
    expect(read.last(6)).to eq(
      [["lay-in", nil, "pot", [], [], "before"], ["fill", nil, "pot", [], ["boiling-pot"], "in"],
       ["layer", nil, "pot", [], ["frying-pan"], "in"], ["low", 8.0, "pot", [], [], "with"],
       ["low", 40.0, "pot", [], [], "with"], ["rest", 5.0, "pot", [], [], "rest"]]
    )
  end

  it "lets rice drain before it goes in, and flakes what was lifted before it goes back" do
    read = steps(dish("salmon"))
    expect(read.first(3)).to eq([["rinse", nil, "rice-bowl", ["short-white"], [], "before"],
                                 ["drain", 30.0, "rice-bowl", [], [], "before"],
                                 ["fill", nil, "cooker", %w[soy-sauce mirin sake], ["rice-bowl"], "in"]])
    expect(read[6..8].map { |step| step.values_at(0, 4) })
      .to eq([["take-out", ["cooker"]], ["cut", []], ["fold", ["plate"]]])
  end

  it "sets aside what is fried first, knows its pan again, and pours as much hot stock as the rice needs" do
    read = dish("prawns")
    expect(steps(read).first(3).map { |step| step.values_at(0, 1, 2) })
      .to eq([["fry", 2.0, "pot"], ["take-out", nil, "plate"], ["fry", 10.0, "pot"]])
    expect(steps(read).find { |step| step.last == "in" }.values_at(0, 2)).to eq(%w[fill pot])
    expect(read["steps"].flat_map { |step| step["from"] })
      .to include("vessel" => "small-saucepan", "as" => "needed")
    expect(read["steps"].filter_map { |step| step["at_min"] }).to eq([5.0])
  end

  it "fries boiled rice in another pan, and sets the eggs there" do
    read = steps(dish("eggs")).last(5)
    expect(read.map { |step| step.values_at(0, 2) })
      .to eq([%w[cool tray], %w[fry wok], %w[fry wok], %w[fry wok], %w[fold wok]])
    expect(read[2][4]).to eq(["pot"])
  end

  it "pours so much of the water that was kept, and lays what is lifted on another plate" do
    read = dish("plantain")
    expect(read["title"]).to eq("Plantain and black bean rice")
    expect(read["lines"].map { |line| line["food"] }).to include("black beans")
    poured = read["steps"].map { |step| step.values_at("kind", "vessel", "from") }
    expect(poured).to include(
      ["take-out", "plate", [{ "vessel" => "pot" }]],
      ["take-out", "second-plate", [{ "vessel" => "heavy-pot" }]],
      ["fill", "heavy-pot", [{ "vessel" => "rice-bowl" },
                             { "vessel" => "pot", "as" => "needed", "g" => 900.0 }]]
    )
    expect(poured.last.last.map { |one| one["vessel"] }).to contain_exactly("second-plate", "another-pan",
                                                                            "heavy-pot")
  end

  it "leaves the water in its pot where only the food goes on" do
    text = texts.fetch("plantain").sub(". Drain them and keep the water", " and keep the water")
    beans = read(text)["steps"].find { |step| step["say"].include?("and the beans") }
    expect(beans["from"]).to eq([{ "vessel" => "pot", "what" => "solids" }])
  end

  it "reads a day as no time, and what comes behind what is to be seen as done" do
    text = "Plain\nFor 2\n200 g basmati\n300 g water\n" \
           "Wash the rice until it runs clear and put it in the pot. Keep the husks for another day."
    expect(steps(read(text)).map { |step| step.values_at(0, 1) }).to include(["rinse", nil], ["fill", nil])
  end
end
