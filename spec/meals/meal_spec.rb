# frozen_string_literal: true

require_relative "../support/evenings"

RSpec.describe FondKettle::Meals do
  include Support::Evenings

  scheduling = described_class::Scheduling

  it "places every task of every dish, and the checker finds no fault" do
    meal = evening
    schedule = scheduling.of(meal)
    expect(schedule.starts.keys).to match_array(meal.dishes.flat_map { |dish|
      dish.plan[:tasks].map { |task|
        dish.id(task[:id])
      }
    })
    expect(faults(meal, schedule)).to eq([])
    expect(schedule.span_min).to be >= schedule.bound_min
  end

  it "follows each pot step by step, in the order of its plan" do
    meal = evening(cooks: ["Ada"])
    schedule = scheduling.of(meal)
    meal.dishes.select(&:rice?).each do |dish|
      starts = dish.tasks.map { |task| schedule.starts.fetch(task.id) }
      expect(starts).to eq(starts.sort.reverse)
    end
  end

  it "gives each task of a pair of hands to one cook, never two at once to the same" do
    meal = evening
    schedule = scheduling.of(meal)
    busy = meal.tasks.select(&:hands_on?).flat_map do |task|
      schedule.hands.fetch(task.id).map do |cook|
        [cook, (schedule.over_min(task)...schedule.starts.fetch(task.id)).to_a]
      end
    end
    each = busy.group_by(&:first).transform_values { |minutes| minutes.flat_map(&:last) }
    expect(each.values.map { |minutes| minutes.tally.values.max }).to all(eq(1))
  end

  # A rice dish that has the one wide pan from its first task by hand to its last.
  def with_pan(key)
    dish = rice_dish(key)
    ids = dish.plan[:tasks].map { |task| task[:id] }
    dish.with(plan: dish.plan.merge(held: [{ name: "Wide pan", from: ids.first, to: ids.last, tasks: ids }]))
  end

  it "has two dishes use one pan of the house after one another, or says what would free them" do
    dishes = [with_pan("d1"), with_pan("d2")]
    meal = described_class::Meal.of(title: "Friday", serve_at: Support::Evenings::SERVE, cooks: %w[Ada Bo],
                                    rings: 3, shelves: 1, dishes: dishes, patience_min: 120)
    schedule = scheduling.of(meal)
    expect(faults(meal, schedule)).to eq([])
    times = dishes.map do |dish|
      tasks = dish.tasks
      (schedule.over_min(tasks.last)..schedule.starts.fetch(tasks.first.id))
    end
    expect(times.map(&:begin).max).to be >= times.map(&:end).min
    expect(scheduling.of(meal.with(vessels: false)).span_min).to be < schedule.span_min

    at_once = meal.with(patience_min: 0)
    expect { scheduling.of(at_once) }.to raise_error(FondKettle::InvalidInput)
    ways = described_class::WaysOut.new(at_once)
    expect(ways.conflict.resource).to eq("vessel: Wide pan")
    expect(ways.all.map(&:key)).to include(:vessels, :wait)
  end

  it "leaves a task to whom it is given, pins it, and keeps the quiet hours" do
    meal = evening
    first = scheduling.of(meal)
    id = "d3/1"
    changed = meal.with(pins: { id => first.starts[id] + 7 }, who: { id => 1 })
    mended = described_class::Changes.mended(changed, first)
    expect([mended.starts[id], mended.hands[id],
            faults(changed, mended)]).to eq([first.starts[id] + 7, [1], []])
    at_breakfast = meal.with(serve_at: Time.new(2026, 11, 27, 9, 30), quiet: [22, 7])
    early = scheduling.of(at_breakfast)
    by_hand = at_breakfast.tasks.select(&:hands_on?).map do |task|
      at_breakfast.at(early.starts.fetch(task.id))
    end
    expect(by_hand.map(&:hour)).to all(be_between(7, 21))
  end

  it "crosses midnight and the change of summer time with the hours that pass" do
    zone = ENV.fetch("TZ", nil)
    ENV["TZ"] = "Europe/Vienna"
    meal = evening.with(serve_at: Time.new(2026, 3, 29, 3, 30))
    schedule = scheduling.of(meal)
    before = meal.at(schedule.span_min)
    expect(meal.serve_at - before).to eq(schedule.span_min * 60)
    expect(meal.at(60).strftime("%H:%M")).to eq("01:30")
  ensure
    ENV["TZ"] = zone
  end

  it "says why a task stands there, and how far it could move" do
    meal = evening
    schedule = scheduling.of(meal)
    reasons = described_class::Reasons.new(meal, schedule)
    meal.tasks.each do |task|
      reason = reasons.of(task.id)
      expect(schedule.starts[task.id]).to be_between(reason.least_min, reason.most_min)
    end
    last = meal.tasks.find { |task| schedule.over_min(task).zero? }
    expect(reasons.of(last.id).why).to eq(:serving)
  end

  it "moves a task anywhere in its window, and the rest keeps its bounds" do
    meal = evening
    schedule = scheduling.of(meal)
    reasons = described_class::Reasons.new(meal, schedule)
    meal.tasks.each do |task|
      reason = reasons.of(task.id)
      [reason.least_min, reason.most_min].uniq.each do |min|
        pinned = meal.with(pins: { task.id => min })
        mended = described_class::Changes.mended(pinned, schedule)
        expect([mended.starts[task.id], faults(pinned, mended)]).to eq([min, []])
      end
    end
  end

  it "puts off to the day before what keeps cold, never the last of a dish" do
    meal = evening(beside: "Roots: Cut the roots | cut | 15 min\nRoots: Fry them | fry | 9 min\n" \
                           "Relish: Mix | mix | 4 min")
    can = described_class::Ahead.tasks(meal).map(&:id)
    expect(can).to eq(["d3/1"])
    ahead = meal.with(ahead: described_class::Ahead.whole(meal, can))
    schedule = scheduling.of(ahead)
    expect(schedule.starts.keys).not_to include("d3/1")
    expect(ahead.every_task.map(&:id)).to include("d3/1")
    expect(faults(ahead, schedule)).to eq([])
  end

  it "names what is in the way, and offers only what was tried" do
    meal = evening(cooks: ["Ada"],
                   beside: "Onions: Fry the onions | fry | 25 min\nEggs: Fry the eggs | fry | 9 min")
    expect { scheduling.of(meal) }.to raise_error(FondKettle::InvalidInput)
    ways = described_class::WaysOut.new(meal)
    expect(ways.conflict.to_h).to include(resource: "cook", tasks: include("d4/1"))
    found = ways.all.to_h { |way| [way.key, way] }
    expect(found.keys).to include(:cook, :wait)
    second = meal.with(cooks: %w[Ada Bo])
    expect(faults(second, scheduling.of(second))).to eq([])
    patient = meal.with(patience_min: found[:wait].count)
    expect(scheduling.of(patient).span_min).to be <= found[:wait].span_min
  end

  it "offers a later hour where there is too little time" do
    meal = evening
    now = meal.at(scheduling.of(meal).span_min - 7)
    expect { scheduling.of(meal, now: now) }.to raise_error(FondKettle::InvalidInput)
    way = described_class::WaysOut.new(meal, now: now).all.find { |one| one.key == :later }
    later = meal.with(serve_at: meal.serve_at + (way.count * 60))
    expect(scheduling.of(later, now: now).span_min).to be <= later.before_min(now)
  end
end
