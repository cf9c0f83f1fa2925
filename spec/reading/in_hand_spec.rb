# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# What a cook has in hand goes on without its name, and what is said of it names nothing else.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "rubs the lamb that was cut, and puts it into the pot with its rub" do
    dish = whole("pumpkin_and_lamb")
    expect(dish.values_at("title", "serves")).to eq(["Pumpkin and lamb rice", 10.0])
    expect([froms(dish, "rub it with"), froms(dish, "Add the lamb")]).to eq([%w[board], %w[bowl]])
    expect(dish["not_read"]).to include("I always start the evening before.")
  end

  it "lays cubes of pumpkin on the rice for its last minutes, and cuts none of them with the lamb" do
    dish = whole("pumpkin_and_lamb")
    laid = step(dish, "Pumpkin on top")
    expect(laid.values_at("kind", "rice", "at_min")).to eq(["lay-in", "with", 13.0])
    expect([froms(dish, "Pumpkin on top"), taken_at(dish, "Cube 1.4")]).to eq([%w[tray], ["lamb shoulder"]])
    expect(taken_at(told("Rice\n\n1 chicken cube\n300 g rice\n1 chicken\n\nFry the chicken, 10 minutes."),
                    "Fry the chicken")).to eq(["chicken"])
  end

  it "fries both sides of the fish that was cut, and brings it back from its plate" do
    dish = whole("friday_fish_rice")
    expect([froms(dish, "push the parsley"), froms(dish, "Fish back")]).to eq([%w[board], %w[plate]])
    expect(taken_at(dish, "push the parsley")).to eq(["parsley"])
    expect(taken_at(dish, "Same oil")).to include("tomato paste")
    plain = read("600 g hake\n120 ml oil\n400 g rice", "Cut slits in the fish. Fry both sides in the oil.")
    expect(froms(plain, "Fry both sides")).to eq(%w[board])
  end

  it "salts no base with the salt for the water" do
    dish = whole("smoked_aubergine_layers")
    expect(taken_at(dish, "half of the onions; salt")).not_to include(/salt/)
    expect(taken_at(dish, "Boil plenty of water")).to include(/salt/)
  end

  it "thickens what was kept back by itself, and pours the rest over" do
    dish = whole("mango_sticky_rice")
    expect(step(dish, "Keep back")["from"]).to eq([{ "vessel" => "small-pan", "g" => 100.0 }])
    expect(done(dish, "stir 1 tsp rice flour")[1]).to eq("plate")
    expect(froms(dish, "pour the warm coconut")).to include("small-pan")
  end

  it "has rice in the freezer in no pot, and puts in what goes to the boil before it is skimmed" do
    dish = whole("congee_for_the_ill")
    expect(step(dish, "freezer").values_at("rice", "minutes")).to eq(["before", 180.0])
    expect(taken_at(dish, "to the boil")).to include(/water/, /ginger/, /chicken/)
    expect(dish["steps"].find { |one| one["rice"] == "in" }["say"]).to start_with("Rice into the broth")
    expect(taken_at(dish, "lazy bubble")).to eq([])
    bring = read("2 l water\n450 g chicken\n300 g rice", "Bring water and chicken to the boil, skim, simmer.")
    expect(taken_at(bring, "Bring water")).to eq(%w[water chicken])
  end

  it "fills peppers with a raw filling, and bakes them in their dish" do
    dish = whole("peppers_in_the_oven")
    expect(dish["serves"]).to eq(4.0)
    expect(done(dish, "Foil over")).to eq(["bake", "oven-dish", 50.0])
    expect(froms(dish, "Fill the peppers")).to eq(%w[pot])
  end

  it "boils the rice that was drained in lots of water, and leaves the chicken where it is" do
    dish = whole("barberries_and_chicken_legs")
    expect(done(dish, "boil in lots of water")).to eq(["par-boil", "boiling-pot", 6.0])
    expect(froms(dish, "boil in lots of water")).to eq(%w[rice-bowl])
    expect(dish["method"]).to eq("boil-and-drain")
    foods = grams(dish).keys
    expect(foods).to include("saffron")
    expect(foods & %w[Rice Topping]).to eq([])
  end

  it "reads garlic and saffron that were ground with something as garlic and saffron" do
    list = "4 cloves garlic pounded with a pinch of salt\n1/2 tsp saffron ground with sugar\n300 g rice"
    expect(grams(read(list, "")).keys.first(2)).to eq(%w[garlic saffron])
  end

  it "has a row that goes on with another three onions for itself, and rice that is turned in its pot" do
    dish = whole("jollof_for_a_party")
    onions = dish["lines"].find { |line| line["text"] == "another 3 onions, sliced" }
    expect([onions["g"], taken_at(dish, "Heat the oil")]).to match([360.0, include(onions["food"])])
    low = steps(dish).select { |kind,| kind == "low" }
    expect(low.map { |_, minutes, _, rice| [minutes, rice] })
      .to eq([[30.0, "with"], [10.0, "with"], [3.0, "with"]])
  end

  it "blends what a row lists before \"blended\", and fries it where it is added" do
    dish = whole("jollof_for_a_party")
    expect(taken_at(dish, "Boil the blend").size).to eq(4)
    expect(froms(dish, "Add the blend")).to eq(%w[big-pot])
    expect(dish["asked"].map { |one| one["field"] }.compact).to eq([])
  end

  it "takes the tray out of the oven with the rice in it" do
    dish = whole("one_tray_of_greens")
    expect(done(dish, "Take out").first(2)).to eq(%w[own deep-tray])
    expect(froms(dish, "foil off")).to match_array(%w[board bowl])
  end

  it "cooks rice as for sushi that is dressed and fanned" do
    dish = whole("sushi_bowl_for_two")
    expect(dish["method"]).to eq("sushi")
    expect(dish["asked"].map { |one| one["of"] }).not_to include("method")
  end

  it "halves what the half is said of, and takes a splash of what there is much of" do
    dish = whole("kitchari_for_two")
    taken = step(dish, "half the ghee")["takes"].to_h { |take| take.values_at("line", "share") }
    expect(taken).to include("l9" => 0.5, "l3" => 1.0)
    loose = read(rice, "Fry the onions in the oil. Add a splash of the stock to loosen. " \
                       "Rice, stir; rest of the stock.")
    expect(done(loose, "to loosen").first(2)).to eq(%w[simmer pot])
    shares = loose["steps"].flat_map { |one| one["takes"] }.select { |take| take["line"] == "l2" }
    expect(shares.map { |take| take["share"] }).to match([be_within(0.01).of(0.03), be_within(0.01).of(0.97)])
  end

  it "lists ginger by the centimetre" do
    expect(grams(whole("leftover_salmon_rice"))).to include("garlic" => 4.0, "ginger" => 10.0)
  end

  it "counts big ones and small ones of a title together, and a crowd" do
    titles = ["Pilaf (3 adults 1 kid)", "Pilaf for a crowd of twelve", "Pilaf, 2 adults and 3 kids"]
    dishes = titles.map { |title| told("#{title}\n\n300 g rice\n\nBoil the rice, 12 minutes.") }
    expect(dishes.map { |dish| dish["serves"] }).to eq([4.0, 12.0, 5.0])
  end
end
