# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Texts of cooks who write no more than they must.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  def line(text)
    described_class.new("Some rice\n200 g rice\n#{text}\n\nBoil the rice.").dish["lines"].last
  end

  describe "a list" do
    it "stands behind for how many, has what is done to its things, and amounts that the method says" do
      dish = described_class.new("Rice\nServes 6. 500 g basmati, 300 g beans cut short, 2 onions sliced " \
                                 "thin, 1 tin chopped tomatoes, salt.\n\nFry the onions. Boil the rice " \
                                 "with 1 tsp salt and 1/2 tsp of salt.").dish
      expect(dish["lines"].map { |one| one.values_at("food", "note", "g") })
        .to match([["basmati rice", nil, 500.0], ["beans", "cut short", 300.0],
                   ["onions", "sliced thin", 240.0], [include("tomatoes"), nil, 400.0],
                   ["salt", nil, be_within(0.5).of(9)]])
      expect(dish["asked"].map { |one| one["field"] }).not_to include("g")
    end

    it "gives a part of what lies elsewhere, and the rest of it later" do
      dish = read("300 g rice\n3 onions\n2 tbsp ghee",
                  "Brown the onions in the ghee in a pan. Boil the rice in a pot. Stir half the onions " \
                  "into it. Scatter the rest of the onions over.")
      pours = dish["steps"].flat_map { |step| step["from"] }
      expect(pours).to eq([{ "vessel" => "pan", "share" => 0.5 }, { "vessel" => "pan" }])
    end

    it "has its amounts behind its things, and parts with a word above them" do
      dish = described_class.new("Supper\n\nFish\n2 mackerel fillets 200g\n\nRice\nBasmati 300 g\n\n" \
                                 "Boil the rice.").dish
      expect(dish.values_at("grain", "rice_g")).to eq(["basmati", 300.0])
      dish = described_class.new("Dal rice\nbrown lentils 1 cup\nRice (short) 3/4 c\nprawns 300g frozen\n\n" \
                                 "Boil all.").dish
      expect(dish["lines"].map do |one|
        one["food"]
      end).to eq(["brown lentils", "short grain rice", "prawns frozen"])
      expect(dish["grain"]).to eq("short-white")
    end

    it "says several things in a row, each with its amount or with one for all" do
      rows = { "1 onion, 1 red pepper, diced" => ["1 onion", "1 red pepper, diced"],
               "1 tsp cumin and a teaspoon of oil" => ["1 tsp cumin", "a teaspoon of oil"],
               "salt and pepper" => %w[salt pepper], "1 onion, sliced thin" => ["1 onion, sliced thin"] }
      rows.each do |row, things|
        lines = described_class.new("Some rice\n200 g rice\n#{row}\n\nBoil the rice.").dish["lines"]
        expect(lines.drop(1).map { |one| one["text"] }).to eq(things)
      end
    end

    it "deals amounts out to several things" do
      weights = lambda do |row|
        lines = described_class.new("Some rice\n200 g rice\n#{row}\n\nBoil the rice.").dish["lines"]
        lines.drop(1).map { |one| one.values_at("text", "food", "g") }
      end
      row = "cumin seed, mustard seed 1 tsp each"
      expect(weights.call(row)).to match([[row, "cumin seed", 2.25], [row, "mustard seed", 3.5]])
      row = "Onion, pepper, celery: 1, 1, 2 sticks"
      expect(weights.call(row)).to match([[row, "Onion", 120.0], [row, "pepper", 150.0],
                                          [row, "celery", 80.0]])
    end

    it "weighs what stands behind a comma, and takes as much as before where it says ditto" do
      expect(line("1 chicken, 1.4 kg, in quarters")["g"]).to eq(1400.0)
      dish = read("200 g rice\npinch white pepper\nfive spice ditto", "Boil the rice.")
      expect(dish["lines"].last["g"]).to be_between(0.05, 0.5)
    end

    it "has cooked rice by what it was when it was raw, and says so" do
      dish = described_class.new("Fried rice\n500 g cold cooked basmati rice\n2 eggs\n\nFry the rice 5 " \
                                 "min.").dish
      expect(dish["rice_g"]).to be_within(1).of(200)
      expect(dish["asked"].map { |one| one["question"] }.join).to include("cooked already: 200 g of raw rice")
    end

    it "says for how many in a bracket, in plates or in lunches, not in bowls of rice" do
      numbers = ["Rice (10)\n\n1 kg rice\n\nBoil it.", "Rice\n6 plates. Clay pot.\n300 g rice\nBoil it.",
                 "Rice\n4 lunches.\n300 g rice\nBoil it.", "Rice\n3 bowls cooked rice\n2 eggs\nFry it."]
      expect(numbers.map { |text| described_class.new(text).dish["serves"] }).to eq([10.0, 6.0, 4.0, nil])
    end
  end

  describe "what is done" do
    it "is told in single words: out, back, off" do
      dish = read("#{rice}\n400 g sausage",
                  "Slice sausage. Brown. Out.\nOnions in the fat, 5 min.\nSausage back. Rice. Stock. " \
                  "Boil.\n" \
                  "Lid, lowest, 20.\nOff. 5. Fork.")
      expect(kinds(dish)).to eq(%w[cut fry take-out fry put-back fill lay-in boil low rest fluff])
      expect(step(dish, "Lid")["minutes"]).to eq(20.0)
      expect(step(dish, "Off")["minutes"]).to eq(5.0)
    end

    it "fries what goes in fat, and mixes what stands between plus signs" do
      dish = read("#{rice}\n1 tin tuna\n2 tbsp mayonnaise",
                  "Onions in the oil, med heat, 20 min.\nRice in, stock, boil. Lid on, low, 15 " \
                  "min.\nOff 10 min.\n" \
                  "Tuna + mayo.")
      expect(steps(dish).first.first(2)).to eq(["fry", 20.0])
      expect(steps(dish).last).to eq(["mix", nil, "bowl", "after"])
      expect(taken_at(dish, "Tuna")).to eq(%w[tuna mayonnaise])
    end

    it "goes on beside the rice in the pan that was named" do
      dish = read("400 g sticky rice\n4 shallots\n2 tbsp lard\n2 sausages",
                  "rice drained, into steamer on cloth, 25 min\nwok: lard, shallots slow til brown. then " \
                  "sausage, 3-4 min.\nrice in the wok, toss, toss, toss\nback in the steamer 10 mins")
      expect(steps(dish)).to eq([["drain", nil, "rice-bowl", "before"], ["steam", 25.0, "steamer", "in"],
                                 ["fry", nil, "wok", "with"], ["fry", 3.5, "wok", "with"],
                                 ["mix", nil, "wok", "with"], ["steam", 10.0, "steamer", "with"]])
    end

    it "pours a whole vessel, bakes by a heat and a time, and finds a dish by its size" do
      dish = read("#{rice}\n1 chicken, 1.4 kg",
                  "Chicken on a tray, brush with oil, 220 °C for 20 minutes.\nBrown the onions in a " \
                  "skillet & get " \
                  "them out on a plate.\nStock in the skillet, boil.\nRice in the 9x13 first, then pour " \
                  "the " \
                  "skillet over it.\nFoil. 45 min.")
      expect(step(dish, "brush").values_at("kind", "minutes")).to eq(["bake", 20.0])
      expect(step(dish, "get them out")["kind"]).to eq("take-out")
      expect(step(dish, "pour the skillet")["from"].map { |pour| pour["vessel"] }).to eq(["skillet"])
      expect(dish["vessels"].find { |one| one["rice"] }["kind"]).to eq("oven-dish")
    end

    it "soaks what stands in its pot before it is heated, and is over where only strewing follows" do
      dish = read("300 g rice\n400 ml water\n2 scallions",
                  "Rice into the pot with the water, stand 30 min. Lid on, bring to the boil, 11 min on " \
                  "low.\nScallions.")
      expect(steps(dish)[1]).to eq(["soak", 30.0, "pot", "with"])
      expect(steps(dish).last).to eq(["sprinkle", nil, "pot", "after"])
    end

    it "takes no days of keeping for minutes, and no amount for a share" do
      dish = read(rice, "Fry the onions in half a cup of oil.\nRice, stock, boil, lid on, low " \
                        "15.\nCool, fridge " \
                        "within the hour; 3 days at most.")
      expect(dish["steps"].filter_map { |one| one["minutes"] }).to eq([15.0])
    end

    it "takes all of what a sentence measures itself: half a cup is no half" do
      dish = read("200 g rice", "Fry 2 onions in half a cup of olive oil, then boil the rice.")
      expect(step(dish, "Fry")["takes"].map { |take| take["share"] }).to eq([1.0, 1.0])
    end

    it "has for a sauce what is listed under its name" do
      dish = read("#{rice}\n\nsauce: 2 tbsp soy sauce, 1 tbsp rice vinegar, 1 tsp sugar",
                  "Rice, stock, boil, lid on, low 15.\nMix the sauce.")
      expect(taken_at(dish, "Mix")).to eq(["soy sauce", "rice vinegar", "sugar"])
    end

    it "lays what comes late on the rice at its minute" do
      dish = read("#{rice}\n300 g prawns", "Rice, stock, boil. Lid, lowest, 20.\nPrawns on top, lid, 5.")
      expect(step(dish, "Prawns").values_at("kind", "minutes", "at_min")).to eq(["low", 5.0, 20.0])
    end
  end

  describe "what the method alone names" do
    it "is a line without an amount, unless it is known or what it looks like" do
      dish = read(rice, "Fry the onions to a jam. Rice in, stock, low 15 minutes. Fish on top. Parsley " \
                        "over, lemon " \
                        "wedges and yogurt at the table, the onions too.")
      foods = dish["lines"].drop(4).map { |one| one["food"] }
      expect(foods).to eq(["Fish", "Parsley", "lemon wedges", "yogurt"])
    end

    it "is taken apart where it is only taken" do
      dish = read("200 g rice", "Take three pounds of the breast of veal, cut it in pieces and simmer " \
                                "it in two " \
                                "quarts of water for an hour.")
      expect(dish["lines"].map { |one| one["food"] }).to eq(["rice", "breast of veal", "water"])
      expect(dish["steps"].map { |one| one["kind"] }).to eq(%w[cut simmer])
    end
  end

  describe "what lies where" do
    it "shapes mince into balls that are fried, and finds no further meat" do
      dish = read("500 g minced lamb\n1 egg\n60 g butter\n300 g rice\n450 ml stock",
                  "Knead the mince with the egg. Shape walnut-sized balls. Chill for half an hour. " \
                  "Brown the meatballs in the butter in a pan, 8 minutes. Boil the rice in the stock, " \
                  "low 15 minutes.")
      expect(dish["lines"].size).to eq(5)
      expect(steps(dish).first(3).map { |one| one.values_at(0, 2) })
        .to eq([%w[mix bowl], %w[shape bowl], %w[chill bowl]])
      expect(step(dish, "Brown")["from"]).to eq([{ "vessel" => "bowl" }])
    end

    it "pours so much of a broth that was kept, and takes no scented water for one" do
      dish = read("1 chicken 1.6 kg\n400 g jasmine\n2 tbsp oil\n1/2 tsp saffron",
                  "Simmer the chicken in a big pot with water, 40 min. Keep the broth.\nOil in rice " \
                  "pot. Rice in. 520 ml broth. Low 12.\nMix some rice with the saffron water.")
      expect(dish["lines"].map { |one| one["g"] }.first).to eq(1600.0)
      expect(dish["lines"].size).to eq(4)
      expect(step(dish, "520")["from"]).to eq([{ "vessel" => "big-pot", "as" => "needed", "g" => 520.0 }])
      expect(step(dish, "saffron")["from"]).to eq([])
    end

    it "turns a dish out once, lays in what stands behind a comma, and oils a pot that is meant" do
      dish = read("2 aubergines\n1 cauliflower\n500 g rice\n750 ml stock",
                  "Fry the aubergines in a pan. Oil a heavy pot. Arrange the aubergine over the base, " \
                  "then the cauliflower. Tip in the rice, then the stock. Boil, cover, low 25 minutes. " \
                  "Rest 20 minutes. Put a big platter over the pot, and turn it over in one movement.")
      expect(dish["method"]).to eq("turned-out")
      expect(kinds(dish).last(2)).to eq(%w[rest turn-out])
      expect(step(dish, "cauliflower").values_at("kind", "vessel")).to eq(%w[lay-in heavy-pot])
    end

    it "boils what joins the rice in its water, throws water away, and seals before it stands low" do
      dish = read("300 g rice\n200 g beans\n60 g ghee",
                  "Boil the rice in plenty of water for 5 minutes. Add the beans and boil 2 minutes " \
                  "more. Drain. Heat the ghee in a heavy pot, rice in, seal with foil; very low for 20 " \
                  "min. Leave 10.")
      expect(steps(dish)[1].first(3)).to eq(["par-boil", 2.0, "boiling-pot"])
      expect(steps(dish).last(3).map { |one| one.first(2) })
        .to eq([["seal", nil], ["low", 20.0], ["rest", 10.0]])
    end
  end

  it "leaves the milk in its pot, peels what was boiled, and tells a further pot from the big one" do
    dish = described_class.new("Haddock rice\nhaddock, smoked 600g\nbasmati 500 g\nbutter 60g\neggs 4\n" \
                               "milk 300 ml\n\n" \
                               "poach the haddock in the milk 8 min, lift out, flake, keep the milk\n" \
                               "boil the eggs 9 min in another pot, peel, quarter\n" \
                               "rice in the butter in the big pot, boil, low 13\noff 8 min\n" \
                               "haddock, eggs, 100 ml of the milk through the rice").dish
    expect(dish["lines"].map { |one| one["ingredient"] }).to eq(%w[smoked-fish basmati butter egg milk])
    expect(step(dish, "flake").values_at("vessel", "from")).to eq(["plate", []])
    expect(step(dish, "peel")["from"]).to eq([{ "vessel" => "another-pot" }])
    expect(step(dish, "through").values_at("vessel", "rice")).to eq(%w[big-pot after])
    expect(step(dish, "through")["from"].map { |pour| pour["vessel"] }).to include("pot", "board")
  end

  it "asks first what could hurt, then what changes the water, then minutes, then the rest" do
    dish = described_class.new("Rice\n2 chicken legs\na handful of mint\na glass of stock\n1 wobbleroot\n\n" \
                               "Simmer the legs. Boil the rice in the stock.").dish
    firsts = dish["asked"].map { |one| one["field"] == "minutes" ? "minutes" : one["of"] }
    names = dish["lines"].to_h { |one| [one["id"], one["food"]] }
    expect(firsts.map { |one| names.fetch(one, one) })
      .to eq(["chicken legs", "wobbleroot", "wobbleroot", "grain", "method", "stock", "minutes", "serves",
              "mint", "mint"])
  end
end
