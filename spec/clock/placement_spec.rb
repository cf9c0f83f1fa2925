# frozen_string_literal: true

require_relative "../support/dishes_at_random"

RSpec.describe FondKettle::Clock::Placement do
  meals = Support::Meals
  slot = FondKettle::Clock::Slot
  after = FondKettle::Clock::After
  ending = FondKettle::Clock::End

  def place(slots, **rest)
    described_class.place(FondKettle::Clock::Problem.of(slots, **rest))
  end

  it "gives only schedules that an independent checker finds no fault with" do
    met = 0
    PropCheck.forall(PropCheck::Generators.choose(0..9999), PropCheck::Generators.choose(2..12))
             .with_config(n_runs: 150).check do |seed, count|
      slots = meals.meal(seed, count)
      ends = [ending.new(task: slots.last.id, least: 0, most: 20)]
      placed = place(slots, ends: ends, resources: meals::RESOURCES)
      expect(meals.faults(slots, ends, meals::RESOURCES, placed.starts)).to eq([])
      expect([placed.span_min, placed.bound_min]).to match([placed.starts.values.max, be <= placed.span_min])
      met += 1
    rescue FondKettle::InvalidInput
      # A meal at random may ask for what cannot be.
    end
    expect(met).to be > 75
  end

  hands = { "cook" => 1 }
  ring = { "burner" => 1 }
  # Name, minutes, uses, and how long it may be after the one before it.
  round = [["rinse", 3, hands, nil], ["soak", 30, {}, 15], ["drain", 1, hands, 0],
           ["fill", 1, hands.merge(ring), 20], ["part", 18, hands.merge(ring), 0], ["pour", 2, hands, 0],
           ["layer", 6, hands, 5], ["seal", 3, hands, 10], ["high", 12, hands.merge(ring), 5],
           ["low", 28, ring, 0], ["rest", 10, {}, 0], ["out", 4, hands, 10]]

  # One sealed pot, so many rounds after one another, each with rice of its own.
  define_method(:rounds) do |count|
    (1..count).reduce([]) do |slots, number|
      water = slot.of("water-#{number}", 15, uses: ring)
      done = slots.last&.id
      slots + [water] + round.each_with_index.map do |(name, minutes, uses, most), index|
        last = "#{round[index - 1].first}-#{number}"
        before = index.zero? ? [] : [after.new(task: last, least: 0, most: most)]
        before += [after.new(task: water.id, least: 0, most: 10)] if name == "fill"
        before += [after.new(task: done, least: 0, most: 20)] if name == "layer" && done
        slot.of("#{name}-#{number}", minutes, uses: uses, after: before)
      end
    end
  end

  it "says in words what it cannot lay, where rounds of one pot drive their bounds on and on" do
    slots = rounds(5)
    ends = [ending.new(task: slots.last.id, least: 0, most: 10)]
    expect { place(slots, ends: ends, resources: { "cook" => 1, "burner" => 1 }) }
      .to raise_error(FondKettle::InvalidInput, /in \d+ orders none was found/)
  end

  it "finds the least span there is, as trying everything does" do
    12.times do |seed|
      slots = meals.meal(seed, 4).map { |one| one.with(minutes: 1 + (one.minutes % 3)) }
      least = meals.least_span(slots, [], meals::RESOURCES, 11)
      placed = place(slots, resources: meals::RESOURCES)
      expect([placed.span_min, placed.bound_min]).to eq([least, least]), "seed #{seed}"
    rescue FondKettle::InvalidInput
      expect(least).to be_nil
    end
  end

  it "places very many dishes, too: as short as there is work" do
    slots = (0...120).map do |index|
      before = [after.new(task: "t#{index - 1}", least: 0, most: 20)] unless (index % 5).zero?
      slot.of("t#{index}", 3, uses: { "cook" => 1 }, after: before || [])
    end
    placed = place(slots, resources: { "cook" => 2 })
    expect(meals.faults(slots, [], { "cook" => 2 }, placed.starts)).to eq([])
    expect(placed.span_min).to be <= 180 * 1.03
  end

  it "finds, where there is no time for a better one, one in which what is ready waits longer" do
    found = 0
    (0..30).each do |seed|
      problem = Support::DishesAtRandom.meal(seed, 8, 2)
      placed = described_class.nearest(problem, stop: -> { true })
      found += 1 if placed.over_min.positive?
      patient = problem.ends.map { |one| one.with(most: one.most + placed.over_min) }
      expect(meals.faults(problem.slots, patient, problem.resources, placed.starts)).to eq([])
    rescue FondKettle::InvalidInput
      # There is none, and that is shown.
    end
    expect(found).to be_positive
  end

  it "puts what needs no hands beside what does" do
    slots = [slot.of("rinse", 3, uses: { "cook" => 1 }),
             slot.of("soak", 30, after: [after.new(task: "rinse", least: 0, most: 5)]),
             slot.of("fry", 20, uses: { "cook" => 1, "burner" => 1 }),
             slot.of("fill", 1, uses: { "cook" => 1 }, after: [after.new(task: "soak", least: 0, most: 5),
                                                               after.new(task: "fry", least: 0, most: 10)])]
    placed = place(slots, resources: meals::RESOURCES)
    expect([placed.span_min,
            placed.starts]).to eq([34, { "rinse" => 34, "soak" => 31, "fry" => 31, "fill" => 1 }])
  end

  it "names the bounds or the resource that cannot be met" do
    circle = [slot.of("a", 1, after: [after.new(task: "b", least: 0, most: nil)]),
              slot.of("b", 1, after: [after.new(task: "a", least: 0, most: nil)])]
    expect { place(circle) }.to raise_error(FondKettle::InvalidInput, /bounds of (a, b|b, a)/)
    greedy = [slot.of("a", 1, uses: { "oven" => 2 })]
    expect do
      place(greedy, resources: { "oven" => 1 })
    end.to raise_error(FondKettle::InvalidInput, /at most 1 of oven/)
    at_once = %w[a b].map { |id| slot.of(id, 5, uses: { "cook" => 1 }) }
    ends = %w[a b].map { |id| ending.new(task: id, least: 0, most: 2) }
    expect { place(at_once, ends: ends, resources: { "cook" => 1 }) }
      .to raise_error(FondKettle::InvalidInput, /1 of cook/)
    stray = [slot.of("a", 1, after: [after.new(task: "z", least: 0, most: nil)])]
    expect { place(stray) }.to raise_error(FondKettle::InvalidInput,
                                           /must name one of the tasks/)
  end

  it "can put tasks in turn, whatever waits" do
    slots = meals.meal(7, 9)
    placed = described_class.in_turn(slots)
    patient = slots.map { |one| one.with(after: one.after.map { |link| link.with(least: 0, most: nil) }) }
    expect(meals.faults(patient, [], meals::RESOURCES, placed.starts)).to eq([])
    expect(placed.span_min).to eq(slots.sum(&:minutes))
  end
end
