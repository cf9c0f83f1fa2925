# frozen_string_literal: true

require_relative "../../lib/fond_kettle/belief/gaussian"
require_relative "../../lib/fond_kettle/belief/scoped"

RSpec.describe FondKettle::Belief::Gaussian do
  belief = FondKettle::Belief
  lid = belief::Scoped.new(unknown: :lid, scope: "pot:steel")
  drink = belief::Scoped.new(unknown: :uptake, scope: "bag:b1")
  other = belief::Scoped.new(unknown: :uptake, scope: "bag:b2")

  let(:first) { described_class.empty.with_place(lid, 0.4).with_place(drink, 0.06) }

  it "moves by a measurement as a Kalman step does, and never widens" do
    found = first.measured([30.0, 0.0], 12.0, 9.0)
    gain = (0.16 * 30) / ((0.16 * 900) + 9)
    expect(found.mean(lid)).to be_within(1e-12).of(gain * 12)
    expect(found.sd(lid)).to be_within(1e-12).of(Math.sqrt(0.16 * (1 - (gain * 30))))
    expect([found.mean(drink), found.sd(drink)]).to match([0.0, be_within(1e-12).of(0.06)])
  end

  it "ties what was seen together, so that one that is learned moves the other" do
    tied = first.measured([10.0, 70.0], 5.0, 1.0)
    later = tied.measured([30.0, 0.0], 18.0, 4.0)
    expect(tied.mean(lid)).to be_positive
    expect(later.mean(drink)).to be < tied.mean(drink)
  end

  it "counts what lies far off for less, and says so" do
    near = first.measured([30.0, 0.0], 20.0, 9.0).mean(lid)
    far = first.measured([30.0, 0.0], 200.0, 9.0).mean(lid)
    expect(far).to be < near * 10 * 0.95
    expect(belief::Outliers.far?(200.0, 153.0)).to be(true)
    expect(belief::Outliers.far?(20.0, 153.0)).to be(false)
  end

  it "learns from a word in the middle of its band that the spread is less, and nothing else" do
    found = first.between([0.0, -7.0], 0.0, [-0.3, 0.3], 0.09)
    expect(found.mean(drink)).to be_within(1e-12).of(0.0)
    expect(found.sd(drink)).to be < 0.06
    firm = first.between([0.0, -7.0], 0.0, [-0.9, -0.3], 0.09)
    expect(firm.mean(drink)).to be_positive
  end

  it "drifts by pot and fire, and no bag" do
    drifted = first.drifted
    expect(drifted.sd(lid)).to be_within(1e-12).of(Math.sqrt(0.16 + 0.0004))
    expect(drifted.sd(drink)).to eq(first.sd(drink))
  end

  it "starts one that follows another between the book and that, and tied to it" do
    known = first.measured([0.0, 7.0], 0.7, 0.01)
    met = known.with_place(other, 0.08, drink => 0.5)
    expect(met.mean(other)).to be_within(1e-12).of(known.mean(drink) / 2)
    expect(met.sd(other)).to be_within(1e-9).of(Math.hypot(0.08, known.sd(drink) / 2))
  end
end
