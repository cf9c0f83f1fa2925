# frozen_string_literal: true

RSpec.describe FondKettle::Measure::Rounding do
  it "rounds parts so that they still add up to their sum" do
    expect(described_class.adding_up([188.4, 33.1, 10.4], 232)).to eq([189, 33, 10])
    PropCheck.forall(PropCheck::Generators.array(PropCheck::Generators.choose(1..99_999), min: 1, max: 9))
             .check do |tenths|
      amounts = tenths.map { |tenth| tenth / 10.0 }
      whole = described_class.adding_up(amounts, amounts.sum.round)
      expect(whole.sum).to eq(amounts.sum.round)
      expect(whole.zip(amounts).map { |now, was| (now - was).abs }.max).to be <= 1
    end
  end

  it "reads as a cook reads" do
    expect([described_class.grams(386.4, 5), described_class.minutes(3.9),
            described_class.minutes(12.1)]).to eq([385, 4, 13])
    expect([described_class.duration(64.2), described_class.plain(1.5),
            described_class.plain(2.0)]).to eq(["1 h 05", "1.5", "2"])
    expect(described_class.litres(2_360)).to eq("2.4 L")
  end
end
