# frozen_string_literal: true

RSpec.describe FondKettle::Reading::ReadLines do
  def lines(*texts)
    reader = described_class.new
    texts.flat_map { |text| reader.read(text) }
  end

  it "reads loose measures, sizes, and rice by any of its names" do
    { "a handful of parsley" => ["parsley", 25.0], "2 spoons of salt" => ["salt", 36.0],
      "one cabbage of 2 lb." => [nil, 907.2], "a cup and a half of milk" => ["milk", 365.5],
      "1 big onion" => ["onion", 180.0], "1 small onion" => ["onion", 84.0] }.each do |text, (key, weight_g)|
      line = lines(text).first
      expect([text, line.ingredient.key, line.g.round(1)]).to eq([text, key || line.ingredient.key, weight_g])
    end
    { "500 g aged basmati" => "basmati", "2 cups medium rice" => "medium-white",
      "300 g round rice" => "short-white",
      "1 c red matta rice" => "brown-long" }.each do |text, grain|
      expect(lines(text).first.grain).to eq(grain)
    end
  end

  it "asks about what it takes for a measure, and what a piece of meat weighs" do
    asked = ["How much is “a glass of”? 200 ml is taken for it."]
    expect(lines("a glass of oil").first.questions).to eq(asked)
    expect(lines("4 chicken thighs").first.questions.join).to match(/\AWhat does one|\AIs /)
    expect(lines("1 tsp salt", "300 g rice").flat_map(&:questions)).to eq([])
  end

  it "finds lines again in the method: by their whole name, what tells them apart, a share of them" do
    found = lines("2 onions, sliced", "1 onion, whole", "200 ml coconut milk", "100 ml milk", "1 litre water")
    named = FondKettle::Reading::NamedLines.new(found)
    { "Fry the sliced onions" => [0], "Add the whole onion" => [1], "Pour on the coconut milk" => [2],
      "Pour on half the milk" => [3], "Boil it in salted water" => [], "Pour on the water" => [4] }
      .each { |text, indexes| expect([text, named.in(text).map(&:index)]).to eq([text, indexes]) }
    expect(named.in("half the milk").first.share).to eq(0.5)
    expect(named.in("the rest of the milk").first.share).to eq("rest")
    expect(named.in("Add the rice to the onions").map(&:onto)).to eq([true])
  end

  it "finds what only the method names, and takes no time, vessel or known thing for food" do
    spoken = FondKettle::Reading::SpokenLines.new(lines("2 onions"))
    text = "Pour on two glasses of water and half a teaspoon of salt, 4 small mackerel, in 2 pans."
    expect(spoken.in(text))
      .to eq(["two glasses of water", "half a teaspoon of salt", "4 small mackerel"])
    expect(spoken.in("Fry half the onions for 10 minutes, turn 2 times.")).to eq([])
  end
end
