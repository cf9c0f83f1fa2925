# frozen_string_literal: true

RSpec.describe FondKettle::Numerics::Root do
  generators = PropCheck::Generators

  it "finds fixed points, with the slope there, whatever the function" do
    PropCheck.forall(generators.choose(-95..95), generators.choose(1..5000)).check do |percent, need|
      slope = percent / 100.0
      found = described_class.fixed_point(1.0, close: 1e-6) { |x| need + (slope * x) }
      expect(found.x).to be_within(1e-3).of([need / (1 - slope), 0].max)
    end
    expect(described_class.fixed_point(1.0, close: 1e-12) { |x| Math.cos(x) }).to have_attributes(
      x: be_within(1e-9).of(0.7390851332), slope: be_within(0.01).of(-0.6736)
    )
  end

  it "stays at the least where even that is too much, and ends where nothing settles" do
    expect(described_class.fixed_point(5.0, close: 1e-6) { |x| (0.5 * x) - 10 }.x).to eq(0.0)
    expect(described_class.fixed_point(1.0, close: 1e-9) { |x| x < 3 ? 10.0 : 0.0 }
                          .x).to be_within(1e-6).of(3.0)
    expect do
      described_class.fixed_point(1.0, close: 1e-9,
                                       most: 3) { |x| x + 1 }
    end.to raise_error(FondKettle::Error)
  end

  it "makes up for what is missing, and stops where no x will do" do
    expect(described_class.shortfall(0.0, close: 1e-9, rates: (0.25..1.0), most: 60) do |x|
      12 - (0.4 * x)
    end).to be_within(1e-6).of(30)
    expect(described_class.shortfall(7.0, close: 1e-9, rates: (0.25..1.0), most: 60) { nil }).to eq(7.0)
  end

  it "finds the largest that will do, also where that is nothing" do
    expect(described_class.largest(0.0, 4.0,
                                   close: 1e-12) { |x| x * x < 2 }).to be_within(1e-9).of(Math.sqrt(2))
    expect(described_class.largest(0.0, 4.0, close: 1e-3) { false }).to eq(0.0)
  end

  it "fills to the brim and no further, also where it fills by jumps, by nothing or never" do
    asked = 0
    full = described_class.filling(1.0, 9.0, close: 1e-6) { |x| ((0.1 + x) / 4).tap { asked += 1 } }
    expect([full, asked]).to match([be_between(3.9 - 1e-5, 3.9), be <= 4])
    by_jumps = described_class.filling(1.0, 100.0, close: 0.01) { |x| x.ceil / 7.5 }
    expect(by_jumps).to be_between(6.9, 7.0)
    expect(described_class.filling(1.0, 5.0, close: 0.01) { |x| x / 50 }).to eq(5.0)
    expect(described_class.filling(1.0, 5.0, close: 0.01) { 2.0 }).to be < 1e-6
    expect(described_class.filling(1.0, 5.0, close: 0.01) { 0.0 }).to eq(5.0)
  end

  it "finds when a falling function is gone, from the left, and never beyond the most" do
    gone = described_class.falling(10.0) { |x| [Math.exp(-x) - 0.5, Math.exp(-x)] }
    expect(gone).to be_within(1e-9).of(Math.log(2)).and(be <= Math.log(2) + 1e-9)
    expect(described_class.falling(0.5) { |x| [Math.exp(-x) - 0.5, Math.exp(-x)] }).to eq(0.5)
  end
end
