# frozen_string_literal: true

RSpec.describe "Measures" do
  describe FondKettle::Measure::Units do
    it "converts masses, volumes, temperatures and lengths" do
      expect(described_class.convert(200, "C", "F")).to eq(392.0)
      expect(described_class.convert(1, "lb", "g")).to be_within(0.001).of(453.592)
      expect(described_class.convert(1, "us-cup", "ml")).to be_within(0.001).of(236.588)
      expect(described_class.convert(2, "rice-cup", "g", g_per_ml: 0.78)).to be_within(1e-6).of(280.8)
      expect(described_class.convert(9, "in", "mm")).to be_within(1e-6).of(228.6)
    end

    it "comes back from every round trip" do
      described_class::FAMILIES.each do |family|
        family.keys.permutation(2).each do |unit, to|
          there = described_class.convert(37.5, unit, to)
          expect(described_class.convert(there, to, unit)).to be_within(1e-6).of(37.5), "#{unit} to #{to}"
        end
      end
    end

    it "knows gas marks" do
      expect(described_class.convert(5, "gas-mark", "F")).to be_within(1e-6).of(375)
      expect(described_class.convert(250, "F", "gas-mark")).to be_within(1e-6).of(0.5)
      expect(FondKettle::Measure::GasMark.text(190)).to eq("5")
      expect(FondKettle::Measure::GasMark.text(108)).to eq("1/4")
    end

    it "refuses what does not meet" do
      expect { described_class.convert(1, "cup", "g") }.to raise_error(FondKettle::InvalidInput, /unit must be one of/)
      expect { described_class.convert(1, "g", "C") }.to raise_error(FondKettle::InvalidInput, /same thing as g/)
      expect { described_class.convert(1, "g", "ml") }.to raise_error(FondKettle::InvalidInput, /of must name a grain/)
      expect { described_class.convert(-300, "C", "F") }.to raise_error(FondKettle::InvalidInput, /at least -273.15 C/)
    end
  end

  describe FondKettle::Measure::Spoken do
    let(:glass) { FondKettle::Measure::House.with(FondKettle::Measure::Cup.new(id: nil, name: "jam glass", ml: 210.0)) }

    it "says amounts as they are poured" do
      said = { 210 => "1 jam glass", 420 => "2 jam glasses", 105 => "1/2 jam glass", 240 => "1 jam glass + 2 tbsp",
               15 => "1 tbsp", 0 => "0 jam glass", 205 => "1 jam glass less 1 tsp", 3.75 => "3/4 tsp", 0.3 => "a pinch" }
      said.each { |ml, words| expect(described_class.say(ml, glass)).to eq(words) }
    end

    it "is never off by more than 1.5 %, 2 mL or half of a quarter teaspoon" do
      PropCheck.forall(PropCheck::Generators.choose(1..4000)).check do |ml|
        expect(described_class.measured_ml(ml, glass)).to be_within([0.625, [0.05 * ml, 2.0].min, 0.015 * ml].max).of(ml)
      end
    end
  end

  describe FondKettle::Measure::Rounding do
    it "rounds parts so that they still add up to their sum" do
      expect(described_class.adding_up([188.4, 33.1, 10.4], 232)).to eq([189, 33, 10])
      PropCheck.forall(PropCheck::Generators.array(PropCheck::Generators.choose(1..99_999), min: 1, max: 9)).check do |tenths|
        amounts = tenths.map { |tenth| tenth / 10.0 }
        whole = described_class.adding_up(amounts, amounts.sum.round)
        expect(whole.sum).to eq(amounts.sum.round)
        expect(whole.zip(amounts).map { |now, was| (now - was).abs }.max).to be <= 1
      end
    end

    it "reads as a cook reads" do
      expect([described_class.grams(386.4, 5), described_class.minutes(3.9), described_class.minutes(12.1)]).to eq([385, 4, 13])
      expect([described_class.duration(64.2), described_class.plain(1.5),
              described_class.plain(2.0)]).to eq(["1 h 05", "1.5", "2"])
    end
  end
end
