# frozen_string_literal: true

RSpec.describe FondKettle::Measure::Spoken do
  let(:glass) do
    FondKettle::Measure::House.with(FondKettle::Measure::Cup.new(id: nil, name: "jam glass", ml: 210.0))
  end

  it "says amounts as they are poured" do
    said = { 210 => "1 jam glass", 420 => "2 jam glasses", 105 => "1/2 jam glass",
             240 => "1 jam glass + 2 tbsp", 15 => "1 tbsp", 0 => "0 jam glass",
             205 => "1 jam glass less 1 tsp", 3.75 => "3/4 tsp", 0.3 => "a pinch" }
    said.each { |ml, words| expect(described_class.say(ml, glass)).to eq(words) }
  end

  it "is never off by more than 1.5 %, 2 mL or half of a quarter teaspoon" do
    PropCheck.forall(PropCheck::Generators.choose(1..4000)).check do |ml|
      expect(described_class.measured_ml(ml,
                                         glass)).to be_within([0.625, [0.05 * ml, 2.0].min,
                                                               0.015 * ml].max).of(ml)
    end
  end
end
