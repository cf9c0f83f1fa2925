# frozen_string_literal: true

require_relative "../support/meals"

RSpec.describe FondKettle::Clock::Network do
  slot = FondKettle::Clock::Slot
  after = FondKettle::Clock::After

  def network(slots, **rest)
    described_class.new(FondKettle::Clock::Problem.of(slots, **rest))
  end

  let(:chain) do
    [slot.of("soak", 30), slot.of("boil", 5, after: [after.new(task: "soak", least: 0, most: 10)]),
     slot.of("rest", 10, after: [after.new(task: "boil", least: 2, most: 2)])]
  end

  it "keeps every task as late as its bounds allow, and tells the window of each" do
    low, high = network(chain).windows(60)
    expect(low.first(3)).to eq([47, 17, 10])
    expect(high.first(3)).to eq([60, 30, 23])
  end

  it "has no windows where bounds contradict one another, or the limit is too short" do
    expect(network(chain).windows(46)).to be_nil
    pinned = [FondKettle::Clock::Window.new(task: "boil", least: 40, most: 40)]
    expect(network(chain, windows: pinned,
                          ends: [FondKettle::Clock::End.new(task: "rest", least: 0, most: 5)])
      .windows(200)).to be_nil
  end

  it "narrows with an order and takes it back" do
    slots = [slot.of("a", 5), slot.of("b", 7)]
    one = network(slots)
    low, high = one.windows(20).map(&:dup)
    expect(one.order(0, 1, low, high)).to be(true)
    expect([low.first(2), high.first(2)]).to eq([[12, 7], [20, 15]])
    one.drop(0, 1)
    expect(one.windows(20).first.first(2)).to eq([5, 7])
  end

  it "lets what is ready wait longer, and tells by how much it does" do
    slots = [slot.of("a", 5)]
    one = network(slots, ends: [FondKettle::Clock::End.new(task: "a", least: 0, most: 10)])
    expect([one.windows(60).last.first, one.windows(60, 7).last.first]).to eq([15, 22])
    expect([one.over_min([15]), one.over_min([20]), one.late([20])]).to eq([0, 5, [0]])
  end
end
