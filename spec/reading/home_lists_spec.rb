# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Lists, rice and ends of dishes in the words of a home kitchen.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  describe "a list in the words of its parts" do
    it "goes in by 'everything listed for it', and its rice is par-boiled in water of its own" do
      dish = told(<<~TEXT)
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
      expect(taken_at(dish, "Marinate")).to eq(%w[chicken yoghurt turmeric salt])
      expect(step(dish, "spread")["from"]).to eq([{ "vessel" => "bowl" }])
      expect(done(dish, "add the rice")).to eq(["par-boil", "boiling-pot", 5.0])
      expect(dish["steps"].last.values_at("kind", "minutes", "heat")).to eq(["low", 35.0, "low"])
      expect(dish["method"]).to eq("sealed-raw-base")
    end

    it "is said once, also with an amount in brackets, and a liquor that was kept is poured" do
      dish = told(<<~TEXT)
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
      dish = told("Claypot rice for two\n\nRice 1.5 cups (jasmine). Soak half an hour, " \
                  "drain, into the pot with 1.5 cups water. Lid on, medium heat till it " \
                  "boils. Lid, lowest heat, 12 min. Crack an egg in the middle, lid, off, " \
                  "5 mins.")
      expect(dish["grain"]).to eq("jasmine")
      expect(step(dish, "into the pot")["kind"]).to eq("fill")
      expect(dish["steps"].last.values_at("kind", "minutes")).to eq(["rest", 5.0])
    end

    it "goes into its cooker with all there is" do
      dish = told("Coconut rice for six\n\nRice: 3 cups jasmine, washed. 1 can coconut " \
                  "milk (400 ml), 1 tsp salt. All in the rice cooker. Relish: 15 dried " \
                  "chillies soaked in hot water 20 min, drained. Blend with 6 shallots. " \
                  "Fry the paste in 1/2 cup oil, 20 minutes.")
      own = dish["vessels"].find { |one| one["rice"] }
      expect(own["kind"]).to eq("cooker")
      expect(step(dish, "washed")["kind"]).to eq("rinse")
      expect(dish["lines"].count { |line| line["food"].include?("coconut") }).to eq(1)
      expect(froms(dish, "Blend with")).to eq(["soaking-bowl"])
    end

    it "takes the stock that stands hot, a ladle at a time" do
      dish = told("Leek rice for three\n\nA litre of veg stock kept hot on the back " \
                  "burner. Two leeks, sliced, sweated in 40g butter in a wide pan for 10 " \
                  "minutes. 250g carnaroli in, stir it about for two minutes. Then the " \
                  "stock a ladle at a time, stirring, about 17 minutes. Loosen with a bit " \
                  "more stock.")
      expect(dish["lines"].map do |line|
        line["food"]
      end).to eq(["vegetable stock", "leeks", "butter", "carnaroli rice"])
      expect(froms(dish, "a ladle")).to eq(["pot"])
    end
  end

  describe "what is told at the end" do
    it "is no layer of rice, and counts its minutes" do
      dish = read("320 g long grain rice\n1 chicken about 1.8 kg\n700 ml hot stock\n2 lemons",
                  "Oven on at 200C. Put the chicken in a deep roasting tin and roast 45 minutes. Lift the " \
                  "chicken out onto a plate, stir the rice into the juices, pour in the stock, set the " \
                  "bird " \
                  "back on top. Cover tightly with foil and give it another 35 minutes. Take the foil " \
                  "off for " \
                  "the last 10 to crisp the skin again. Rest it 15 minutes. Squeeze a lemon over the rice.")
      expect(step(dish, "for the last 10").values_at("kind", "lid", "at_min")).to eq(["lay-in", "none", 25.0])
      expect(step(dish, "Rest it")["rice"]).to eq("rest")
      expect(step(dish, "Squeeze")["kind"]).to eq("sprinkle")
    end

    it "rests without peeking" do
      dish = read(rice, cooked("Cover, low 12 mins, off 8 without peeking."))
      expect(dish["steps"].last.values_at("kind", "minutes")).to eq(["rest", 8.0])
    end

    it "is warmed by itself while rice cooks" do
      dish = read("250 g black glutinous rice\n1.2 l water\n250 ml coconut cream",
                  "Put the rice in a pot with the water, bring to the boil, cover and simmer for 50 " \
                  "minutes. " \
                  "Warm the coconut cream. Spoon it over the rice.")
      expect(step(dish, "Warm")["vessel"]).to eq("frying-pan")
      expect(step(dish, "Spoon it")["kind"]).to eq("sprinkle")
    end
  end

  describe "a list" do
    it "of one sentence has decimals, things said of all, and amounts behind a bare name" do
      dish = told("Porridge for four\n\n1 rice cup of jasmine, 2.2 litres of water, 250 g " \
                  "pork " \
                  "mince, 1 small onion, 2 garlic cloves, all chopped fine, " \
                  "salt.\n\nRinse the rice. " \
                  "Bring the water to a boil in a big pot, rice in, simmer for an hour.")
      expect(dish["lines"].map { |line| line["food"] })
        .to eq(["jasmine rice", "water", "pork mince", "small onion", "garlic cloves", "salt"])
      dish = read("300 g rice\n450 ml stock\ncurry leaves a sprig\nsaffron - a pinch\n4 eggs to fry",
                  "Boil the rice in the stock, add the curry leaves and saffron, fry stirring for 5 min.")
      expect(dish["lines"].map { |line| line["food"] }).to include("curry leaves", "saffron", "eggs")
      expect(taken_at(dish, "fry stirring")).not_to include("eggs")
    end

    it "has oil to fry in beside oil that seasons, and no omelette beside its eggs" do
      dish = read("300 g rice\n450 ml stock\n1 tsp sesame oil",
                  "Toss the rice with a teaspoon of oil. Boil the rice in the stock. 4 eggs - beat, make " \
                  "a thin " \
                  "omelette, cut in strips. Drizzle with half of the sesame oil.")
      expect(dish["lines"].map { |line| line["food"] }).to eq(["rice", "stock", "sesame oil", "oil", "eggs"])
    end

    it "goes by the name in brackets where only that is known, for its allergens" do
      line = read("300 g rice\n3 tbsp salsa inglesa (worcestershire)", "Boil the rice.")["lines"].last
      expect(line.values_at("food", "ingredient")).to eq(["salsa inglesa", "worcester-sauce"])
      expect(line["allergens"]).to include("fish")
    end
  end

  describe "what would harm somebody" do
    it "is read beside what it is named with, and after a good spoonful" do
      dish = read("450 g smoked haddock\n570 ml milk and water, half and half\n300 g basmati\n60 ml hot oil",
                  "Poach the fish in the milk and water. Cook the rice. Rub the fish with sesame oil. " \
                  "Stir in a " \
                  "good spoonful of creme fraiche.")
      expect(dish["lines"].map { |line| line.values_at("food", "allergens") })
        .to include(["milk", ["milk"]], ["creme fraiche", ["milk"]], ["sesame oil", ["sesame"]])
    end
  end

  describe "a broth" do
    it "stays in its pot while something is fried, and goes in by what was done in it" do
      dish = read("1.6 kg chicken\n2.5 l water\n3 cups jasmine rice\n4 cloves garlic\n2 tbsp chicken fat",
                  "Bring the water to a boil in a big pot, put the chicken in, cover and poach 40 " \
                  "minutes. Turn " \
                  "off, leave in the pot 20 minutes more. Lift the chicken out. Wash the rice. Fry the " \
                  "garlic in " \
                  "the chicken fat 2 minutes, add the rice, stir 2 minutes. Tip into the rice cooker " \
                  "with 3 1/4 " \
                  "cups of the broth. Cook.")
      expect(step(dish, "Turn off")["kind"]).to eq("rest")
      expect(done(dish, "Fry the garlic").first(2)).to eq(%w[fry frying-pan])
      expect(dish["vessels"].find { |one| one["rice"] }["kind"]).to eq("cooker")
      dish = read("450 g smoked haddock\n600 ml milk\n300 g basmati\n1 onion\n50 g butter",
                  "Poach the fish in the milk in a wide pan. Lift it out, flake it, keep the liquid. In " \
                  "another pan " \
                  "soften the onion in the butter. Add the rice, then 500 ml of the poaching liquid. " \
                  "Bring to the " \
                  "boil, cover and cook 12 minutes.")
      expect(froms(dish, "poaching liquid")).to eq(["wide-pan"])
    end
  end

  it "fills leaves with rice that cooled in its pan, and a paste that was listed" do
    dish = read("300 g jasmine rice\n400 ml coconut milk\n250 g minced chicken\n" \
                "1 stalk lemongrass, 2 shallots, 1 chilli - pounded to a paste\n1 tbsp oil\n10 banana leaves",
                "Simmer the rice with the coconut milk in a wide pan, about 10 min. Cool. Fry the paste " \
                "in the " \
                "oil 3 min, add the chicken and fry 6 min more. Cool. Put 2 tbsp rice on each leaf, " \
                "press a dent, " \
                "a spoon of filling, roll. Steam for 25 minutes.")
    expect(taken_at(dish, "Fry the paste")).to contain_exactly("lemongrass", "shallots", "chilli", "oil")
    expect(step(dish, "Fry the paste")["vessel"]).to eq("frying-pan")
    expect(step(dish, "on each leaf")["kind"]).to eq("wrap")
    expect(froms(dish, "on each leaf")).to contain_exactly("wide-pan", "frying-pan")
  end

  it "reads casseroles with stout, and seasons by two letters" do
    dish = read("500g stewing beef\n2 onions\n300ml stout\n700ml beef stock\n250g long grain\noil, s&p",
                "Brown the beef in hot oil, casserole, 10 mins. Remove. Onions 8 mins. Beef back with " \
                "stout and 300ml " \
                "stock. Lid, 150C, 2 hrs. Stir in rice and rest of stock. Lid back on, 180C, 25 mins. Sit 5.")
    expect(dish["lines"].map { |line| line["food"] }).to include("stout", "salt", "pepper")
    expect(done(dish, "2 hrs")).to eq(["bake", "casserole", 120.0])
    expect(dish["steps"].last.values_at("kind", "minutes")).to eq(["rest", 5.0])
  end

  it "fries what was sliced before, and rinses rice that goes in with salt" do
    dish = read("1 cup brown lentils\n1 cup brown basmati\n4 onions\n80 ml olive oil\n1 tsp salt\n5 cups " \
                "water",
                "Slice onions thin. Fry in oil in a heavy pot 25 minutes. Lift half out onto paper. Add " \
                "the lentils and " \
                "water, simmer 15 min. Rinse rice, add with salt. Cover, low, 35 minutes. Off for 10 " \
                "without lifting " \
                "the lid. Onions on top.")
    expect(froms(dish, "Fry in oil")).to eq(["board"])
    expect(step(dish, "add with salt")["kind"]).to eq("fill")
    expect(step(dish, "Off for 10").values_at("kind", "minutes")).to eq(["rest", 10.0])
    expect(froms(dish, "Onions on top")).to include("plate")
  end

  it "melts a walnut of butter in its saucepan, and takes the pan off the heat" do
    dish = told("Rice for two\n\nIn a wide saucepan melt a walnut of butter and let a " \
                "chopped shallot soften " \
                "for five minutes. Add 160 g of carnaroli and 500 ml stock, cover, low, " \
                "15 minutes. Take " \
                "the pan off the heat, leave it for two minutes.")
    expect(dish["lines"].map { |line| line["food"] }).to include("butter", "chopped shallot")
    expect(kinds(dish)).not_to include("take-out")
  end
end
