# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/request/dish_request"
require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# What single sentences say, each by the ways in which cooks put it.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  def foods(dish, kind)
    taken(dish, dish["steps"].find { |step| step["kind"] == kind })
  end

  def given(dish, kind)
    dish["steps"].find { |step| step["kind"] == kind }["from"].map { |pour| pour["vessel"] }
  end

  def line(text)
    described_class.new("Some rice\n200 g rice\n#{text}\n\nBoil the rice.").dish["lines"].last
  end

  describe "vessels that nobody names twice" do
    it "fries in a pan what is put aside before the rice goes into the pot" do
      dish = read("200 g rice\n400 ml water\n2 onions\n2 tbsp oil",
                  "Brown the onions in the oil, 12 minutes. Set it aside. Wash the rice. It " \
                  "goes in the pot with the water. Bring to the boil, cover, low for 12 " \
                  "minutes.")
      expect(steps(dish).first).to eq(["fry", 12.0, "frying-pan", "before"])
      expect(dish["vessels"].find { |vessel| vessel["rice"] }["key"]).to eq("pot")
      expect(dish["method"]).to eq("covered-pot")
    end

    it "makes a dish that is buttered the rice's, and puts rice to what was mixed in a bowl" do
      dish = read("300 g rice\n2 yolks\n100 g yoghurt\n20 g butter\n300 g spinach\n1 onion\n1 tbsp oil",
                  "Boil the rice 6 min in salted water. Drain. Onion in the oil till gold, " \
                  "spinach on it till it is dry. Beat the yolks with the yoghurt. Half the rice " \
                  "into this. Butter a tin. Yellow rice in, then the spinach, then the white " \
                  "rice. Foil. 190C 50 min. Turn out.")
      expect(dish["vessels"].first.values_at("key", "rice")).to eq(["tin", true])
      # The rice joins the yolks before it goes into its tin.
      expect(steps(dish)).to include(["mix", nil, "bowl", "before"], ["seal", nil, "tin", "with"])
      fried = dish["steps"].select { |step| step["kind"] == "fry" }.map { |step| step["vessel"] }
      expect(fried).to all(eq("pot"))
    end

    it "goes on in the pan of the same sentence, and tempers spices in another while the rice is done" do
      dish = read("200 g rice\n600 ml water\n300 g gourd\n200 ml buttermilk\n1 tbsp oil\n" \
                  "1 tsp mustard seeds\n1 sprig curry leaves",
                  "Boil the rice in the water, covered, 15 minutes. Meanwhile simmer the gourd " \
                  "in a pan 10 minutes. Buttermilk into the gourd; heat till it froths. Rest " \
                  "the rice 5 minutes. Fry the mustard in the oil, then the curry leaves. Pour " \
                  "over the gourd.")
      hot = dish["steps"].find { |step| step["until"] == "it froths" }
      expect(hot["vessel"]).to eq("pan")
      fried = dish["steps"].select { |step| step["kind"] == "fry" }
      expect(fried.map { |step| step["vessel"] }.uniq.size).to eq(1)
      expect(fried.first["vessel"]).not_to eq("pot")
      expect(fried.flat_map { |step| step["takes"] }.size).to eq(3)
    end

    it "boils rice in the water that was brought to the boil for it, and knows a pot by the water in it" do
      dish = read("300 g basmati\n100 g peas\n30 g butter",
                  "Bring 3 litres of salted water to the boil in a large pan. Drain the rice, " \
                  "add it and boil for 6 minutes. Add the peas for the last 2 minutes. Drain. " \
                  "Melt the butter in a wide pot, pile in the rice, lid on, lowest heat for 30 " \
                  "minutes.")
      expect(steps(dish).find do |kind, *|
        kind == "par-boil"
      end).to eq(["par-boil", 6.0, "large-pan", "before"])
      expect(dish["asked"].map { |one| one["question"] }.grep(/How many minutes/)).to eq([])
    end
  end

  describe "moments" do
    it "rests what is folded in before the lid goes back, and what drips when it is out of the water" do
      dish = read("300 g rice\n600 ml water\n100 g spinach",
                  "Put the rice and the water in the pot. Bring to the boil. Cover, low for 15 " \
                  "minutes. Fold the spinach through, lid back, ten minutes off the fire.")
      expect(steps(dish).last(2)).to eq([["fold", nil, "pot", "rest"], ["rest", 10.0, "pot", "rest"]])
    end

    it "does while the rice cooks what is told behind its rest" do
      dish = read("300 g rice\n600 ml water\n1 apple\n2 tbsp cream",
                  "Put the rice and the water in the pot, bring to the boil, low for 15 " \
                  "minutes. 10 minutes off the heat. While it cooks, grate the apple.")
      expect(dish["steps"].last.values_at("kind", "rice")).to eq(%w[cut with])
    end

    it "soaks in a step of its own, and goes on with the rice where no word says so" do
      dish = read("300 g basmati\n450 ml water",
                  "Rinse the rice until the water is clear and leave to soak for 20 minutes. " \
                  "Drain well and tip into your largest saucepan with the measured water. Bring " \
                  "to a boil, cover, cook over the lowest heat for 12 minutes. Remove from the " \
                  "heat and leave, covered, for 10 minutes.")
      expect(steps(dish).map { |step| step.values_at(0, 1) })
        .to eq([["rinse", nil], ["soak", 20.0], ["drain", nil], ["fill", nil], ["boil", nil], ["low", 12.0],
                ["rest", nil], ["rest", 10.0]])
      expect(dish["vessels"].first["key"]).to eq("largest-saucepan")
    end

    it "boils what is poured over where the next sentence says that it boils" do
      dish = read("300 g rice\n600 ml stock",
                  "Lay the rice in a pot. Pour over the stock. When it boils, cover and cook " \
                  "gently 20 minutes.")
      expect(steps(dish).map(&:first)).to eq(%w[fill boil low])
    end
  end

  describe "in few words" do
    it "keeps to the oven, seals with foil, and rests where something is only said to stand" do
      dish = read("200 g rice\n400 ml stock\n1 onion\n20 g butter\n50 g cheese",
                  "Oven 375F. Fry the onion in the butter in an oven dish. Rice and hot stock in. Foil, " \
                  "crimp it well. 25 min. Foil off, cheese on top, 5 min. Five minutes on the table before " \
                  "anyone breaks it.")
      expect(steps(dish).map { |step| step.values_at(0, 1) })
        .to include(["preheat", nil], ["seal", nil], ["bake", 25.0], ["rest", 5.0])
    end

    it "takes rows without a full stop for what is done, where they stand below the list" do
      dish = read("4 sausages\n1 onion\n2 T oil\n2 cups rice\n3 cups stock",
                  "sausages in coins, brown them in the oil\nonion in, 5 min\nrice, stir, stock. boil, " \
                  "then lid, low, 20\n10 off the heat, fluff")
      expect(dish["lines"].size).to eq(5)
      expect(steps(dish).map { |step| step.values_at(0, 1) })
        .to include(["low", 20.0], ["rest", 10.0], ["fluff", nil])
    end

    it "cooks rice in the water that it soaked in" do
      dish = read("150 g short grain rice\n200 ml water",
                  "Wash the rice. Soak it in the water in the pot for 30 minutes. Bring to the boil, lid " \
                  "on, low 12 minutes.")
      expect(dish["way"]).to eq("drain" => "cooked-in")
      expect(steps(dish)[1]).to eq(["soak", 30.0, "pot", "in"])
    end

    it "soaks rice that stands in its water before it is brought to the boil" do
      dish = read("200 g rice\n240 ml water",
                  "Wash the rice. Into the pot with its water, stand 30 min. Bring " \
                  "to the boil, lid on, low 12 minutes. 10 min off.")
      expect(steps(dish).map(&:first)).to eq(%w[rinse fill soak boil low rest])
    end
  end

  describe "what goes in" do
    it "takes each thing at its own verb where one stands before, and its place behind" do
      dish = read("300 g rice\n200 g peas\n400 ml coconut milk\n300 ml water",
                  "Simmer the peas in a pan 20 minutes. Tip out. Stir the rice into a hot pot. " \
                  "The peas go back, coconut milk, the water, bring to the boil, low for 20 " \
                  "minutes.")
      expect(foods(dish, "boil")).to eq(["coconut milk", "water"])
      expect(foods(dish, "put-back")).to eq([])
    end

    it "means by an animal its meat, not its fat, and by one word the thing that is still there" do
      dish = read("4 chicken thighs\n1 tbsp chicken fat\n200 g rice\n1 whole hot pepper with the stem\n" \
                  "1 tsp black pepper\n500 ml water",
                  "Rub the chicken. Melt the fat in a small pan. Rice and water in the pot with " \
                  "the black pepper, bring to the boil. Lay the pepper on top, low for 15 " \
                  "minutes. Get the pepper out.")
      expect(foods(dish, "mix")).to eq(["chicken thighs"])
      expect(foods(dish, "lay-in")).to eq(["whole hot pepper"])
      expect(dish["steps"].last["kind"]).to eq("take-out")
    end

    it "brings what lies in a pan by its name for it, and wraps on the leaves that are listed" do
      dish = read("8 banana leaves\n300 g rice\n8 olives",
                  "Cook the rice in a pan with 500 ml water 10 minutes. On each leaf a spoon of " \
                  "rice and an olive. Lower them into a big pot of boiling water and simmer 40 " \
                  "minutes.")
      expect(foods(dish, "wrap")).to contain_exactly("banana leaves", "olives")
      expect(given(dish, "wrap")).to eq(["pan"])
    end
  end

  describe "layers" do
    def layers(done)
      dish = read("500 g basmati\n900 g chicken thighs\n300 g onions\n10 g mint",
                  "Simmer the chicken in 1 litre of water 25 minutes and lift it out. Boil the " \
                  "rice in plenty of water for 5 minutes and drain. #{done} Seal with foil, " \
                  "high 5 minutes, low 20 minutes.")
      dish["way"]["layers"]&.map { |layer| layer.values_at("what", "share") }
    end

    it "lays rice and base in the order of the words, by weight, and the usual one without a word" do
      expect(layers("Put half the rice in a heavy pot, lay the chicken over it, then the rest of the rice."))
        .to eq([["rice", 0.5], ["base", 1], ["rice", 0.5]])
      expect(layers("Lay the chicken in a heavy pot, a third of the rice over it, then the onions, then " \
                    "the rest of the rice.")).to eq([["base", 0.75], ["rice", 0.3333], ["base", 0.25],
                                                     ["rice", 0.6667]])
      # Mint is no layer of its own.
      expect(layers("Lay the chicken and the onions in a heavy pot, half the rice over it, the mint, then " \
                    "the rest of the rice.")).to be_nil
    end
  end

  describe "pages and pots" do
    it "knows a page's step heads, a pot of two words, and what is fried for a minute" do
      dish = read("2 tbsp oil\n1 fennel bulb\n2 cloves garlic\n200 g brown rice\n500 ml stock",
                  "Step 1\nHeat the oil in a wide, shallow casserole. Fry the fennel 12 " \
                  "minutes. Stir in the garlic and cook for a further minute.\nStep 2\nTip in " \
                  "the rice, then the stock. Bring to the boil, cover, low for 30 minutes. Fork " \
                  "through the fennel.")
      expect(dish["lines"].size).to eq(5)
      expect(steps(dish).map(&:first)).to eq(%w[fry fry fill lay-in boil low fold])
      expect(dish["vessels"].map { |vessel| vessel["key"] }).to eq(["wide-shallow-casserole"])
    end

    it "takes what is told of a pot for no list, and the oil of the onions for no onion" do
      dish = read("3 onions\n500 ml oil\n1 kg beef\n500 g basmati",
                  "Deep fry the onions in the oil till brown. Scoop them out on paper. In the " \
                  "big pot: 4 tbsp of the onion oil, then the beef, 10 minutes high, then lid " \
                  "on and low for 90 minutes. Wash the rice. Boil in lots of salty water 6 " \
                  "minutes. Drain. Layer on the beef: the rice, the onions.")
      expect(dish["lines"].size).to eq(4)
      expect(given(dish, "layer")).to include("plate")
      expect(steps(dish).find { |kind, *| kind == "par-boil" }&.at(1)).to eq(6.0)
    end

    it "weighs a thing of the method by what stands between brackets behind it" do
      dish = described_class.new("Fish rice\n\nPoach 2 smoked haddock fillets (500 g or so) in 600 ml " \
                                 "milk. " \
                                 "Add 300 g rice, low 15 minutes.").dish
      expect(dish["lines"].map { |one| one["g"].round }).to eq([500, 618, 300])
    end
  end

  describe "lists" do
    it "lists foods between commas, behind a label, and with the amount behind" do
      dish = read("300 g rice\nthyme, curry powder, 2 stock cubes\nseasoning: 30 ml vinegar, 1 tbsp sugar\n" \
                  "adzuki beans 1 cup, salt 1 tsp", "Boil the rice.")
      expect(dish["lines"].map { |one| one["food"] })
        .to eq(["rice", "thyme", "curry powder", "stock cubes", "vinegar", "sugar", "adzuki beans", "salt"])
    end

    it "keeps what is only told of the dish apart: before the list, and in it" do
      dish = described_class.new("Some rice\n\nStart the day before if your beans are dried.\n\n" \
                                 "300 g rice\n200 g beans\n2 onions\n\nBoil the beans 40 " \
                                 "minutes. Boil the rice.").dish
      expect(dish["not_read"]).to eq(["Start the day before if your beans are dried."])
      run = described_class.new("Some rice\n\nYou'll need 1 cup peas, 2 onions, a glug of oil, " \
                                "300 g rice. No salt, the ham is salt enough.\n\nBoil the rice.").dish
      expect(run["lines"].map { |one| one["food"] }).to eq(%w[peas onions oil rice])
    end

    it "reads a list in the method as no list where something is done to it at once" do
      dish = described_class.new("Veal rice\n\nTake a pound and half of veal, cut in pieces the " \
                                 "bigness of a walnut, and set it on with two ounces of butter. " \
                                 "Strew in twelve ounces of rice. It will serve six.").dish
      expect(dish["lines"].map { |one| [one["food"], one["g"].round] })
        .to eq([["veal", 680], ["butter", 57], ["rice", 340]])
      expect(dish["serves"]).to eq(6.0)
    end
  end

  describe "amounts" do
    it "reads sizes, little and few, blades, adjectives, and an amount behind" do
      expect(["butter the size of an egg", "a walnut-sized piece of ginger", "a blade of mace",
              "a good glug of olive oil", "a few sprigs thyme", "dashi up to the line (about 300 ml)",
              "thumb ginger"].map { |text| line(text).values_at("food", "g") })
        .to eq([["butter", 50.0], ["ginger", 20.0], ["mace", 1.0], ["olive oil", 13.8], ["thyme", 3.0],
                ["dashi", 300.0], ["ginger", 15.0]])
      expect(line("a little salt").values_at("food", "g")).to eq(["salt", nil])
    end

    it "tells a teaspoon from a tablespoon by its letter, juice from its fruit, and a mug by its weight" do
      expect(["2 t salt", "2 T oil", "juice of 1 lime", "2 spoons lard", "plantain, 2 ripe",
              "2 mugs beans (500 g ish)"].map { |text| line(text).values_at("food", "g") })
        .to eq([["salt", 12.0], ["oil", 27.6], ["lime juice", 30.0], ["lard", 27.6], ["ripe plantain", 440.0],
                ["beans", 500.0]])
    end

    it "plans a part of a bunch whose weight nobody knows, and says of no line that it is nothing" do
      dish = read("300 g rice\n5 cloves garlic, 4 for the rice 1 for the sauce\n1 bunch mint, leaves only",
                  "Boil the rice in 600 ml water with the garlic, lid on, 15 minutes. Strew with the mint.")
      expect(dish["lines"].map { |one| one["food"] }).to eq(%w[rice garlic mint water])
      request = { "dish" => dish, "assume" => true, "for" => { "guests" => 4 } }
      expect(FondKettle::Formats::DishRequest.new(request).supper.plan.tasks.size).to be > 4
    end

    it "knows a food that is misspelled, and says how it was read" do
      expect(line("4 dried shitakes").values_at("food",
                                                "ingredient")).to eq(["dried shiitakes", "dried-mushroom"])
      dish = described_class.new("Some rice\n200 g basmatti\n2 tomatoes\n\nBoil the rice.").dish
      expect(dish.values_at("grain", "rice_g")).to eq(["basmati", 200.0])
      expect(dish["remarks"]).to eq([{ "of" => "l1", "say" => "“basmatti” is read as basmati." }])
    end

    it "makes no food of a cloth, of what a sauce becomes, or of what was spoken of" do
      dish = read("300 g rice\n4 tomatoes\n2 tbsp fat",
                  "Heat the 2 tbsp of fat, let the tomatoes cook down to a jam, 10 minutes. In " \
                  "goes the rice. Wrap the lid in a tea towel, low for 15 minutes. Loosen with " \
                  "a ladle of broth.")
      expect(dish["lines"].size).to eq(3)
      expect(steps(dish).find { |step| step.last == "in" }.first).to eq("fill")
    end
  end
end
