# frozen_string_literal: true

RSpec.describe FondKettle::Dishes::Contradictions do
  it "points out two figures that cannot both be true" do
    ["bake at 180 °C (400 °F)", "450 g (2 lb) chicken", "1 lb or 900 g beef",
     "gas mark 2 (200 °C)"].each do |text|
      expect(described_class.in(text)).to match([/cannot both be true/]), text
    end
  end

  it "leaves roundings and other things alone" do
    ["180C/350F/gas 4", "500 g / 1 lb 2 oz", "2 cups (475 ml)", "gas mark 6 (200 °C)", "1 cup (185 g) rice",
     "20 min (5 more)"].each do |text|
      expect(described_class.in(text)).to eq([]), text
    end
  end
end
