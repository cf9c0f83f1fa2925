# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"

RSpec.describe FondKettle::Reading::Reader do
  it "reads words at random without a failure of ours, as many sentences as a cook tells at most" do
    words = ["rice ", "fry ", "the ", "2 ", "onion ", ", ", ". ", "\n", "cup "]
    10.times do |seed|
      random = Random.new(seed)
      text = "Any\n#{Array.new(1500) { words.sample(random: random) }.join}"
      expect(described_class.new(text).dish["steps"].size).to be <= 300
    end
    long = "Any\n300 g rice\n\n#{"Fry the onion.\n" * 400}"
    dish = described_class.new(long).dish
    expect(dish["not_read"].size + dish["steps"].size).to eq(400)
  end
end
