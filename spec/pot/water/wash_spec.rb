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

  it "leaves by the minute what a dish says to leave in the sieve, as the ways of draining do" do
    [[1.0, "shaken"], [10.0, "long"], [60.0, "air-dried"]].each do |minutes, way|
      wet = described_class::SURFACE.fetch(way)
      expect(wash(drain_min: minutes).surface_per_g).to be_within(1e-9).of(wet)
    end
    expect(wash(drain_min: 30.0).surface_per_g).to be_between(0.02, 0.05)
    left = [1, 5, 10, 20, 30, 60, 120].map { |minutes| wash(drain_min: minutes.to_f).surface_per_g }
    expect(left).to eq(left.sort.reverse)
    expect(wash(drain_min: 30.0).taken_per_g).to be_between(wash.taken_per_g, wash.taken_per_g + 0.03)
  end

  it "drains nothing of what cooks in its own soak, however long it was to" do
    expect(wash(drain: "cooked-in", drain_min: 30.0)).to eq(wash(drain: "cooked-in"))
  end
end
