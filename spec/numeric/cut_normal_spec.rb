# frozen_string_literal: true

require_relative "../../lib/fond_kettle/numeric/cut_normal"

RSpec.describe FondKettle::Numerics::CutNormal do
  def moments(...) = described_class.moments(...)

  it "leaves a normal alone that is cut nowhere" do
    mean, variance = moments(1.5, 2.0, -Float::INFINITY, Float::INFINITY)
    expect([mean, variance]).to match([be_within(1e-12).of(1.5), be_within(1e-12).of(4.0)])
  end

  it "has the moments of half a normal" do
    mean, variance = moments(0.0, 1.0, 0.0, Float::INFINITY)
    expect(mean).to be_within(1e-9).of(Math.sqrt(2 / Math::PI))
    expect(variance).to be_within(1e-9).of(1 - (2 / Math::PI))
  end

  it "agrees with sums over a fine grid, and lies in its band" do
    random = Random.new(7)
    40.times do
      mean = random.rand(-1.0..1.0)
      sd = random.rand(0.2..1.5)
      low = random.rand(-1.5..0.5)
      high = low + random.rand(0.2..2.0)
      xs = (0..4000).map { |i| low + ((high - low) * i / 4000) }
      weights = xs.map { |x| FondKettle::Numerics::Normal.density((x - mean) / sd) }
      middle = xs.zip(weights).sum { |x, weight| x * weight } / weights.sum
      wide = xs.zip(weights).sum { |x, weight| ((x - middle)**2) * weight } / weights.sum
      found = moments(mean, sd, low, high)
      expect(found).to match([be_within(1e-3).of(middle), be_within(1e-3).of(wide)])
      expect(found.first).to be_between(low, high)
    end
  end

  it "takes the nearer edge of a band that is out of reach" do
    expect(moments(0.0, 0.1, 5.0, 6.0)).to eq([5.0, 0.0])
  end
end
