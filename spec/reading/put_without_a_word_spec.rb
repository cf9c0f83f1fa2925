# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# What goes on with what was named before, without a word for it; what a part of the dish is called.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "puts drained rice into its cooker, grinds what was soaked, and serves the part that a heading names" do
    dish = whole("sambal_rice")
    expect(done(dish, "put in the rice cooker").first(2)).to eq(%w[fill rice-cooker])
    expect(froms(dish, "put in the rice cooker")).to eq(["rice-bowl"])
    expect(froms(dish, "blend with the shallots")).to eq(["soaking-bowl"])
    expect(froms(dish, "fry the paste")).to eq(["bowl"])
    expect(taken(dish, step(dish, "fry the paste"))).to eq(["oil"])
    expect(taken(dish, step(dish, "Add tamarind"))).to eq(["tamarind paste", "palm sugar", "water"])
    expect(done(dish, "cool").first(2)).to eq(%w[cool small-pot])
    expect(done(dish, "Slice the cucumber").first).to eq("cut")
    expect(froms(dish, "Serve the rice")).to include("wok", "rice-cooker", "board")
  end

  it "steams boiled rice dry on a crust alone, with herbs between" do
    dish = whole("dill_crust")
    expect(done(dish, "Layer the rice").first(2)).to eq(%w[layer pot])
    expect(done(dish, "lowest heat for 45")).to eq(["low", "pot", 45.0])
    expect(dish["steps"].find { |one| one["say"].include?("Layer the rice") }["rice"]).to eq("in")
  end

  it "fills peppers with what was cooked, and stands them in their pot" do
    dish = whole("filled_peppers")
    expect(done(dish, "take out the seeds").first).to eq("cut")
    expect(froms(dish, "Fill them")).to eq(["pot"])
    expect([step(dish, "Stand them")["rice"], froms(dish, "Stand them")]).to eq(["in", ["board"]])
    expect(done(dish, "pour the lemon juice")).to eq(["low", "wide-pot", 42.5])
  end

  it "lists what is only recited, and puts it in where it is named again" do
    dish = whole("pigeon_peas")
    expect(dish["not_read"]).to include("A tin of pigeon peas.", "A tin of coconut milk.")
    expect(taken(dish, step(dish, "Chop the onion"))).to eq(%w[onion garlic])
    expect(taken(dish, step(dish, "the coconut milk"))).to eq(["coconut milk"])
    expect(done(dish, "leave it 25")).to eq(["low", "dutch-pot", 25.0])
  end

  it "keeps what is made beside a cooker out of it" do
    dish = whole("miso_salmon")
    expect(dish.values_at("serves", "method")).to eq([2.0, "rice-cooker"])
    expect(step(dish, "soak 20 min")["rice"]).to eq("in")
    expect(done(dish, "Spread over the salmon").first(2)).to eq(%w[mix bowl])
    expect(done(dish, "leave 15 min")).to eq(["marinate", "bowl", 15.0])
    expect(done(dish, "Salmon on a lined tray").first(2)).to eq(%w[bake lined-tray])
    expect(done(dish, "boiling water 3 min")).to eq(["simmer", "frying-pan", 3.0])
    expect(done(dish, "Rice is done")[1]).to eq("cooker")
  end

  it "soaks rice in its own water in its pot, and steams and fries other things elsewhere" do
    dish = whole("eel_less")
    expect(dish["lines"].map { |one| one["food"] }).to include("soy", "mirin", "sake", "sugar")
    expect(done(dish, "soak half an hour")).to eq(["soak", "small-pot", 30.0])
    expect(done(dish, "steam them").first(2)).to eq(%w[steam steamer])
    expect(froms(dish, "Oil in the frying pan")).to eq(["steamer"])
  end

  it "heats milk in a pan while the rice steams, or lies in a bowl" do
    dish = whole("mango_sticky")
    expect(done(dish, "Heat 300 ml")[1]).to eq("frying-pan")
    expect(froms(dish, "pour the sweet coconut milk")).to contain_exactly("bamboo-steamer", "frying-pan")
    expect(done(dish, "Simmer the other")[1]).to eq("frying-pan")
    expect(taken(dish, step(dish, "over boiling water"))).to eq([])
  end

  it "leaves out the word before a row for what it makes" do
    dish = whole("prune_layers")
    expect(dish["not_read"]).to include("Stew.", "Rice.")
    expect(done(dish, "wash the rice").first(2)).to eq(%w[rinse rice-bowl])
    expect(froms(dish, "half the stew")).to eq(["pot"])
  end

  it "roasts meat beside rice on the tray on which it was brushed, in no step before" do
    dish = read("1 kg lamb\n400 g rice\n1 onion",
                "Simmer the lamb with the onion in a big pot for an hour. Take the meat out onto an oven " \
                "tray, brush with some of the fat and roast at 200 for 15 min while the rice cooks. " \
                "Rice into the pot, lid on, 20 minutes.")
    expect(done(dish, "roast at 200")).to eq(["bake", "oven-tray", 15.0])
    expect(step(dish, "roast at 200")["beside"]).to be_nil
  end

  it "reads for how many, an amount behind its line of a cooker, and how long it lies beforehand" do
    expect(told("Rice\nQuantities for six.\n\n200 g rice").values_at("serves")).to eq([6.0])
    expect(told("Rice\n3 people / 35 min\n\n200 g rice")["serves"]).to eq(3.0)
    dish = read("200 g rice\nwater to the 2 line (300 ml)\n4 chicken thighs\n80 g yoghurt",
                "The day before, or at least 3 hours ahead, crush some garlic. Coat the thighs with the " \
                "yoghurt and keep in the fridge. Cook the rice in the water for 15 minutes after it boils.")
    expect(dish["lines"].find { |one| one["food"] == "water" }["g"]).to eq(300)
    expect(done(dish, "keep in the fridge").last).to eq(180.0)
    expect(done(dish, "Cook the rice").last).to eq(15.0)
  end

  it "takes a row that is not full for a sentence of its own" do
    dish = told("Thick soup\n\n200 g jasmine rice\n200 g pork\n1 l water\n\n" \
                "Wash the rice in three waters, drain it well and freeze it in a bag for two hours\n" \
                "slice the pork in strips\nboil the rice in the water for 40 minutes, with the lid " \
                "ajar, and stir it so that it does not catch")
    expect(done(dish, "slice the pork").first(2)).to eq(%w[cut board])
    expect(done(dish, "boil the rice").last).to eq(40.0)
  end
end
