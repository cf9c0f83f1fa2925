# frozen_string_literal: true

RSpec.describe FondKettle::Pot::Wash do
  let(:basmati) { FondKettle::Larder::Grains.fetch("basmati") }

  let(:dry) { FondKettle::Pot::GrainState.dry(basmati, 300.0, temp_c: 20.0) }

  def wash(**changes)
    described_class.call(dry, rinse_changes: 4, soak_min: 0.0, water_c: 20.0, drain: "shaken", **changes)
  end

  it "counts the rinse as three minutes of soaking" do
    expect(wash.taken_per_g).to be_within(1e-9).of(3 / (24 + (3.2 * 3)))
    expect(wash.surface_per_g).to eq(0.08)
  end

  it "puts dry rice in dry" do
    expect(wash(rinse_changes: 0)).to eq(dry)
  end

  it "moves surface water into the grain while it stands" do
    expect(wash(drain: "air-dried").taken_per_g).to be_within(1e-9).of(wash.taken_per_g + 0.03)
  end
end
