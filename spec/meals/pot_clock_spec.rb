# frozen_string_literal: true

require_relative "../../app/forms/plan_form"
require_relative "../../app/plans/look"
require_relative "../../lib/fond_kettle/meals/pot_clock"
require_relative "../../lib/fond_kettle/formats/request/dish_request"
require_relative "../support/open_kitchen"
require_relative "../support/told_texts"

RSpec.describe FondKettle::Meals::PotClock do
  include Support::OpenKitchen
  include Support::ToldTexts

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

  # A dish of spec/fixtures/texts for four, as a pot keeps it.
  def told_plan(name)
    dish = JSON.parse(JSON.generate(whole(name)))
    request = FondKettle::Formats::DishRequest.new({ "dish" => dish, "for" => { "guests" => 4 },
                                                     "assume" => true })
    plan = FondKettle::Formats::PlanJson.for_the_stove(request.supper.plan)
    JSON.parse(JSON.generate(plan), symbolize_names: true)
  end

  # The place of the first task that the block finds.
  def place(plan, &)
    plan[:tasks].index(&)
  end

  it "keeps the minute of what goes in beside the rice, and is not later for every minute that passes" do
    plan = told_plan("bacon")
    low = place(plan) { |task| task[:kind] == "low" }
    readies = [0, 5, 12].map { |later| clock(plan, times(plan).take(low + 1), later_min: later).ready_at }
    expect(readies.uniq.size).to eq(1)
  end

  it "goes by the cook's own minutes where a step of the dish cools, not by the bed of dressed rice" do
    plan = told_plan("dill_crust")
    cools = place(plan) { |task| task[:kind] == "cool" }
    expect(plan[:cooling][:minutes]).to be > 20
    stands = clock(plan, times(plan).take(cools + 1))
    over_min = times(plan)[cools] + plan[:tasks][cools][:minutes]
    expect((stands.next_at - start) / 60).to be_within(2).of(over_min)
  end
end
