# frozen_string_literal: true

require_relative "../../app/forms/plan_form"
require_relative "../../app/plans/look"
require_relative "../../lib/fond_kettle/meals/pot_clock"
require_relative "../support/open_kitchen"

RSpec.describe FondKettle::Meals::PotClock do
  include Support::OpenKitchen

  start = Time.utc(2026, 5, 9, 18, 0)

  def plan(title)
    record = household.dishes.all.find { |one| one[:title].start_with?(title) }
    form = FondKettle::Forms::PlanForm.in_own_amount(record, household)
    look = FondKettle::App::LookAtPlan.new(form, household.kitchen)
    stored = look.stored(look.supper.plan, nil, "plain")
    JSON.parse(JSON.generate(stored), symbolize_names: true)
  end

  # Whole minutes from the start at which each task starts by the plan.
  def times(plan)
    total = plan[:starts].values.max
    plan[:tasks].map { |task| total - plan[:starts].fetch(task[:id].to_sym) }
  end

  # The clock after the first tasks were begun at so many minutes, now: some minutes after the last.
  def clock(plan, begun_min, later_min: 0, **house)
    start = Time.utc(2026, 5, 9, 18, 0)
    events = begun_min.each_with_index.map do |min, index|
      FondKettle::Stove::Event.new(kind: "task", what: plan[:tasks][index][:id], at: start + (min * 60))
    end
    described_class.new(FondKettle::Stove::Cook.new(plan, events),
                        start + ((begun_min.last.to_i + later_min) * 60), rings: 3, **house)
  end

  it "says from the first step on when a pot is ready, though steps go on beside one another" do
    ["Leek", "Yoghurt chicken", "Cauliflower", "Coconut"].each do |title|
      plan = plan(title)
      at_min = times(plan)
      total_min = plan[:starts].values.max
      at_min.each_index do |index|
        ready = clock(plan, at_min.take(index + 1)).ready_at
        expect((ready - start) / 60).to be_within(2).of(total_min)
      end
    end
  end

  it "says what is next and when, what goes on by itself, and for how long there is nothing to do" do
    plan = plan("Yoghurt chicken")
    marinating = clock(plan, times(plan).take(1), later_min: 5)
    expect(marinating.next_at).to eq(start + (29 * 60))
    expect([marinating.free_min, marinating.due?, marinating.beside]).to eq([24, false, []])
    rinsing = clock(plan, times(plan).take(2))
    expect(rinsing.free_min).to eq(0)
    expect(rinsing.beside.map { |going| [going.task[:kind], going.ends_at] })
      .to eq([["marinate", start + (60 * 60)]])
    expect(clock(plan, times(plan).take(1), later_min: 30)).to be_due
  end

  it "is ready later by as much as a step is begun late" do
    oven = plan("Leek")
    on_time = clock(oven, [0, 8]).ready_at
    expect(clock(oven, [0, 14]).ready_at - on_time).to be_within(60).of(6 * 60)
    expect(clock(oven, [0, 28]).ready_at - on_time).to be_within(60).of(20 * 60)
  end

  it "is ready sooner where the cook is quick" do
    plan = plan("Carrots")
    expect(clock(plan, [0, 6, 11]).ready_at).to be < start + ((plan[:starts].values.max - 5) * 60)
  end

  it "knows a pot that waits, and one of which nothing is left" do
    plan = plan("Leek")
    waiting = clock(plan, [])
    expect([waiting.ready_at, waiting.free_min]).to eq([start + (plan[:starts].values.max * 60), 0])
    done = clock(plan, times(plan))
    expect([done.next_at, done.due?]).to eq([nil, false])
  end

  # Done on time, tapped up to five minutes late; one step in ten takes a third longer.
  it "is off by little an hour, half an hour and ten minutes before, with a cook who is not a clock" do
    random = Random.new(35)
    off = { 60 => [], 30 => [], 10 => [] }
    titles = household.dishes.all.reject { |one| household.dishes.side?(one) }.map { |one| one[:title] }
    titles.each do |title|
      plan = plan(title)
      3.times { cooked(plan, random).each { |before, min| off[before] << min } }
    end
    medians = off.transform_values { |all| all.sort[all.size / 2] }
    worst = off.transform_values { |all| all.sort[(all.size * 0.95).floor] }
    expect(medians).to match(60 => be <= 6, 30 => be <= 4, 10 => be <= 3)
    expect(worst).to match(60 => be <= 15, 30 => be <= 12, 10 => be <= 8)
  end

  # {minutes before the end => minutes by which the clock was off then} of a simulated cook.
  def cooked(plan, random)
    said = []
    events = []
    now_min = 0.0
    plan[:tasks].each_with_index do |task, index|
      events << now_min
      now = clock(plan, events)
      said << [now_min, (now.ready_at - Time.utc(2026, 5, 9, 18, 0)) / 60]
      following = plan[:tasks][index + 1]
      now_min = following ? [next_min(now, task, random), now_min].max : now_min + task[:minutes]
    end
    [60, 30, 10].to_h do |before|
      at = said.select { |min, _| min <= now_min - before }.last || said.first
      [before, (at.last - now_min).abs]
    end
  end

  # When the next is begun: as the clock says, late by the cook, or as a step takes longer.
  def next_min(clock, task, random)
    due_min = (clock.next_at - Time.utc(2026, 5, 9, 18, 0)) / 60
    longer = task[:hands_on] && random.rand < 0.1 ? task[:minutes] / 3.0 : 0
    due_min + longer + (random.rand < 0.3 ? random.rand(0.0..5.0) : 0)
  end
end
