# frozen_string_literal: true

require_relative "../support/dishes_at_random"

RSpec.describe FondKettle::Clock::OneByOne do
  it "keeps every bound but how long what is ready may wait" do
    [3, 12, 20].each do |dishes|
      problem = Support::DishesAtRandom.meal(dishes, dishes, 2)
      found = described_class.starts(problem)
      starts = problem.slots.map(&:id).zip(found).to_h
      expect(Support::Meals.faults(problem.slots, [], problem.resources, starts)).to eq([])
    end
  end

  it "has none where a dish has no place by itself" do
    clock = FondKettle::Clock
    inside = clock::After.new(task: "a", least: -5, most: -1)
    slots = [clock::Slot.of("a", 5, uses: { "cook" => 1 }),
             clock::Slot.of("b", 5, uses: { "cook" => 1 }, after: [inside])]
    problem = FondKettle::Clock::Problem.of(slots, resources: { "cook" => 1 })
    expect(described_class.starts(problem)).to be_nil
  end
end
