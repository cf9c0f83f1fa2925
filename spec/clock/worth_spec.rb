# frozen_string_literal: true

require_relative "../support/meals"

RSpec.describe FondKettle::Clock::Worths do
  clock = FondKettle::Clock
  slot = clock::Slot
  hands = { "cook" => 1 }.freeze

  def worths(slots, **rest)
    problem = FondKettle::Clock::Problem.of(slots, **rest)
    described_class.new(problem, problem.slots.each_with_index.to_h { |one, index| [one.id, index] })
  end

  it "counts span, slack, changes of dish, waits and early starts, in this order" do
    slots = [slot.of("a1", 5, uses: hands, dish: "a"), slot.of("b1", 5, uses: hands, dish: "b"),
             slot.of("a2", 5, uses: hands, dish: "a",
                              after: [clock::After.new(task: "a1", least: 0, most: 30)])]
    ends = [clock::End.new(task: "a2", least: 0, most: 10)]
    between = worths(slots, ends: ends, resources: hands).of([15, 10, 5])
    beside = worths(slots, ends: ends, resources: hands).of([10, 15, 5])
    expect([between.to_a, beside.to_a]).to eq([[15, 0, 2, 5, 30], [15, 0, 1, 0, 30]])
    expect(beside).to be < between
  end

  it "gives what is theirs to each cook, and the rest to whoever is free" do
    slots = [slot.of("a", 10, uses: hands, dish: "a"), slot.of("b", 10, uses: hands, dish: "b"),
             slot.of("c", 5, uses: hands, dish: "a")]
    found = worths(slots, resources: { "cook" => 2 }).hands([20, 20, 10], { 0 => 1 })
    expect(found).to contain_exactly([0, 1], [1, 0], [2, 1])
  end
end
