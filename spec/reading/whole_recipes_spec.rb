# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

RSpec.describe "Recipes as pages and notes have them" do
  include Support::ToldTexts

  it "has what is bone-in or steeped, a piece by its length, and old measures" do
    dish = told("Rice\n500 g basmati\n1.2 kg bone-in chicken pieces\n8 bone-in skin-on chicken thighs\n" \
                "pinch of saffron steeped in 2 tbsp rosewater\na 2cm piece of ginger, grated\na gill of " \
                "cream\n\nBoil the rice.")
    lines = dish["lines"].drop(1).map { |line| line.values_at("ingredient", "g") }
    expect(lines[0]).to eq(["chicken", 1200.0])
    expect(lines[1].first).to eq("chicken")
    expect(lines[2..].map(&:first)).to eq(%w[saffron rose-water ginger cream])
    expect([lines[3].last, lines[5].last]).to eq([30.0, 142.0])
  end

  it "has what is fried or kept in something, and takes the rest of what was begun" do
    dish = told("Rice\n300 g basmati\n600 ml water\n50 g butter\n1 onion\n100 g anchovies in salt\n" \
                "handful of almonds fried in a bit of butter\n30 g raisins soaked in warm water\n\nFry " \
                "the anchovies in half the butter, 2 minutes. Rest of the butter and onion, 15 min till " \
                "brown. Add the rice and the water, cover and cook 12 minutes on low. Almonds on top.")
    keys = dish["lines"].map { |line| line["ingredient"] }
    expect(keys.drop(1)).to eq(%w[water butter onion anchovy almond butter raisin])
    butter = dish["lines"].find { |line| line["text"] == "50 g butter" }["id"]
    expect(step(dish, "till brown")["takes"]).to include("line" => butter, "share" => 0.5)
  end

  it "takes a spice mix by its heading, and a roast beside the rice for no oven pilaf" do
    dish = told("Rice\n\nFor the spice mix\n2 tsp cumin\n1 tsp turmeric\n\nFor the rice\n500 g basmati\n" \
                "1 kg chicken pieces\n900 ml water\npinch of saffron\n\n1. Wash the rice, cover with " \
                "cold water and leave for 30 minutes.\n2. Fry the chicken with the spice mix for 10 " \
                "minutes in a large pot. Add the water and simmer 35 minutes. Lift the chicken onto a " \
                "baking tray.\n3. Add the rice, bring to the boil, cover and cook on the lowest heat for " \
                "18 minutes. Meanwhile roast the chicken at 220C for 15 minutes. Sprinkle the saffron " \
                "over.")
    expect(taken(dish, step(dish, "spice mix"))).to contain_exactly("cumin", "turmeric", "chicken pieces")
    soak = step(dish, "leave for 30")
    expect(soak.values_at("kind", "minutes", "vessel")).to eq(["soak", 30.0, "rice-bowl"])
    expect(dish["method"]).not_to eq("oven-pilaf")
  end

  it "seasons where it cooks, beats into done rice, and leaves it under a lid that is put on" do
    dish = told("Rice\n300 g arborio\n25 g butter\n250 g mushrooms\n50 g parmesan\n1 l stock\n\nBoil the " \
                "rice in the stock for 18 minutes. Fry the mushrooms in a pan for 8 minutes and season " \
                "with salt and pepper. Take the rice off the heat, beat in the butter and the parmesan, " \
                "put the lid on and leave it 3 minutes.")
    expect(taken(dish, step(dish, "season"))).to contain_exactly("salt", "pepper")
    expect(step(dish, "season")["kind"]).to eq("stir")
    expect(step(dish, "beat in")["kind"]).to eq("fold")
    expect(dish["steps"].last.values_at("kind", "minutes", "lid")).to eq(["rest", 3.0, "ordinary"])
  end

  it "gives rice a pot of its own beside lentils, and cooks what was soaked" do
    dish = told("Dal and rice for 4\n200 g toor dal\n250 g basmati\n1 tsp turmeric\n1 tbsp ghee\n1 tsp " \
                "cumin\n\nSoak the dal 30 min. Pressure cook with the turmeric and 700 ml water for 20 " \
                "minutes.\nBoil 500 ml water with salt, add the rice, cover, low 12 min. When it clicks " \
                "wait 10 min.\nHeat the ghee and the cumin till it pops, 1 min.")
    expect(step(dish, "Pressure")["from"]).to eq([{ "vessel" => "soaking-bowl" }])
    expect(step(dish, "Boil 500")["vessel"]).not_to eq(step(dish, "Pressure")["vessel"])
    expect(step(dish, "clicks").values_at("kind", "minutes")).to eq(["rest", 10.0])
  end

  it "has spices with their amount behind them, a minute alone, and a range of eaters by its first" do
    dish = told("Party rice (10-12 people)\n1 kg long grain rice\n1.5 l stock\n\nFry 2 onions in oil. " \
                "Curry powder 2 tsp, thyme 2 tsp, 3 bay leaves. Rice and stock in, boil, lid, lowest " \
                "heat 30 mins. Turn it once at 20.")
    expect(dish["serves"]).to eq(10.0)
    expect(dish["lines"].map { |line| line.values_at("food", "g") })
      .to include(["Curry powder", be_positive], ["thyme", be_positive])
    expect(step(dish, "Turn it")["at_min"]).to eq(20.0)
  end

  it "splits rice between two tins, covers them, and lets them stand out of the oven" do
    dish = told("Baked rice (12)\nOven 190. Put the kettle on. Split 1 kilo of long grain between the " \
                "tins with 600g spinach. Pour over 2.2 litres water. Cover tightly with foil. 35 mins. " \
                "Out, stand 10 mins with the foil on. Fork it and squeeze the lemons.")
    expect(dish["rice_g"]).to eq(1000.0)
    expect(dish["steps"].map { |one| one["kind"] })
      .to eq(%w[preheat fill boil low bake rest fluff sprinkle])
    expect(dish["not_read"]).to include("Put the kettle on.")
  end

  it "takes rows that say what is done with their thing for steps, and 6/7 mins for between the two" do
    dish = told("salmon + leek rice (3)\n\noven 180\n2 leeks sliced, sweat in butter in the big pot, 6/7 " \
                "mins\n1 mug basmati straight in, stir it about\n2 mugs fish stock, boil\n3 salmon " \
                "fillets on top, lid, oven, 20 mins\nlemon, dill")
    expect(dish["lines"].map { |line| line["ingredient"] })
      .to contain_exactly("leek", "basmati", "fish-stock", "salmon", "butter", "lemon", "dill")
    expect(step(dish, "sweat").values_at("kind", "minutes")).to eq(["fry", 6.5])
    expect(step(dish, "salmon").values_at("kind", "minutes")).to eq(["bake", 20.0])
    expect(dish["method"]).to eq("oven-pilaf")
  end

  it "returns meat to the pan that is in hand, and soaks mushrooms in no water of the rice" do
    dish = told("Rice\n700 g lamb\n2 tbsp oil\n300 g rice\n6 dried shiitake\n600 ml water\n\nSoak the " \
                "shiitake in hot water for 30 min. Brown the lamb in a large casserole. Set aside on a " \
                "plate. Return the lamb to the pan and simmer with the shiitake 1 hour. Stir in the rice " \
                "and the 600 ml water, cover, low 18 minutes.")
    expect(step(dish, "Return")["vessel"]).to eq("large-casserole")
    expect(taken(dish, step(dish, "Soak"))).to eq(["dried shiitake"])
  end

  it "pours a cold sauce, times what ends with a bare number, and keeps no days as minutes" do
    dish = told("Rice\n300 g rice\n450 ml water\n3 tomatoes\n3 tbsp mayonnaise\n2 tbsp white wine " \
                "vinegar\n\nCook the tomatoes till they are jammy, 12-15. Rice and water in, lid, 12 " \
                "min. Off, lid on, 5. Whisk the mayonnaise with the vinegar. Pour the dressing over. " \
                "Fridge, 2 days max.")
    expect(step(dish, "jammy")["minutes"]).to eq(13.5)
    expect(step(dish, "Off, lid").values_at("kind", "minutes")).to eq(["rest", 5.0])
    expect(step(dish, "Pour")["from"]).to eq([{ "vessel" => step(dish, "Whisk")["vessel"] }])
    expect(dish["steps"].last["minutes"]).to be_nil
  end

  it "has no heart for what the grain has, and both things that stand between brackets" do
    dish = told("Rice\nBoil a big pan of water with 2 tbsp salt and 4 cloves. 450 g basmati in for 6 " \
                "minutes, it should still have a hard heart. Drain. In a heavy pot lay 400 g cooked " \
                "chicken, the rice on top. Saffron milk (4 tbsp milk, pinch saffron) in streaks. Foil, " \
                "lid, 20 min on the lowest.")
    expect(dish["lines"].map { |line| line["ingredient"] })
      .to include("milk", "saffron").and(satisfy { |all| !all.include?("heart") })
    expect(step(dish, "Boil a big")["vessel"]).to eq(step(dish, "6 minutes")["vessel"])
  end

  it "has a night before, an hour and ten, and a lid that is off in the oven" do
    dish = told("Duck rice\n2 duck legs\n250 g brown rice\n550 ml stock\n6 plums\n\nThe night before, " \
                "rub the duck with a teaspoon of salt and leave uncovered in the fridge. Brown the duck " \
                "in a casserole 15 minutes. Rice in, stock. Lid on and into an oven at 170C for an hour " \
                "and ten. Scatter the plums round the duck, back in without the lid, 20 minutes.")
    expect(step(dish, "fridge").values_at("kind", "minutes")).to eq(["marinate", 480.0])
    expect(step(dish, "170C")["minutes"]).to eq(70.0)
    expect(step(dish, "plums").values_at("kind", "minutes", "lid")).to eq(["bake", 20.0, "none"])
  end

  it "par-boils rice that is only tipped in, and has each of several bunches" do
    dish = told("Green rice\n500g basmati\nbunch each dill, parsley and chives\n60g butter\n\nBring 2.5 " \
                "litres of water to the boil. Drain the rice and tip in. Boil 6-7 minutes, then drain. " \
                "Melt the butter in the same pot, pile on the rice with the herbs. Cover, medium 8 min, " \
                "wrap lid in a tea towel, lowest heat 45 min.")
    expect(dish["lines"].map { |line| line["ingredient"] }).to include("dill", "parsley", "chives")
    expect(step(dish, "Boil 6-7").values_at("kind", "minutes")).to eq(["par-boil", 6.5])
    expect(step(dish, "tea towel")["kind"]).to eq("low")
  end

  it "takes a row that is only rice for its going in, and what brackets list for what they stand for" do
    dish = told("Soupy rice for two\n1 onion\n1 pepper\n3 garlic\n\nFry the sofrito (onion, pepper, " \
                "garlic) in 3 tbsp oil 10 min. 160 g bomba. Stir. 900 ml fish stock. 8 minutes hard, 9 " \
                "gently. Turn right down, 5 min.")
    expect(taken(dish, step(dish, "10 min"))).to contain_exactly("onion", "pepper", "garlic", "oil")
    expect(step(dish, "bomba").values_at("kind", "rice")).to eq(%w[fill in])
    expect(dish["steps"].last.values_at("kind", "minutes")).to eq(["low", 5.0])
  end

  it "weighs all of what is about so much in brackets" do
    dish = told("Balls\n12 cubes mozzarella (about 80g)\n2 tins tomatoes (400 g)\n200 g rice\n\nBoil the " \
                "rice.")
    expect(dish["lines"].first(2).map { |line| line["g"] }).to eq([80.0, 800.0])
  end

  it "has amounts behind a dash with what was done in brackets, in inches, big, or of each of two" do
    dish = told("PULAO (pressure cooker)\n\nIngredients\nBasmati rice – 1.5 cups (soaked 20 mins & " \
                "drained)\nBay leaf 1, cinnamon 1 inch\nOnion – 1 big, sliced\nMint & coriander – 2 tbsp " \
                "each, chopped\nWater – 2 1/4 cups\n\nMethod\nFry the onion in the cooker. Add rice and " \
                "water, put the weight on and cook 2 whistles. Serves 3")
    expect(dish["rice_g"]).to be_between(270, 285)
    expect(dish["way"]["soak"]).to eq(20)
    weights = dish["lines"].to_h { |line| [line["ingredient"], line["g"]] }
    expect(weights.slice("cinnamon", "onion", "mint").values).to all(be_positive)
    expect(dish["vessels"].first["kind"]).to eq("pot")
  end

  it "does what a row tells in the past, to what stands before it" do
    dish = told("Polow for six\n\nDay before: 1.2 kg beef shin, browned all over in 2 tbsp oil, then 2 " \
                "onions, 1.5 l water, 3 hours on a bare simmer.\n600 g basmati, washed 5 times, soaked " \
                "with 2 tbsp salt, 1 hr.\nPrawns 10, boiled 2 min, cooled.\nSnow peas blanched 1 min.\n" \
                "Big pot of boiling water, rice 6 min, drain. Rice back in, lid, low 30 min.")
    kinds = dish["steps"].map { |one| one["kind"] }
    expect(kinds).to include("fry", "rinse", "soak", "par-boil")
    expect(taken(dish, step(dish, "boiled 2 min"))).to eq(["prawns"])
    expect(taken(dish, step(dish, "Snow peas"))).to eq(["Snow peas"])
    expect(dish["lines"].flat_map { |line| line["allergens"] }).to include("crustacean")
    said = told("Rice\n300 g rice\n\nThe rice, soaked 30 minutes and drained, is stirred in the ghee.")
    expect(said["steps"].size).to eq(1)
  end

  it "lists what is told thing by thing, each a sentence" do
    dish = told("A rice for the day after\n\nTwo cups of yesterday's turkey, pulled. A cup and a half of " \
                "long rice. An onion. Three cups of the broth from the bones, or water. Cheese to " \
                "grate.\n\nBoil the rice in the broth with the onion, a quarter of an hour with the lid " \
                "on.")
    expect(dish["lines"].map { |line| line["ingredient"] }.compact)
      .to eq(%w[turkey long-white onion stock hard-cheese])
    expect(taken(dish, dish["steps"].first).size).to eq(3)
  end

  it "browns what is in a hot oven there, and has for how many it does" do
    dish = told("Rice of the feast\n300 g rice\n600 ml broth\ncheese\n\nBoil the rice in the broth 15 " \
                "minutes. Turn into a buttered dish, cheese over, and brown it in a hot oven twenty " \
                "minutes. It does for four.")
    expect(dish["serves"]).to eq(4.0)
    expect(dish["steps"].last.values_at("kind", "minutes")).to eq(["bake", 20.0])
  end
end
