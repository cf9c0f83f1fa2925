# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Turns of speech of a home kitchen, each of which was once read as something else.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

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
                  "Brown the chicken in the oil in a wide pan. Pour away all but 2 tbsp of the fat. Add " \
                  "the " \
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
      expect(taken_at(dish, "Quarter")).to eq(["quinces"])
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
      expect(taken_at(dish,
                      "Onion and peppers")).to contain_exactly("red pepper", "green pepper", "onion",
                                                               "sunflower oil")
        .or contain_exactly("red pepper", "green pepper", "onion")
      expect(taken_at(dish, "Sprinkle")).to include("sesame oil")
    end

    it "is there once more where another one is named, and where nobody says how much" do
      dish = told("Dal rice for two\n\nHalf a cup of rice, half a cup of split moong. " \
                  "Wash them together till the water is clear and soak 20 mins. In a pot: " \
                  "a spoon of ghee, half a tsp of cumin seeds till they crackle, a bit of " \
                  "grated ginger, a pinch of turmeric. Then rice and dal, 3 cups of " \
                  "water, boil, cover, low 20 min. Another spoon of ghee on top.")
      expect(dish["lines"].map { |line| line["food"] })
        .to eq(["rice", "split moong", "ghee", "cumin seeds", "turmeric", "water", "ghee", "grated ginger"])
      expect(taken_at(dish, "rice and dal")).to include("rice", "split moong")
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

  describe "an oven" do
    it "has its pot carried to it and taken out, and minutes without foil at their end" do
      dish = read("500 g lamb shoulder\n400 g basmati\n1 onion\n2 tbsp oil\n750 ml stock",
                  "Preheat oven 160 °C. Heat the oil in a casserole, brown the lamb. Add the onion, cook " \
                  "8 minutes. " \
                  "Add 500 ml of the stock, cover, transfer to oven for 1 hour. Take casserole out, stir " \
                  "in the " \
                  "rice and the remaining stock. Cover with foil, back into oven 25 minutes. Foil off " \
                  "for the last 10.")
      expect(done(dish, "transfer to oven")).to eq(["bake", "casserole", 60.0])
      expect(dish["not_read"]).to eq(["Take casserole out"])
      expect(step(dish, "Foil off").values_at("kind", "lid", "at_min")).to eq(["lay-in", "none", 15.0])
    end
  end

  it "hears that rice cooks on, is rinsed before, and rests off heat" do
    dish = read(rice, "Fry the onions in the oil in a wide pan. Stir in the rice, rinsed. Pour on the " \
                      "stock, bring to " \
                      "the boil and cook slowly, lid tilted, 20 min till the water is gone. Cover, take " \
                      "off heat, 5 mins.")
    expect(kinds(dish)).not_to include("rinse")
    expect(step(dish, "cook slowly")["kind"]).to eq("low")
    expect(dish["steps"].last.values_at("kind", "minutes")).to eq(["rest", 5.0])
  end

  it "warms a dressing of a label, and cuts it into the rice" do
    dish = told("Bowl for three\n\n300 g sushi rice\n330 ml water\n\nCook the rice in the " \
                "water, 12 min " \
                "low, 10 min off. Dressing: 3 tbsp rice vinegar + 1.5 tbsp sugar + 1 tsp " \
                "salt, warm " \
                "until dissolved. Cut it into the hot rice.")
    expect(dish["lines"].map { |line| line["food"] }).to include("rice vinegar", "sugar", "salt")
    expect(taken_at(dish, "warm until")).to contain_exactly("rice vinegar", "sugar", "salt")
    expect([step(dish, "Cut it")["kind"], froms(dish, "Cut it")]).to eq(["fold", ["frying-pan"]])
  end

  it "fills what is stood in the oven, mixed with what was boiled before" do
    dish = told("stuffed peppers\n\n6 big red peppers\n250g beef mince\n120 g rice\n700 g " \
                "passata\n\n" \
                "cut the tops off the peppers and pull out the seeds. half cook the rice " \
                "in boiling " \
                "water 8 min, drain, cool a bit. mix w mince. fill the peppers. stand " \
                "them in a deep " \
                "dish, passata round, foil, oven 180 for 1 hr 10, foil off last 15. leave " \
                "10 mins.")
    expect(step(dish, "pull out")["kind"]).to eq("cut")
    expect(froms(dish, "mix w")).to eq(["boiling-pot"])
    expect(done(dish, "stand them")).to eq(["bake", "deep-dish", 70.0])
    expect(dish["vessels"].find { |one| one["rice"] }["key"]).to eq("deep-dish")
  end

  it "reads a list of one row between bullets" do
    dish = read("2 tbsp oil • 150g chorizo, sliced • 300g paella rice • 800ml chicken stock",
                "Fry the chorizo in the oil. Tip in the rice, then the stock.")
    expect(dish["lines"].map { |line| line["food"] }).to eq(["oil", "chorizo", "paella rice", "chicken " \
                                                                                              "stock"])
  end
end
