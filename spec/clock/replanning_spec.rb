# frozen_string_literal: true

require_relative "../support/dishes_at_random"

RSpec.describe FondKettle::Clock::Replanning do
  clock = FondKettle::Clock

  # A meal of two to five dishes under way: its problem, schedule, the minute it is, what has begun.
  def under_way(seed)
    random = Random.new(seed)
    problem = Support::DishesAtRandom.meal(seed, 2 + (seed % 4), 2)
    starts = FondKettle::Clock::Placement.place(problem).starts
    now_min = (starts.values.max * (0.3 + (random.rand * 0.5))).floor
    [problem, starts, now_min, begun(problem, starts, now_min)]
  rescue FondKettle::InvalidInput
    nil
  end

  def begun(problem, starts, now_min)
    problem.slots.select { |slot| starts[slot.id] > now_min }.to_h do |slot|
      start = starts[slot.id]
      [slot.id, FondKettle::Clock::Begun.new(start_min: start, end_min: start - slot.minutes)]
    end
  end

  it "changes nothing where nothing has slipped" do
    problem, starts, now_min, begun = under_way(2)
    found = described_class.of(problem, starts, now_min: now_min, begun: begun)
    expect([found.late_min, found.waits]).to eq([0, []])
    expect(found.starts).to eq(starts.except(*begun.keys))
  end

  it "serves after now, however late that is" do
    problem, starts, = under_way(2)
    found = described_class.of(problem, starts, now_min: -25, begun: {})
    expect(found.late_min).to be >= 25 + starts.values.max
    expect(found.starts.values.max).to be <= found.late_min - 25
  end

  it "tells what is ready and waits too long for a later table" do
    slots = [clock::Slot.of("rice", 20), clock::Slot.of("salad", 10)]
    ends = [clock::End.new(task: "rice", least: 0, most: 10),
            clock::End.new(task: "salad", least: 0, most: nil)]
    problem = clock::Problem.of(slots, ends: ends)
    begun = { "rice" => clock::Begun.new(start_min: 50, end_min: 30) }
    found = described_class.of(problem, { "rice" => 20, "salad" => 10 }, now_min: 30, begun: begun)
    expect(found.waits.map(&:to_h)).to eq([{ task: "rice", next: nil, min: 30, most_min: 10 }])
  end

  it "never moves what has begun, starts nothing before now, and keeps every bound of what is left" do
    looked = 0
    (0...40).each do |seed|
      problem, starts, now_min, begun = under_way(seed)
      next unless problem

      away = seed.even? ? [clock::Away.new(uses: { "burner" => 1 }, from_min: now_min, to_min: 0)] : []
      late = [now_min - (seed % 7), 1].max
      found = described_class.of(problem.with(away: away), starts, now_min: late, begun: begun)
      next unless found

      looked += 1
      check(problem, away, found, late, begun)
    end
    expect(looked).to be > 25
  end

  # All of it together, in minutes before the new serving, by the checker that knows the definitions
  # alone; what waits too long is told.
  def check(problem, away, found, now_min, begun)
    expect(found.starts.keys & begun.keys).to eq([])
    expect(found.starts.values.max.to_i).to be <= now_min + found.late_min
    whole = found.starts.merge(begun.transform_values { |one| one.start_min + found.late_min })
    check_bounds(problem, found, whole, begun)
    check_crowds(problem, away, whole, begun)
  end

  def check_bounds(problem, found, whole, begun)
    told = found.waits.map { |wait| [wait.next, wait.task] }
    left = problem.slots.reject { |slot| begun.key?(slot.id) }.map do |slot|
      slot.with(after: slot.after.reject { |after| told.include?([slot.id, after.task]) })
    end
    over = over(problem.slots, whole)
    expect(Support::Meals.gaps(left, whole.transform_values(&:-@), over)).to eq([])
    expect(Support::Meals.late(problem.ends.reject { |one| begun.key?(one.task) }, over)).to eq([])
  end

  # What was crowded by what has begun alone cannot be helped.
  def check_crowds(problem, away, whole, begun)
    lost = away.sum { |one| one.uses.fetch("burner", 0) }
    resources = problem.resources.merge("burner" => 3 - lost)
    before = crowds(problem.slots, whole.slice(*begun.keys), resources)
    expect(crowds(problem.slots, whole, resources) - before).to eq([])
  end

  def over(slots, whole)
    slots.to_h { |slot| [slot.id, -whole.fetch(slot.id) + slot.minutes] }
  end

  def crowds(slots, whole, resources)
    among = slots.select { |slot| whole.key?(slot.id) }
    return [] if among.empty?

    Support::Meals.crowds(among, whole.transform_values(&:-@), over(among, whole), resources)
  end
end
