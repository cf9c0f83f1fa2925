# frozen_string_literal: true

RSpec.describe FondKettle::Pot::Soak do
  let(:basmati) { FondKettle::Larder::Grains.fetch("basmati") }

  it "follows Peleg's curve at 20 °C" do
    expect(described_class.after(basmati, 30, 20.0)).to be_within(1e-9).of(30 / (24 + (3.2 * 30)))
  end

  it "goes on where an earlier soak ended" do
    halves = described_class.after(basmati, 15, 20.0, described_class.after(basmati, 15, 20.0))
    expect(halves).to be_within(1e-12).of(described_class.after(basmati, 30, 20.0))
  end

  it "is quicker in warm water, and no quicker above 60 °C" do
    cold, warm, hot, hotter = [20.0, 40.0, 60.0,
                               90.0].map { |water_c| described_class.after(basmati, 10, water_c) }
    expect(cold).to be < warm
    expect(warm).to be < hot
    expect(hotter).to eq(hot)
  end
end
