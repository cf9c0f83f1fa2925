# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Cooled do
  cool = FondKettle::Methods::Cool

  it "takes a 20 mm bed to hand warmth: still, turned, fanned" do
    # 750 x 0.02 x 3400 / h x ln((95 - 20)/(37 - 20)) seconds
    expected = [25, 40, 70].map { |h| 750 * 0.02 * 3400 / h * Math.log(75 / 17.0) / 60 }
    made = [[false, false], [true, false], [true, true]].map do |turned, fanned|
      described_class.new(cool.of(turned: turned, fanned: fanned), 20.0).minutes
    end
    expect(made.zip(expected).map { |found, wanted| (found - wanted).abs }.max).to be < 1e-9
    expect(made.last).to be_within(0.1).of(18.0)
  end

  it "folds at even steps of temperature, the last when it is as warm as a hand" do
    bed = described_class.new(cool.of, 20.0)
    expect(bed.folds.map { |min| bed.after(min).round(6) }).to eq([80.5, 66.0, 51.5, 37.0])
    expect(described_class.new(cool.of(turned: false, fanned: false), 20.0).folds).to eq([])
  end

  it "keeps it workable no longer than is safe, however warm the room" do
    expect(described_class.new(cool.of(depth_mm: 60.0), 20.0).workable_min).to eq(120)
    expect(described_class.new(cool.of, 20.0).workable_min).to be_between(60, 120)
    expect(described_class.new(cool.of, 30.0, 50.0).workable_min).to eq(120)
  end
end
