# frozen_string_literal: true

require "tmpdir"
require_relative "../../store/household"
require_relative "../support/evenings"
require_relative "../support/kitchens"
require_relative "../support/open_kitchen"

RSpec.describe FondKettle::Store::MealBook, :empty do
  include Support::Evenings
  include Support::OpenKitchen

  let(:meals) { @household.meals }
  let(:now) { Support::Evenings::SERVE - 86_400 }

  def kept
    meal = evening
    puts = meal.dishes.map do |dish|
      where = dish.rice? ? { address: "grain=basmati", grain: "basmati" } : { address: nil, grain: nil }
      described_class::Put.new(key: dish.key, title: dish.title, plan: dish.plan, pot_id: nil, request: nil,
                               **where)
    end
    meals.add(meal, FondKettle::Meals::Scheduling.of(meal), puts, now)
  end

  def ring
    FondKettle::Meals::LostResource.new(resource: "burner", count: 1, from: now)
  end

  def start(dish)
    plan = FondKettle::Formats::StoredPlan.read(dish[:plan])
    [@household.cooks.start(title: dish[:title], grain: "basmati", pot_id: nil, address: "", plan: plan,
                            now: now, waits: true)]
  end

  it "keeps a meal with its dishes, its schedule and every wish" do
    id = kept
    record = meals.find(id)
    changed = record[:meal].with(pins: { "d3/1" => 40 }, who: { "d3/1" => 1 }, quiet: [22, 7],
                                 longer: { "d3/2" => 3 }, lost: [ring])
    meals.change(id, 0, changed, record[:schedule])
    expect(meals.find(id)[:meal].to_h.except(:dishes)).to eq(changed.to_h.except(:dishes))
    expect(meals.find(id)[:schedule]).to eq(record[:schedule])
    expect { meals.change(id, 0, changed, nil) }.to raise_error(FondKettle::Conflict)
  end

  it "lets a meal go that nobody began half a day after it was to be eaten" do
    id = kept
    later = Support::Evenings::SERVE + (13 * 3600)
    expect([meals.to_come(now).size, meals.to_come(later).size, meals.open.size]).to eq([1, 0, 1])
    meals.begin(id, now) { |dish| start(dish) }
    expect(meals.to_come(later).size).to eq(1)
  end

  it "puts every pot on the stove once, waiting" do
    id = kept
    2.times { meals.begin(id, now) { |dish| start(dish) } }
    pots = @household.cooks.on_the_stove
    expect(pots.size).to eq(2)
    expect(meals.find(id)[:meal].dishes.map { |dish| dish.cook_ids.size }).to eq([1, 1, 0])
    meals.end(id, now)
    expect([@household.cooks.on_the_stove, meals.open]).to eq([[], []])
  end

  it "tells each tap once, however often it is handed over, in the order in which they happened" do
    id = kept
    taps = [["key-0001", FondKettle::Meals::Tap.new(task: "d3/1", what: "over", at: now + 60)],
            ["key-0002", FondKettle::Meals::Tap.new(task: "d3/1", what: "begun", at: now)]]
    expect([meals.tell(id, taps, now + 90) { nil }, meals.tell(id, taps, now + 95) { nil }]).to eq([2, 0])
    standing = meals.standing(meals.find(id))
    task = standing.tasks.find { |one| one.id == "d3/1" }
    expect([standing.begun_at(task), standing.over_at(task)]).to eq([now, now + 60])
  end

  it "leaves nothing half-written where what follows from a tap fails" do
    id = kept
    tap = [["key-0001", FondKettle::Meals::Tap.new(task: "d3/1", what: "begun", at: now)]]
    expect { meals.tell(id, tap, now) { raise FondKettle::Conflict, "no" } }.to raise_error(FondKettle::Conflict)
    expect(meals.standing(meals.find(id)).begun(now)).to eq({})
  end

  it "loses nothing that was told where the kitchen is killed between two taps", :thorough do
    id = kept
    folder = File.dirname(@household.database.sequel.opts[:database])
    tap = ->(key, task) { %(["#{key}", FondKettle::Meals::Tap.new(task: "#{task}", what: "begun", at: now)]) }
    body = "now = Time.at(#{now.to_i})\nmeals = FondKettle::Store::Household.new(folder).meals\n" \
           "meals.tell(#{id}, [#{tap.call('key-0001', 'd3/1')}], now) { nil }\n" \
           "meals.tell(#{id}, [#{tap.call('key-0002', 'd3/2')}], now) { nil }"
    expect(Support::Kitchens.killed?(folder, /\AINSERT INTO `meal_taps`/, 2, body)).to be(true)
    standing = meals.standing(meals.find(id))
    expect(standing.tasks.select { |task| standing.begun?(task) }.map(&:id)).to eq(["d3/1"])
  end

  it "still shows a meal of which a dish was deleted" do
    id = kept
    @household.dishes.all.each { |dish| @household.dishes.remove(dish[:id], dish[:lock_version], Time.now) }
    expect(meals.find(id)[:meal].dishes.size).to eq(3)
  end
end
