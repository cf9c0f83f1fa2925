# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Turns of speech of cooks who jot, label and paste.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  let(:list) { "300 g jasmine rice\n2 onions\n3 eggs\n500 g pork belly\n400 ml stock\n3 tbsp oil" }

  # [kind, minutes, vessel, keys that give, beside the rice] of the step that has some words.
  def told(dish, words)
    step = dish["steps"].find { |one| one["say"].include?(words) }
    [*step.values_at("kind", "minutes", "vessel"), step["from"].map { |pour| pour["vessel"] }, step["rice"]]
  end

  def serves(row)
    described_class.new("Rice\n#{row}\n300 g rice\n\nBoil the rice.").dish["serves"]
  end

  it "counts people before pieces" do
    rows = { "(makes about 50, enough for 8)" => 8, "Feeds 4ish" => 4, "For 20 squares" => nil,
             "makes 12" => 12 }
    expect(rows.keys.map { |row| serves(row) }).to eq(rows.values)
  end

  it "has amounts in words of their own: 3 and a half, told twice, up to a finger, of a list in brackets" do
    dish = described_class.new(<<~TEXT).dish
      Rice for 4

      You want 1 onion, 2 tbsp oil, whole spices (2 cloves, 1 bay leaf).

      Fry the onion in the oil. Add 2 cups (400 g) of rinsed basmati, pour in boiling water to cover by a
      finger (about 1.2 litres). Scatter over a handful of coriander.
    TEXT
    expect(dish["lines"].to_h { |line| line.values_at("ingredient", "g") })
      .to include("clove" => be_positive, "bay-leaf" => be_positive, "water" => 1200.0,
                  "coriander-leaf" => 25.0)
    expect(dish.values_at("grain", "rice_g")).to eq(["basmati", 400.0])
    expect(FondKettle::Measure::Numeral.read("3 and a half cups")).to eq([3.5, "cups"])
  end

  it "boils eggs and what is labelled by themselves, and labelled rice beside what stands on the fire" do
    dish = read(list, <<~TEXT)
      Cut the pork in strips. Blanch 3 min.
      Soy, 500 ml water. Simmer covered 1 hr. Boil the eggs 7 min, peel, into the pork.
      Rice: rinse 3x, 400 ml water, boil, cover, low 12, off 10.
    TEXT
    expect(told(dish, "Blanch")).to eq(["simmer", 3.0, "pot", ["board"], "before"])
    expect(told(dish, "eggs").first(3)).to eq(["simmer", 7.0, "small-pot"])
    expect(told(dish, "peel")[2, 2]).to eq(["board", ["small-pot"]])
    expect(told(dish, "boil")).to eq(["boil", nil, "rice-pot", ["rice-bowl"], "in"])
    expect(told(dish, "low 12")[0, 3]).to eq(["low", 12.0, "rice-pot"])
  end

  it "bakes where an oven is hot, turns the flame within a sentence, and stands what was off" do
    dish = read(list, <<~TEXT)
      400F. Pork on a roasting tin 20 min. Take out, tip the rice in round it, pour the stock over.
      Foil, tight. Back in 35 min. 5 min sit.
    TEXT
    expect(dish["method"]).to eq("oven-pilaf")
    expect(told(dish, "Pork on")[0, 3]).to eq(["bake", 20.0, "roasting-tin"])
    expect(told(dish, "sit").values_at(0, 4)).to eq(%w[rest rest])
    dish = read(list, "Fry the onions in the oil. Rice in, the stock. 10 mins on high, 8 on low. Off. Foil " \
                      "over. 5 mins.")
    expect(%w[high 8 5].map { |words| told(dish, words)[0, 2] })
      .to eq([["low", 10.0], ["low", 8.0], ["rest", 5.0]])
  end

  it "calls food by what it is, mixes what marinates in a bowl, fries beside done rice" do
    dish = read(<<~LIST, <<~TEXT)
      1 butternut, about 800 g
      500 g white fish fillet in chunks
      1 tbsp fish sauce
      1 tsp turmeric
      300 g rice
      4 tbsp oil
    LIST
      Fish in the turmeric, fish sauce. 1 hr fridge. Boil the rice, cover, low 12 min. 10 off.
      Oil hot in a wide pan. Fish, 2 min a side. Serve with the squash.
    TEXT
    expect(told(dish, "Fish in")[0, 3]).to eq(["mix", nil, "bowl"])
    expect(dish["steps"].first["takes"].size).to eq(3)
    expect(told(dish, "2 min a side")[0, 4]).to eq(["fry", 4.0, "wide-pan", ["bowl"]])
    expect(dish["steps"].last["takes"].map { |take| take["line"] }).to eq(["l1"])
  end

  it "drains rice from plenty of water, and takes everything into one bowl" do
    dish = described_class.new(<<~TEXT).dish
      Salad for 6

      Cook 250 g long-grain rice in plenty of boiling salted water for 12 minutes, drain.
      Whisk 4 tbsp oil, 2 tbsp vinegar, salt. Chop 2 tomatoes. Everything into a big bowl. Toss.
    TEXT
    expect(dish["method"]).to eq("boil-and-drain")
    expect(told(dish, "Everything")[2, 2]).to match(["big-bowl", include("bowl", "board")])
    expect(told(dish, "Toss")[0, 3]).to eq(["mix", nil, "big-bowl"])
  end

  it "tells a second onion from the first, keeps broth apart, and soaks overnight as old books say it" do
    dish = described_class.new(<<~TEXT).dish
      Chick pea rice

      Put one pound of chick peas to soak the night before. In the morning wash them and set them on the fire
      with three quarts of cold water and an onion. Let them boil slowly for two hours. When they are tender
      take out the onion.
      Fry in another pan one onion in two ounces of butter. Throw in a pound of rice, moisten it with three
      pints of the chick pea broth, cover it, let it cook for eighteen minutes. Sufficient for eight persons.
    TEXT
    expect(dish["lines"].map { |line| line["ingredient"] })
      .to eq(%w[dried-chickpea water onion onion butter long-white])
    expect(told(dish, "to soak")[0]).to eq("soak")
    expect(told(dish, "on the fire")).to eq(["lay-in", nil, "pot", ["soaking-bowl"], "before"])
    expect(told(dish, "take out")[0]).to eq("take-out")
    expect(told(dish, "moisten")[3]).to eq(["pot"])
  end

  it "salts the water that the method salts, and mixes raw rice into mince in a bowl" do
    dish = read("300 g basmati\n500 g minced pork\n1 cabbage\nsalt\n500 ml duck or chicken stock", <<~TEXT)
      Soak the rice in salted water an hour.
      Boil a large pot of water w/ 2 tbsp salt, put the drained rice in, 6 min till firm inside. Drain.
    TEXT
    salted = dish["steps"].select { |one| one["takes"].any? { |take| take["line"] == "l4" } }
    expect(salted.map { |one| one["say"] }).to contain_exactly(start_with("Boil a large pot"))
    expect(told(dish, "6 min")[0, 2]).to eq(["par-boil", 6.0])
    expect(dish["lines"].last["ingredient"]).to eq("stock")
    dish = read("150 g rice\n500 g minced pork\n1 cabbage\n1 l passata", <<~TEXT)
      Boil the cabbage 10 minutes. Knead the pork with the raw rice. Put a fistful on each leaf and roll it up.
      Pack in the rolls in a casserole, pour over the passata, cover and bake at 160 °C for 2 hours.
    TEXT
    expect(told(dish, "Knead")).to eq(["mix", nil, "bowl", [], "before"])
    expect(told(dish, "Pack")[2..]).to eq(["casserole", ["board"], "in"])
  end

  it "knows a heading by its colon, a fish steak for fish, and what is taken out behind a dash" do
    dish = described_class.new(<<~TEXT).dish
      Fish rice
      (4)

      1 kg kingfish steaks
      Marinade:
      1 tsp turmeric
      juice of 2 limes
      Rice:
      500 g basmati
      5 onions, sliced
      8 tbsp oil

      Marinate fish 1 hr.
      Onions in the oil till deep brown - take out a third. Transfer to a plate.
      Boil the rice, cover, low 15 min. It rests for five.
    TEXT
    expect(dish["serves"]).to eq(4.0)
    expect(dish["lines"].first.values_at("ingredient", "allergens")).to eq(["kingfish", ["fish"]])
    expect(dish["steps"].first["takes"].map { |take| take["line"] }).to eq(%w[l1 l2 l3])
    expect(told(dish, "a third").values_at(0, 2)).to eq(%w[take-out plate])
    expect(told(dish, "rests").values_at(0, 1, 4)).to eq(["rest", 5.0, "rest"])
  end

  it "says how certain it is of what it asks, and asks of nothing that is said" do
    dish = read("2 white onions\n2 red onions\n300 g rice\na handful of dill", <<~TEXT)
      Fry one onion in a pot, stir in the rice, pour on 400 ml stock, cover, low 12 min. The dill.
    TEXT
    asked = dish["asked"].to_h { |one| [one["field"] || one["of"], one["certainty"]] }
    expect(asked).to include("method" => 0.4, "g" => 0.4, "serves" => nil)
    expect(dish["asked"].filter_map { |one| one["certainty"] }).to all(be < FondKettle::Reading::Certainty::BAR)
  end

  it "does nothing beside a step that is none" do
    dish = read(list,
                "Boil the rice, cover, low 15 min.\nStep 5: Meanwhile, fry the onions in the oil 5 min.")
    ids = dish["steps"].map { |one| one["id"] }
    expect(ids).to include(*dish["steps"].filter_map { |one| one["beside"] })
    expect(dish["steps"].filter_map { |one| one["beside"] }.size).to eq(1)
  end

  it "leaves aside what should be there, what is kept warm and what a tin is lined with" do
    dish = read(list, "There should be liquid to cover the rice by an inch. Fry the onions, keep them " \
                      "warm. Line a tin with foil. Boil the rice.")
    expect(dish["not_read"].size).to eq(3)
  end
end
