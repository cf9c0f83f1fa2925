# frozen_string_literal: true

RSpec.describe FondKettle::Pot::Scorch do
  def pot(material, kg)
    FondKettle::Kit::Vessel.new(id: nil, name: "pot", diameter_mm: 240.0, height_mm: 120.0, floor_mm: nil,
                                lid: "tight", material: material, kg: kg, lid_factor: nil)
  end

  def low_min(material, weight_kg, **given)
    described_class.after_min("low", pot(material, weight_kg), **given)
  end

  it "goes by what the pot is made of, on low" do
    minutes = { ["steel", 0.9] => 15.0, ["steel", 1.5] => 22.0, ["clay", 1.5] => 22.0, ["enamel",
                                                                                        1.5] => 45.0,
                ["aluminium", 1.0] => Float::INFINITY, ["cast-iron", 4.5] => Float::INFINITY }
    expect(minutes.keys.to_h { |pot| [pot, low_min(*pot)] }).to eq(minutes)
  end

  it "is doubled by a flat pan, whatever the heat" do
    expect(low_min("steel", 1.5, flat_pan: true)).to eq(44.0)
    expect(described_class.after_min("high", pot("steel", 1.5), flat_pan: true)).to eq(4.0)
    expect(described_class.after_min("medium", pot("cast-iron", 4.5))).to eq(5.0)
  end
end
