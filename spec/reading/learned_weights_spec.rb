# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/words/learned_weights"
require_relative "../../lib/fond_kettle/reading/reader"

RSpec.describe FondKettle::Reading::LearnedWeights do
  weights = described_class.new("thin onions" => 110.0, "handful of mint" => 18.0, "cups chopped " \
                                                                                   "leek" => 95.0)

  it "knows a thing again by its own words, however many there are and whatever is said behind it" do
    known = { "2 thin onions, sliced" => 220.0, "a thin onion" => 110.0, "3 handfuls of mint" => 54.0,
              "Mint, a handful" => 18.0, "1 1/2 cups chopped leek" => 142.5, "thin onions 4" => 440.0,
              "half a thin onion" => 55.0 }
    expect(known.keys.to_h { |text| [text, weights.g(text)&.round(2)] }).to eq(known)
  end

  it "takes no other thing for it" do
    others = ["2 onions", "2 spring onions", "2 thin red onions", "a bunch of mint", "200 g thin " \
                                                                                     "onions", "mint", ""]
    expect(others.map { |text| weights.g(text) }).to all(be_nil)
  end

  it "is what a line weighs, and is asked no more" do
    read = ->(known) { FondKettle::Reading::ReadLines.new(weights: known).read("a handful of mint").first }
    expect([read.call(described_class.new).g, read.call(described_class.new).questions.size]).to eq([25.0, 1])
    expect([read.call(weights).g, read.call(weights).questions]).to eq([18.0, []])
    dish = FondKettle::Reading::Reader.new("Rice\n200 g rice\n2 thin onions\n\nFry the onions. Boil the " \
                                           "rice.",
                                           weights: weights).dish
    expect(dish["lines"].last["g"]).to eq(220.0)
  end
end
