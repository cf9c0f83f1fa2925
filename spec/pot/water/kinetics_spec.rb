# frozen_string_literal: true

RSpec.describe FondKettle::Pot::Kinetics do
  let(:basmati) { FondKettle::Larder::Grains.fetch("basmati") }

  it "has the core gone just when the standard uptake is in" do
    kinetics = described_class.of(basmati, 0.2)
    expect(kinetics.minutes_to_take(1.5, 1.15)).to be_within(1e-9).of(1.15 * 11.5 * (1 - (0.3 * 3.2 * 0.2)))
  end

  it "finishes the core at the dry pace where the water goes first" do
    kinetics = described_class.of(basmati, 0.0)
    water = kinetics.minutes_to_take(1.3, 1.15)
    firm = plan_for(basic_request(texture: "firm")).load
    expect(kinetics.minutes_from_boil(firm,
                                      1.15)).to be_within(1e-9).of(water + (((1.15 * 11.5) - water) / 0.6))
  end

  it "does not cook below 65 °C" do
    expect([described_class.pace(64.9), described_class.pace(100.0)]).to match([0.0, be_within(1e-9).of(1.0)])
  end
end
