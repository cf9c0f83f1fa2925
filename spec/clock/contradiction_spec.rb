# frozen_string_literal: true

require_relative "../support/dishes_at_random"

RSpec.describe FondKettle::Clock::Conflicts do
  clock = FondKettle::Clock
  slot = clock::Slot
  hands = { "cook" => 1 }.freeze

  def problem(slots, **rest)
    FondKettle::Clock::Problem.of(slots, resources: { "cook" => 1 }, **rest)
  end

  it "names the tasks that are too much work for one pair of hands, the stretch and the minutes" do
    slots = [slot.of("fry", 12, uses: hands), slot.of("eggs", 8, uses: hands),
             slot.of("salad", 9, uses: hands)]
    ends = [clock::End.new(task: "fry", least: 0, most: 2), clock::End.new(task: "eggs", least: 0, most: 3)]
    found = described_class.of(problem(slots, ends: ends))
    expect(found.to_h).to eq(tasks: %w[fry eggs], resource: "cook", there: 1, busy_min: 20, from_min: 14,
                             to_min: 0)
  end

  it "names bounds that contradict one another" do
    slots = [slot.of("a", 1, after: [clock::After.new(task: "b", least: 0, most: nil)]),
             slot.of("b", 1, after: [clock::After.new(task: "a", least: 0, most: nil)])]
    expect(described_class.of(problem(slots)).to_h).to include(resource: nil,
                                                               tasks: contain_exactly(
                                                                 "a", "b"
                                                               ))
  end

  it "names what is fixed to a minute that it cannot keep" do
    fixed = ->(task, min) { clock::Window.new(task: task, least: min, most: min) }
    chain = [slot.of("boil", 10),
             slot.of("rest", 10, after: [clock::After.new(task: "boil", least: 0, most: 0)])]
    pinned = problem(chain).with(windows: [fixed.call("boil", 40), fixed.call("rest", 10)])
    expect(described_class.of(pinned).tasks).to contain_exactly("boil", "rest")
    expect { clock::Placement.place(pinned) }
      .to raise_error(FondKettle::InvalidInput, /contradict one another: the bounds of \S+, \S+\z/)
    odd = problem(chain).with(windows: [clock::Window.new(task: "boil", least: 50, most: 40)])
    expect(described_class.of(odd).tasks).to include("boil")
  end

  it "says nothing of what can be met" do
    expect(described_class.of(problem([slot.of("a", 5, uses: hands)]))).to be_nil
  end

  it "leaves out what is not needed: with any of its tasks less it can be met" do
    problem = Support::DishesAtRandom.meal(28, 6, 2)
    found = described_class.of(problem)
    expect(found.tasks.size).to be < problem.slots.size / 2
    left = problem.slots.reject { |one| found.tasks.include?(one.id) }
    ids = left.map(&:id)
    rest = problem.with(slots: left, ends: problem.ends.select { |one| ids.include?(one.task) })
    expect { clock::Placement.place(rest) }.not_to raise_error
  end
end
