# frozen_string_literal: true

require "tempfile"
require_relative "../../lib/fond_kettle/larder/names"

RSpec.describe "The larder" do
  let(:names) { FondKettle::Larder::Names.ours }

  def fetch(key)
    FondKettle::Larder::Ingredients.fetch(key)
  end

  it "takes a steak for the animal that is named, and for none that nobody knows" do
    found = ["salmon steaks", "swordfish steak", "wahoo steak", "thick steak", "rump steak"].map do |text|
      names.find(text)&.then { |food| [food.allergens, food.care] }
    end
    expect(found).to eq([*[[["fish"], ["raw-fish"]]] * 3, *[[[], ["whole-cut"]]] * 2])
    expect(names.find("zebra steak")).to be_nil
  end

  it "knows what each state leaves of the water, the thirst and the room" do
    expect([fetch("onion").brings,
            fetch("onion").in_state("browned").brings]).to match([0.5, be_within(1e-9).of(0.1)])
    expect([fetch("dried-mushroom").in_state("soaked").takes,
            fetch("aubergine").in_state("fried").brings]).to eq([0, 0.1])
    beans = %w[raw soaked cooked].map { |state| fetch("dried-bean").in_state(state) }
    expect(beans.map { |bean| bean.takes.round(2) }).to eq([1.2, 0.48, 0.0])
    expect(beans.map(&:ahead_min)).to eq([600.0, 0.0, 0.0])
    expect(beans.map(&:boil_min)).to eq([75.0, 75.0, 0.0])
    expect(fetch("leek").in_state("reduced").room).to be < 0.5
  end

  it "lets no state bring more water or care less than raw" do
    FondKettle::Larder::Ingredients.all.each_value do |ingredient|
      FondKettle::Larder::STATES.each_key do |state|
        changed = ingredient.in_state(state)
        expect(changed.brings).to be <= ingredient.brings
        expect(changed.takes).to be <= ingredient.takes
        expect([changed.allergens, changed.care]).to eq([ingredient.allergens, ingredient.care])
      end
    end
  end

  it "finds the longest name, singular or plural, and tells look-alikes apart" do
    known = {
      "ripe cherry tomatoes" => "cherry-tomato", "chicken stock" => "stock", "smoked paprika" => "paprika",
      "freshly ground pepper" => "black-pepper", "peppers" => "sweet-pepper", "coriander" => "coriander-seed",
      "fresh coriander" => "coriander-leaf", "coconut milk" => "coconut-milk", "garlic cloves" => "garlic",
      "whole cloves" => "clove", "red peppers" => "sweet-pepper",
      "tinned chickpeas" => "cooked-pulse", "chickpeas" => "dried-chickpea", "spring onions" => "spring-onion"
    }
    known.each do |text, key|
      expect(names.find(text)&.key).to eq(key), text
    end
    expect([names.find("moonroot"), names.find("")]).to eq([nil, nil])
  end

  it "finds the grain in what is said of rice, and not in what only sounds like it" do
    known = {
      "basmati" => "basmati", "sushi rice, rinsed" => "short-white", "brown basmati rice" => "brown-long",
      "rice" => "long-white", "sticky rice" => "glutinous", "parboiled basmati" => "parboiled-basmati",
      "sela rice" => "parboiled-basmati"
    }
    known.each do |text, key|
      expect(names.grain(text)).to eq(key), text
    end
    others = ["rice vinegar", "rice wine", "brown sugar", "sweet potato", "rice flour", "rice milk",
              "wild rice", "cauliflower rice", "rice cakes"]
    expect(others.select { |text| names.grain(text) }).to eq([])
  end

  it "tells file, line and field of an ingredient that does not hold together" do
    Tempfile.create("ingredients.yml") do |file|
      file.write("- { key: moss, name: Moss, aisle: wood }\n" \
                 "- { key: stone, name: Stone, aisle: wood, brings: 3, allergens: [granite] }\n")
      file.flush
      expect { FondKettle::Larder::Ingredients.load_file(file.path) }
        .to raise_error(FondKettle::BadCatalogue,
                        /stone: line 2: brings must be at most 1.*allergens.*must be one of: milk/m)
    end
  end

  it "has a catalogue that finds each of its ingredients by its own names" do
    names = FondKettle::Larder::Names.ours
    FondKettle::Larder::Ingredients.all.each_value do |ingredient|
      [ingredient.key.tr("-", " "), ingredient.name, *ingredient.also].each do |name|
        found = names.find(name)
        expect(found&.key).to eq(ingredient.key).or(eq("cooked-pulse")), name
      end
    end
    expect(FondKettle::Larder::Ingredients.all.size).to be >= 120
  end

  it "tells hot, mini and sweet peppers, pepper and stock cubes apart" do
    { ["hot peppers", "piece"] => "chilli", ["hot green peppers", "piece"] => "chilli", ["jalapeños",
                                                                                         nil] => "jalapeno",
      ["fresh red hot pepper", "piece"] => "chilli", ["mini peppers", "piece"] => "mini-pepper",
      ["mini sweet peppers", "piece"] => "mini-pepper", %w[pepper piece] => "sweet-pepper",
      ["long green peppers", "piece"] => "sweet-pepper", %w[pepper tsp] => "black-pepper",
      ["black pepper", nil] => "black-pepper", %w[peppercorns piece] => "black-pepper",
      ["hot pepper flakes", "tsp"] => "chilli-powder", ["cayenne pepper", "tsp"] => "cayenne",
      ["beef bouillon", "cube"] => "stock-cube", ["shrimp bouillon", "cube"] => "shrimp-stock-cube",
      ["chicken bouillon", "cube"] => "stock-cube", %w[bouillon ml] => "stock" }.each do |(text, unit), key|
      expect([text, names.find(text, unit)&.key]).to eq([text, key])
    end
    expect(names.find("mini sweet peppers", "piece").piece_g).to be < 50
  end

  it "takes dried peas and beans of every name for pulses, which have to be boiled" do
    dried = ["red peas", "dry red peas", "gungo peas", "cow peas", "field peas", "chick peas", "garbanzos",
             "soy beans"]
    expect(dried.map { |text| names.find(text).care }).to all(eq(["pulses"]))
    expect(names.find("soy beans").allergens).to eq(["soya"])
    expect(["frozen peas", "garden peas"].map { |text| names.find(text).care }).to all(be_empty)
  end

  it "takes minced meat of every kind for what has to be cooked right through" do
    minced = ["minced pork", "ground lamb", "pork mince", "minced veal", "half a pound of minced beef"]
    expect(minced.map { |text| names.find(text).key }.uniq).to eq(["minced-meat"])
    birds = ["turkey mince", "duck mince", "ground chicken"].map { |text| names.find(text).care }
    expect(birds).to all(eq(%w[poultry minced]))
    expect(["minced garlic", "ground cumin"].map { |text| names.find(text).key }).to eq(%w[garlic cumin])
  end
end
