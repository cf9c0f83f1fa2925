# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"
require_relative "../support/told_texts"

# The pot, bowl or cooker that a text goes on with, where it does not name it again.
RSpec.describe FondKettle::Reading::Reader do
  include Support::ToldTexts

  def whole(name)
    told(File.read(File.join(__dir__, "..", "fixtures", "texts", "#{name}.txt")))
  end

  def done(dish, words)
    step(dish, words).values_at("kind", "vessel", "minutes")
  end

  def froms(dish, words)
    step(dish, words)["from"].map { |one| one["vessel"] }
  end

  it "cooks in the cooker that is switched on, stones plums on a board and shapes what is turned out" do
    dish = whole("tuna_balls")
    expect(dish.values_at("grain", "method")).to eq(%w[short-white rice-cooker])
    expect(done(dish, "Cooker on").first(2)).to eq(%w[low cooker])
    expect(done(dish, "Stone the plums").first).to eq("cut")
    expect(froms(dish, "Turn the rice out")).to eq(["cooker"])
    expect(done(dish, "For each ball").first(2)).to eq(%w[shape wide-bowl])
  end

  it "browns what was dusted with flour, and puts the pot on the fire into the oven" do
    dish = whole("hunters_pot")
    expect(done(dish, "Dust the meat").first(2)).to eq(%w[mix bowl])
    expect(froms(dish, "brown it")).to eq(["bowl"])
    expect(froms(dish, "Back with the meat")).to eq(["plate"])
    expect(done(dish, "lid on, in the oven at 150")).to eq(["bake", "enamel-pot", 120.0])
    expect(done(dish, "Take out bay and peel").first).to eq("take-out")
    expect(done(dish, "Stir in the rice")).to eq(["bake", "enamel-pot", 25.0])
    expect(dish["vessels"].first["key"]).to eq("enamel-pot")
  end

  it "washes and soaks rice that is named once, and fries what was salted and rinsed" do
    dish = whole("cold_lamb")
    expect(dish["steps"].first(2).map { |one| one.values_at("kind", "vessel") })
      .to eq([%w[rinse rice-bowl], %w[soak rice-bowl]])
    expect(done(dish, "rinse and pat dry")[1]).to eq("board")
    expect(froms(dish, "Fry in 3 spoons")).to eq(["board"])
    expect(froms(dish, "Aubergine on top")).to eq(["plate"])
    expect(dish["lines"].first.values_at("ingredient", "g")).to eq(["lamb", 400.0])
  end

  it "moves rice that is tipped into a bowl, with all that comes after it" do
    dish = read("400g glutinous rice - soak overnight, drain\n1 tbsp lard",
                "Steam the rice in a cloth over boiling water 25 mins. Tip into a bowl, mix in lard.")
    expect(done(dish, "Tip into a bowl").first(2)).to eq(%w[layer bowl])
    expect(froms(dish, "Tip into a bowl")).to eq(["steamer"])
    expect(done(dish, "mix in lard")[1]).to eq("bowl")
  end
end
