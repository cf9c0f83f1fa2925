# frozen_string_literal: true

RSpec.describe FondKettle::Measure::Units do
  it "converts masses, volumes, temperatures and lengths" do
    expect(described_class.convert(200, "C", "F")).to eq(392.0)
    expect(described_class.convert(1, "lb", "g")).to be_within(0.001).of(453.592)
    expect(described_class.convert(1, "us-cup", "ml")).to be_within(0.001).of(236.588)
    expect(described_class.convert(2, "rice-cup", "g", g_per_ml: 0.78)).to be_within(1e-6).of(280.8)
    expect(described_class.convert(9, "in", "mm")).to be_within(1e-6).of(228.6)
  end

  it "comes back from every round trip" do
    FondKettle::Measure::UnitTable.measured.values.group_by(&:family).each_value do |units|
      units.map(&:key).permutation(2).each do |unit, to|
        there = described_class.convert(37.5, unit, to)
        expect(described_class.convert(there, to, unit)).to be_within(1e-6).of(37.5), "#{unit} to #{to}"
      end
    end
  end

  it "knows what a cook calls a unit" do
    expect(described_class.convert(2, "cups", "ml")).to be_within(0.01).of(473.18)
    expect(described_class.convert(1, "fl oz", "ml")).to be_within(0.01).of(29.57)
    expect(described_class.convert(1, "fl-oz", "ml")).to be_within(0.01).of(29.57)
    { "pint" => 473.18, "quart" => 946.35, "dl" => 100, "cl" => 10 }.each do |unit, ml|
      expect(described_class.convert(1, unit, "ml")).to be_within(0.01).of(ml)
    end
    expect(described_class.convert(500, "mg", "g")).to be_within(1e-9).of(0.5)
    expect(described_class.convert(1, "ft", "inch")).to be_within(1e-9).of(12)
  end

  it "knows gas marks" do
    expect(described_class.convert(5, "gas-mark", "F")).to be_within(1e-6).of(375)
    expect(described_class.convert(250, "F", "gas-mark")).to be_within(1e-6).of(0.5)
    expect(FondKettle::Measure::GasMark.text(190)).to eq("5")
    expect(FondKettle::Measure::GasMark.text(108)).to eq("1/4")
  end

  it "refuses what does not meet" do
    expect { described_class.convert(1, "moon", "g") }.to raise_error(FondKettle::InvalidInput,
                                                                      /unit must be one of/)
    expect { described_class.convert(1, "g", "C") }.to raise_error(FondKettle::InvalidInput,
                                                                   /same thing as g/)
    expect { described_class.convert(1, "g", "ml") }.to raise_error(FondKettle::InvalidInput,
                                                                    /of must name a grain/)
    expect { described_class.convert(-300, "C", "F") }.to raise_error(FondKettle::InvalidInput,
                                                                      /at least -273.15 C/)
  end
end
