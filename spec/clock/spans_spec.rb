# frozen_string_literal: true

require_relative "../../lib/fond_kettle/clock/replanning"
require_relative "../support/dishes_at_random"

# What is held over several tasks: a pot from its first step to its last.
RSpec.describe FondKettle::Clock::Span do
  clock = FondKettle::Clock
  meals = Support::Meals
  slot = clock::Slot
  after = clock::After

  def place(slots, **rest)
    FondKettle::Clock::Placement.place(FondKettle::Clock::Problem.of(slots, **rest))
  end

  # Two tasks of a dish, one after the other, and so long between them.
  define_method(:chain) do |name, first, second, most: nil|
    [slot.of("#{name}1", first),
     slot.of("#{name}2", second, after: [after.new(task: "#{name}1", least: 0, most: most)])]
  end

  define_method(:span) do |name, uses, tasks = []|
    described_class.new(id: "pot of #{name}", from: "#{name}1", to: "#{name}2", uses: uses, tasks: tasks)
  end

  it "is held between its tasks too, by one dish after the other" do
    slots = chain("a", 5, 5) + chain("b", 5, 5)
    pots = [span("a", { "pot" => 1 }), span("b", { "pot" => 1 })]
    placed = place(slots, resources: { "pot" => 1 }, spans: pots)
    expect(meals.faults(slots, [], { "pot" => 1 }, placed.starts, pots)).to eq([])
    expect([placed.span_min, placed.bound_min]).to eq([20, 20])
    expect(place(slots, resources: { "pot" => 2 }, spans: pots).span_min).to eq(10)
  end

  it "counts once what its own tasks use, and counts it where they lie outside" do
    slots = chain("a", 4, 4).map { |one| one.with(uses: { "ring" => 1 }) }
    held = [span("a", { "ring" => 1 }, %w[a1 a2])]
    expect(place(slots, resources: { "ring" => 1 }, spans: held).span_min).to eq(8)
    outside = slots + [slot.of("c", 3, uses: { "ring" => 1 })]
    expect(place(outside, resources: { "ring" => 1 }, spans: held).span_min).to eq(11)
    within = [span("a", { "ring" => 1 }, %w[a1 a2 c])]
    placed = place(outside, resources: { "ring" => 1 }, spans: within)
    expect(meals.faults(outside, [], { "ring" => 1 }, placed.starts, within)).to eq([])
    expect(placed.span_min).to be <= 11
  end

  it "gives only schedules that a checker of the definitions finds no fault with" do
    met = 0
    (0..39).each do |seed|
      problem = Support::DishesAtRandom.with_vessels(seed, 2 + (seed % 6), 1 + (seed % 2))
      placed = FondKettle::Clock::Placement.place(problem)
      met += 1
      expect(meals.faults(problem.slots, problem.ends, problem.resources, placed.starts,
                          problem.spans)).to eq([])
      expect(placed.bound_min).to be <= placed.span_min
    rescue FondKettle::InvalidInput
      # A meal at random may ask for what cannot be.
    end
    expect(met).to be > 25
  end

  it "finds the least that there is, as trying everything does, and claims no less" do
    resources = { "cook" => 1, "pot" => 1 }
    (0..7).each do |seed|
      random = Random.new(seed)
      slots = (0..3).map do |index|
        before = [after.new(task: "t#{index - 1}", least: 0, most: nil)] if index.odd?
        uses = random.rand < 0.5 ? { "cook" => 1 } : { "pot" => 1 }
        slot.of("t#{index}", 1 + random.rand(3), uses: uses, after: before || [])
      end
      spans = [%w[t0 t1], %w[t2 t3]].map do |from, to|
        described_class.new(id: "#{from}-#{to}", from: from, to: to, uses: { "pot" => 1 },
                            tasks: [from, to, *("t0" if random.rand < 0.3)].uniq)
      end
      least = meals.least_span(slots, [], resources, 11, spans)
      placed = place(slots, resources: resources, spans: spans)
      expect(placed.span_min).to eq(least), "seed #{seed}"
      expect(placed.bound_min).to be <= least
    end
  end

  it "names what is wanted twice at once, and what there is too little of" do
    slots = chain("a", 5, 5, most: 0) + chain("b", 5, 5, most: 0)
    ends = %w[a2 b2].map { |id| clock::End.new(task: id, least: 0, most: 2) }
    problem = clock::Problem.of(slots, ends: ends, resources: { "wok" => 1 },
                                       spans: [span("a", { "wok" => 1 }), span("b", { "wok" => 1 })])
    expect { clock::Placement.place(problem) }
      .to raise_error(FondKettle::InvalidInput, /1 of wok the bounds cannot be met/)
    found = clock::Conflicts.of(problem)
    expect([found.resource, found.tasks.sort]).to eq(["wok", %w[a1 a2 b1 b2]])
    expect { place(slots, resources: {}, spans: [span("a", { "wok" => 1 })]) }
      .to raise_error(FondKettle::InvalidInput, /spans.pot of a.uses must be at most 0 of wok/)
  end

  it "is held on where it was begun before what is left is planned anew" do
    slots = chain("a", 10, 10) + chain("b", 10, 10)
    problem = clock::Problem.of(slots, resources: { "pot" => 1 },
                                       spans: [span("a", { "pot" => 1 }), span("b", { "pot" => 1 })])
    starts = { "a1" => 40, "a2" => 30, "b1" => 20, "b2" => 10 }
    begun = { "a1" => clock::Begun.new(start_min: 40, end_min: 30) }
    found = clock::Replanning.of(problem, starts, now_min: 25, begun: begun)
    expect(found.late_min).to eq(5)
    expect(found.starts).to eq("a2" => 30, "b1" => 20, "b2" => 10)
    over = { **begun, "a2" => clock::Begun.new(start_min: 30, end_min: 12) }
    found = clock::Replanning.of(problem, starts, now_min: 25, begun: over)
    expect([found.late_min, found.starts]).to eq([8, { "b1" => 20, "b2" => 10 }])
  end
end
