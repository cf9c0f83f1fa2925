# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Turns of speech of a home kitchen, each of which was once read as something else.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  def kinds(dish)
    dish["steps"].map { |step| step["kind"] }
  end

  def foods(dish, words)
    taken(dish, step(dish, words))
  end

  def rice
    "300 g long grain rice\n450 ml stock\n2 onions\n3 tbsp oil"
  end

  def cooked(rest)
    "Fry the onions in the oil in a wide pan. Stir in the rice, pour on the stock, bring to the boil. #{rest}"
  end

  describe "the heat" do
    it "is off: the rice rests" do
      ["Cover and cook on low for 18 minutes. Cover again, turn off the heat, 10 min.",
       "Cover and cook on low for 18 minutes. Lid on, 10 mins off the heat.",
       "Cover and cook on low for 18 minutes. Turn off and leave 10 min."].each do |end_of_it|
        last = read(rice, cooked(end_of_it))["steps"].last
        expect(last.values_at("kind", "minutes")).to eq(["rest", 10.0])
      end
    end

    it "is reduced, not the liquid" do
      dish = read(rice, cooked("Reduce to low, cover, 18 min."))
      expect(dish["steps"].last.values_at("kind", "heat", "minutes")).to eq(["low", "low", 18.0])
      expect(kinds(dish)).not_to include("reduce")
    end

    it "is not said by what is hard" do
      dish = read(rice, cooked("Cover, low, 18 min. Taste, another 5 min if it's hard."))
      expect(dish["steps"].last).not_to have_key("heat")
    end
  end

  describe "a pan" do
    it "keeps its food when fat is poured off" do
      dish = read("#{rice}\n6 chicken thighs",
                  "Brown the chicken in the oil in a wide pan. Pour away all but 2 tbsp of the fat. Add the " \
                  "onions and fry 5 min. Boil the rice in the stock.")
      poured = step(dish, "Pour away")
      expect([poured["kind"], poured["vessel"], poured["from"]]).to eq(["taste", "wide-pan", []])
      expect(dish["lines"].size).to eq(5)
    end

    it "goes into the oven as it is" do
      dish = read("#{rice}\n1 kg lamb shoulder\n2 quinces",
                  "Brown the lamb in the oil in a casserole. Cover and put into the oven at 160C for 2 " \
                  "hours. Quarter and core the quinces, add them for the last 40 minutes. Boil the rice " \
                  "in the stock.")
      expect(step(dish, "put into the oven").values_at("kind", "vessel")).to eq(%w[bake casserole])
      expect(foods(dish, "Quarter")).to eq(["quinces"])
      expect(step(dish, "add them")["vessel"]).to eq("casserole")
    end

    it "has its size behind another word" do
      dish = read("300 g rice\n2 aubergines\n500 ml stock",
                  "Line the bottom of a deep 24 cm pot with the aubergines, then the rice. Pour on the " \
                  "stock, bring to the boil, lid on, low, 25 minutes. Put a big plate over the pot, flip " \
                  "it.")
      own = dish["vessels"].find { |one| one["rice"] }
      expect(own.values_at("key", "kind")).to eq(%w[deep-pot pot])
      expect(kinds(dish).last).to eq("turn-out")
      expect(kinds(dish).count("turn-out")).to eq(1)
    end

    it "is another one where the rice cooks in its cooker, or stands in a bowl" do
      dish = read("300 g short grain rice\n400 ml water\n250 g salmon",
                  "Wash the rice, put it in the cooker with the water and start it. Grill the salmon 8 " \
                  "min. When it clicks leave it 15 minutes. Press into triangles.")
      expect(step(dish, "Grill")["vessel"]).to eq("oven-dish")
      expect(step(dish, "leave it 15").values_at("kind", "vessel")).to eq(%w[rest cooker])
      expect(dish["method"]).to eq("shaped")
      dish = read("300 g glutinous rice\n400 ml coconut milk",
                  "Steam the rice over boiling water for 25 min. Tip the hot rice into a bowl, pour over " \
                  "half the coconut milk. Thicken the remaining coconut milk over a low flame, 3 minutes.")
      thickened = dish["vessels"].find { |one| one["key"] == step(dish, "Thicken")["vessel"] }
      expect(thickened["kind"]).to eq("frying-pan")
    end
  end

  describe "a food" do
    it "is meant by its plain name, its plural, and all that are named" do
      dish = read("300 g rice\n1 tsp sesame oil\n2 tbsp sunflower oil\n1 red pepper and 1 green one, " \
                  "diced\n1 onion\npepper\n450 ml stock",
                  "Heat 1 tbsp of the oil in a pan. Onion and peppers in, 8 min. Boil the rice in the " \
                  "stock. Sprinkle with the sesame oil and pepper.")
      expect(dish["lines"].map { |line| line["food"] }).to include("red pepper", "green pepper")
      expect(foods(dish,
                   "Onion and peppers")).to contain_exactly("red pepper", "green pepper", "onion",
                                                            "sunflower oil")
        .or contain_exactly("red pepper", "green pepper", "onion")
      expect(foods(dish, "Sprinkle")).to include("sesame oil")
    end

    it "is there once more where another one is named, and where nobody says how much" do
      dish = described_class.new("Dal rice for two\n\nHalf a cup of rice, half a cup of split moong. " \
                                 "Wash them together till the water is clear and soak 20 mins. In a pot: " \
                                 "a spoon of ghee, half a tsp of cumin seeds till they crackle, a bit of " \
                                 "grated ginger, a pinch of turmeric. Then rice and dal, 3 cups of " \
                                 "water, boil, cover, low 20 min. Another spoon of ghee on top.").dish
      expect(dish["lines"].map { |line| line["food"] })
        .to eq(["rice", "split moong", "ghee", "cumin seeds", "turmeric", "water", "ghee", "grated ginger"])
      expect(foods(dish, "rice and dal")).to include("rice", "split moong")
      expect(step(dish, "soak 20")["minutes"]).to eq(20.0)
      expect(step(dish, "In a pot")["until"]).to eq("they crackle")
    end

    it "has its own minutes among others" do
      dish = read("#{rice}\n1 carrot\n2 cloves garlic\n100 g peas",
                  "Heat the oil in a wok. Carrot 2 min, garlic 30 sec, peas a minute. " \
                  "Boil the rice in the stock.")
      minutes = %w[Carrot garlic peas].map { |words| step(dish, words)["minutes"] }
      expect(minutes).to eq([2.0, 0.5, 1.0])
    end
  end

  it "boils and drains where rice steams on nothing but butter" do
    dish = read("350 g basmati\n60 g butter\n2 tbsp salt",
                "An hour before eating soak the rice in cold water for 30 min. Boil the rice in lots of " \
                "water with the salt for 6 min, drain. Melt the butter in a pot, pile the rice in, wrap " \
                "the lid in a towel, 8 min on medium then 35 min on very low.")
    expect(dish["method"]).to eq("boil-and-drain")
    expect(step(dish, "soak").values_at("kind", "minutes")).to eq(["soak", 30.0])
  end

  describe "a list in the words of its parts" do
    it "goes in by 'everything listed for it', and its rice is par-boiled in water of its own" do
      dish = described_class.new(<<~TEXT).dish
        Layered chicken rice for six

        For the chicken: 1 kg chicken, 250 g yoghurt, 1 tsp turmeric, 2 tsp salt
        For the rice: 500 g basmati, 3 l water, 3 tbsp salt, 4 cloves
        4 onions
        150 ml oil

        Marinate the chicken with everything listed for it, 4 hours.
        Deep fry the onions in the oil, about 20 minutes, drain on paper.
        Mix half of the fried onions into the chicken and spread in the bottom of a heavy pot.
        Soak the rice 30 minutes. Bring the water to a rolling boil with the salt and cloves, add the rice,
        cook 5 minutes, till it is 70% done. Drain.
        Layer the rice over the raw chicken. Seal with dough. 10 minutes on high, then 35 on the lowest heat.
      TEXT
      expect(foods(dish, "Marinate")).to eq(%w[chicken yoghurt turmeric salt])
      expect(step(dish, "spread")["from"]).to eq([{ "vessel" => "bowl" }])
      expect(done(dish, "add the rice")).to eq(["par-boil", "boiling-pot", 5.0])
      expect(dish["steps"].last.values_at("kind", "minutes", "heat")).to eq(["low", 35.0, "low"])
      expect(dish["method"]).to eq("sealed-raw-base")
    end

    it "is said once, also with an amount in brackets, and a liquor that was kept is poured" do
      dish = described_class.new(<<~TEXT).dish
        Rice with mussels for 8

        600 g bomba rice
        1 kg mussels
        500 g prawns
        1.8 l fish stock
        150 ml white wine
        100 ml oil

        Open the mussels in the wine in a covered pan, 4 minutes. Keep the liquor, shell half of them.
        Big pan, oil, medium heat. Prawns a minute a side, out. Rice in, stir 2 min. Stock and the mussel liquor.
        10 min lively, then 8 min gently. Prawns and mussels on top for the last 4 minutes.
        Turn the heat up for a minute at the end. Almonds (100 g) and raisins (80 g): fry separately, 3 min.
      TEXT
      expect(dish["lines"].map { |line| line["food"] }.tally.values.uniq).to eq([1])
      expect(step(dish, "out.")["kind"]).to eq("take-out")
      expect(froms(dish, "Stock and")).to eq(["covered-pan"])
      expect(froms(dish, "on top")).to contain_exactly("board", "plate")
      expect(step(dish, "heat up").values_at("kind", "minutes")).to eq(["low", 1.0])
    end
  end

  describe "the rice" do
    it "is told at the front with its kind behind it" do
      dish = described_class.new("Claypot rice for two\n\nRice 1.5 cups (jasmine). Soak half an hour, " \
                                 "drain, into the pot with 1.5 cups water. Lid on, medium heat till it " \
                                 "boils. Lid, lowest heat, 12 min. Crack an egg in the middle, lid, off, " \
                                 "5 mins.").dish
      expect(dish["grain"]).to eq("jasmine")
      expect(step(dish, "into the pot")["kind"]).to eq("fill")
      expect(dish["steps"].last.values_at("kind", "minutes")).to eq(["rest", 5.0])
    end

    it "goes into its cooker with all there is" do
      dish = described_class.new("Coconut rice for six\n\nRice: 3 cups jasmine, washed. 1 can coconut " \
                                 "milk (400 ml), 1 tsp salt. All in the rice cooker. Relish: 15 dried " \
                                 "chillies soaked in hot water 20 min, drained. Blend with 6 shallots. " \
                                 "Fry the paste in 1/2 cup oil, 20 minutes.").dish
      own = dish["vessels"].find { |one| one["rice"] }
      expect(own["kind"]).to eq("cooker")
      expect(step(dish, "washed")["kind"]).to eq("rinse")
      expect(dish["lines"].count { |line| line["food"].include?("coconut") }).to eq(1)
      expect(froms(dish, "Blend with")).to eq(["soaking-bowl"])
    end

    it "takes the stock that stands hot, a ladle at a time" do
      dish = described_class.new("Leek rice for three\n\nA litre of veg stock kept hot on the back " \
                                 "burner. Two leeks, sliced, sweated in 40g butter in a wide pan for 10 " \
                                 "minutes. 250g carnaroli in, stir it about for two minutes. Then the " \
                                 "stock a ladle at a time, stirring, about 17 minutes. Loosen with a bit " \
                                 "more stock.").dish
      expect(dish["lines"].map do |line|
        line["food"]
      end).to eq(["vegetable stock", "leeks", "butter", "carnaroli rice"])
      expect(froms(dish, "a ladle")).to eq(["pot"])
    end
  end
end
