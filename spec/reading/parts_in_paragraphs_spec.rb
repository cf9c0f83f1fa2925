# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# Lists that end with a full stop above counted steps, and paragraphs that begin with their food.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  it "lists what stands above counted steps, drains what was par-boiled, seals with dough" do
    dish = whole("dough_lid_okra")
    expect(dish.values_at("grain", "rice_g", "method")).to eq(["long-white", 600.0, "sealed-cooked-base"])
    okra = dish["lines"].find { |one| one["food"] == "Okra" }
    expect(okra["g"]).to eq(300.0)
    expect(taken_at(dish, "Lay the okra")).to eq(["Okra"])
    expect(taken_at(dish, "add the whole chillies")).to match(["scotch bonnets", /water/])
    expect(done(dish, "Drain it").first(2)).to eq(%w[drain boiling-pot])
    expect(done(dish, "Press a rope").first).to eq("seal")
    expect(dish["lines"].map { |one| one["food"] }).not_to include(/rope/)
  end

  it "takes the food that a paragraph begins with for a line, and does the rest with it" do
    dish = whole("scattered_for_seven")
    expect(dish.values_at("serves", "grain", "method")).to eq([7.0, "short-white", "sushi"])
    foods = dish["lines"].to_h { |one| [one["food"], one["g"]] }
    expect(foods).to include("lotus root" => 150.0, "snow peas" => 60.0, "sashimi tuna" => 300.0,
                             "salmon roe" => 50.0)
    expect(done(dish, "cook in the rice cooker").first(2)).to eq(%w[fill rice-cooker])
    expect([done(dish, "Sushi vinegar")[1], froms(dish, "Sushi vinegar")]).to eq(["frying-pan", []])
    expect(froms(dish, "Cut the vinegar")).to match_array(%w[rice-cooker frying-pan])
    expect(done(dish, "soaked overnight")).to eq(["soak", "soaking-bowl", 480.0])
    expect(done(dish, "Fold the shiitake").first(2)).to eq(%w[fold wooden-tub])
    expect([done(dish, "scatter the egg")[1], froms(dish, "Spread on")]).to eq(["big-plate", ["wooden-tub"]])
    expect(done(dish, "blanched 1 minute")).to eq(["simmer", "small-pot", 1.0])
  end

  it "takes no number of parcels for eaters, and counts who was there" do
    said = { "Vine parcels\nMakes about 50." => nil, "Pan rice\n\nWe were eleven." => 11.0,
             "Pot rice, just us 3" => 3.0 }
    said.each do |head, count|
      expect(told("#{head}\n\n300 g rice\n500 ml water\n\nBoil the rice.")["serves"]).to eq(count)
    end
  end
end
