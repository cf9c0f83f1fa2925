# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# More turns of speech of a home kitchen, each of which was once read as something else.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "takes ground pepper beside salt, and no red pepper of the list" do
    dish = read("300 g long grain rice\n8 chicken drumsticks\n1 red pepper, in strips\n700 ml " \
                "chicken stock\n2 tbsp olive oil\na knob of butter\n1 large onion, chopped",
                "Rub drumsticks with half the oil, salt, pepper. In an ovenproof pan soften onion " \
                "and pepper in the rest of the oil and butter 8 min. Tip in the rice. Pour over the " \
                "stock, nestle the chicken on top. Bake uncovered 45 mins.")
    expect(taken_at(dish, "Rub")).to eq(["chicken drumsticks", "olive oil", "salt"])
    soften = step(dish, "In an ovenproof")
    expect([soften["minutes"], taken(dish, soften)]).to match([8.0, include("red pepper", "butter")])
    expect(step(dish, "Pour over")["from"].map { |pour| pour["vessel"] }).to eq(["bowl"])
  end

  it "covers with water where a lid is not meant, and with it the rice goes in" do
    dish = read(nil, "Rinse 100 g jasmine rice, cover with 1.2 litres of water, and bring it up. " \
                     "Turn right down, lid ajar, an hour and a quarter. Meanwhile poach one chicken " \
                     "breast in it for the first 18 minutes, lift it out. Put the chicken back, salt " \
                     "it (half a teaspoon).")
    cover = step(dish, "cover with")
    expect(cover.values_at("rice", "kind", "lid")).to eq(["in", "boil", nil])
    expect(step(dish, "Turn right")).to include("lid" => "loose", "minutes" => 75.0)
    expect(step(dish, "Meanwhile")).to include("minutes" => 18.0, "vessel" => cover["vessel"])
    salt = dish["lines"].find { |line| line["food"] == "salt" }
    expect([salt["g"], taken_at(dish, "Put the")]).to eq([3.0, ["salt"]])
  end

  it "halves what is minced of two meats within a sentence" do
    dish = read(nil, "Mix 400g minced beef and pork with 120 g of rice and an egg.")
    expect(dish["lines"].to_h { |line| [line["food"], line["g"]] })
      .to include("minced beef" => 200.0, "minced pork" => 200.0)
    expect(taken(dish, dish["steps"].first)).to include("minced beef", "minced pork")
  end

  it "puts everything that is listed with the rice into the cooker, and nothing of another list" do
    dish = read("Rice:\n400 g jasmine\n200 ml coconut milk\n300 ml water\n3/4 tsp salt\neverything " \
                "in the rice cooker, press the button. when it clicks leave 10 min then " \
                "fluff.\n\nSambal:\n12 dried chillies\n4 shallots\nblend to a paste. Fry in 5 tbsp " \
                "oil 12 min. 1 tbsp tamarind paste, salt; 5 more minutes.",
                "")
    all = step(dish, "everything")
    expect([all["kind"], all["vessel"]]).to eq(%w[fill rice-cooker])
    expect(taken(dish, all)).to eq(["jasmine rice", "coconut milk", "water", "salt"])
    expect(step(dish, "when it clicks")).to include("kind" => "rest", "minutes" => 10.0)
    expect(taken_at(dish, "blend")).to eq(["dried chillies", "shallots"])
    expect(taken_at(dish, "1 tbsp tamarind")).to eq(["tamarind paste"])
  end

  it "leaves everything that is named later on out of the cooker" do
    dish = read("400 g jasmine\n300 ml water\n1 bunch coriander",
                "Everything in the rice cooker, start it. Fluff. Strew with the coriander.")
    expect(taken_at(dish, "Everything")).to eq(["jasmine rice", "water"])
  end

  it "fries in fresh oil, keeps a liquor where it is, and stirs in what goes in off the heat" do
    dish = read("500 g mussels\n320 g bomba\n1 onion\n1 tsp pimenton, a few threads saffron\n100 ml " \
                "white wine\n200 g fish bones\nolive oil",
                "Fry the bones in a splash of oil in a big pot, 1.5 l water, boil 20 min, strain. " \
                "Open the mussels in the wine in a lidded pan, 3 min; keep the liquor, strain it " \
                "into the stock. In a wide casserole: oil, onion slowly 15 min. Pimenton off the " \
                "heat. Rice in, stir a minute. All the hot stock in, saffron. 17 minutes at a lively " \
                "simmer, no lid.")
    expect(dish["lines"].to_h { |line| line.values_at("food", "unit") }).to include("pimenton" => "tsp",
                                                                                    "saffron" => "pinch")
    expect([step(dish, "Open"), step(dish, "In a wide")].map { |one| one["from"] }).to eq([[], []])
    expect(step(dish, "Pimenton")).to include("kind" => "stir", "vessel" => "wide-casserole")
    expect(step(dish, "All the hot")["from"].size).to eq(1)
  end

  it "reads a long row of a list as a line, and a row with its amount first as its own" do
    dish = read("2 cups of sona masoori, cooked so every grain is separate, cooled on a plate with a " \
                "spoon of oil\na lump of tamarind\n3 tbsp gingelly oil\n1 tsp mustard seeds",
                "Heat the oil, splutter the mustard. Mix it into the rice.")
    expect(dish["lines"].first(2).map { |line| line["g"]&.round }).to eq([393, 30])
    expect(dish["rice_g"].round).to eq(393)
  end
end
