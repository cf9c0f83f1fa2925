# frozen_string_literal: true

require_relative "../../app/lessons/explain"
require_relative "../support/lived_kitchen"
require_relative "../support/open_kitchen"

RSpec.describe FondKettle::Store::LessonBook, :empty do
  include Support::OpenKitchen

  now = Time.utc(2026, 10, 3, 17)
  amounts = [300, 450, 250, 520, 380]

  let(:cooked_at) { now }
  let(:pot) { household.shelf(:pots).add(Support::LivedKitchen::POT)[:id] }

  def kitchen(**truth)
    Support::LivedKitchen.new(household, truth)
  end

  def lid(learned, pot)
    learned.belief.mean(FondKettle::Belief::Scoped.new(unknown: :lid, scope: "pot:#{pot} ordinary"))
  end

  # How far two beliefs lie apart at most.
  def apart(one, other)
    one.places.map { |place| (one.mean(place) - other.mean(place)).abs }.max
  end

  it "learns a lid that lets out two and a half times as much, and comes to the right water" do
    ours = kitchen(lid: 2.5)
    before = ours.plan(pot, 400)
    last = ours.cook(pot, amounts, from: now, weigh: true).last
    after = ours.plan(pot, 400)
    right = FondKettle::Methods::Planner.plan(
      after.request.with(held: FondKettle::Belief::Estimates.truth(lid: 2.5))
    )
    off = ->(plan) { (plan.liquid_g - right.liquid_g).abs / right.liquid_g }
    range = ->(plan) { plan.spread.high_g - plan.spread.low_g }
    expect([off.call(after), off.call(before)]).to match([be < 0.02, be > 0.06])
    expect(range.call(after)).to be < 0.7 * range.call(before)
    expect(household.lessons.causes(last).say).to start_with("This lid lets more steam out than most")
  end

  it "forgets a cook as if it had never been, and knows it again once it is put back" do
    first, *, last = kitchen(lid: 2.0, uptake: 1.08).cook(pot, amounts, from: now)
    all = household.lessons.learned
    _, taken = FondKettle::App::JudgeCook.new(household, now).remove(household.cooks.find(first))
    without = household.lessons.learned
    expect(apart(all.belief, without.belief)).to be > 0.01
    household.journal.take_back(taken, now)
    expect(apart(household.lessons.learned.belief, all.belief)).to be < 1e-9
    household.cooks.remove(first, now)
    household.cooks.remove(last, now)
    expect(household.lessons.learned.cooks.values.max).to eq(3)
  end

  # A cook (its id) of 300 g that somebody put right on the way, ten minutes after the boil; `told` about it.
  def put_right(pot, told)
    ours = kitchen
    id, = ours.cook(pot, [300], from: cooked_at)
    boil_s = ours.plan(pot, 300).run.at("boil") * 60
    tasks = household.cooks.find(id)[:plan][:tasks].select { |task| task[:stage] }.map { |task| task[:id] }
    begun = tasks.zip([0, boil_s, boil_s + 1200]).map { |task, s| ["task", task, s] }
    happened(id, begun + told.map { |kind, what| [kind, what, boil_s + 600] })
    id
  end

  # Puts events in the place of those of a cook: [kind, what, seconds].
  def happened(id, events)
    household.database.write do |db|
      db[:events].where(cook_id: id).delete
      events.each do |kind, what, seconds|
        at = (cooked_at + seconds).utc.iso8601
        db[:events].insert(cook_id: id, kind: kind, what: what, at: at, tapped_at: at)
      end
    end
  end

  it "has a pot that was put right on the way teach with the water and the minutes that it had in the end" do
    part = { say: "So", add_g: 60, off_g: 0, minutes: 6, heat: "low", lid: true, look: true }
    id = put_right(pot, [["found", "none third"], ["remedy", JSON.generate(part)], %w[mended yes]])
    seen, untouched = [id, put_right(pot, [])].map do |cook|
      right = { grain: "right", wetness: "right" }
      FondKettle::Store::TeachingCook.of(household.cooks.find(cook), right)
    end
    planned = household.cooks.find(id)[:plan][:liquid][:g]
    expect(seen.liquid_g).to be_within(0.1).of(planned)
    expect(seen.stages.filter_map(&:add).sum(&:liquid_g)).to eq(60.0)
    expect(seen.stages.map(&:until)).to all(be_nil)
    expect(untouched.stages.filter_map(&:add)).to eq([])
  end

  it "believes a test of the lid, and not again once the test is gone" do
    kitchen(lid: 2.0).cook(pot, [300], from: now)
    learned = household.lessons.learned
    record = household.shelf(:pots).find(pot)
    household.shelf(:pots).change(pot, record[:lock_version], lid_factor: 2.0)
    expect(lid(household.lessons.learned, pot)).to be_within(0.1).of(Math.log(2.0))
    expect(lid(learned, pot)).to be < 0.5
    household.shelf(:pots).change(pot, record[:lock_version] + 1, lid_factor: nil)
    expect(apart(household.lessons.learned.belief, learned.belief)).to be < 1e-9
  end

  it "works out anew what is not kept, and comes to the same" do
    kitchen(uptake: 0.9).cook(pot, amounts.first(3), from: now)
    learned = household.lessons.learned
    household.database.write { |db| db[:lessons].delete }
    expect(household.lessons.learned.cooks).to eq({})
    household.lessons.bring_forward
    expect(apart(household.lessons.learned.belief, learned.belief)).to be < 1e-9
  end

  # Forgets the first of some cooks, and gives what is left of them to learn from.
  def without_first(cooks)
    household.lessons.forgetting.forget(cooks.first(1), cooked_at)
    household.lessons.learned
  end

  it "knows at once what follows from a forgotten cook, and works the later ones out anew when it is quiet" do
    cooks = kitchen(lid: 2.5).cook(pot, amounts, from: cooked_at, weigh: true)
    lessons = household.lessons
    at_once = without_first(cooks)
    quiet = cooked_at + (6 * 86_400)
    # The last was written down a moment ago: that could be taken back.
    expect(lessons.work_out_anew(9, cooked_at + (4 * 86_400) + 7260)).to eq(0)
    expect([lessons.work_out_anew(3, quiet), lessons.work_out_anew(3, quiet)]).to eq([3, 1])
    expect(lessons.work_out_anew(3, quiet)).to eq(0)
    anew = lessons.learned
    household.database.write { |db| db[:lessons].delete }
    lessons.bring_forward
    expect(apart(anew.belief, lessons.learned.belief)).to be < 1e-9
    expect(apart(anew.belief, at_once.belief)).to be < 0.02
    expect(lessons.work_out_anew(9, quiet)).to eq(0)
  end

  it "opens a kitchen in which the request of a cook is damaged, and learns from the others" do
    first, second = kitchen(uptake: 0.9).cook(pot, amounts.first(2), from: now)
    household.database.write do |db|
      db[:lessons].delete
      db[:cooks].where(id: first).update(request: '{"request":{"is":"moon"}}')
    end
    household.lessons.bring_forward
    expect([first, second].map { |id| household.lessons.causes(id).nil? }).to eq([true, false])
    why = FondKettle::App::ExplainCook.new(household)
    firm = { grain: "firm", wetness: "right" }
    explained = [first, second].map { |id| why.call(household.cooks.find(id).merge(outcome: firm)) }
    expect(explained).to match([nil, be_a(FondKettle::Log::Diagnosis)])
  end

  it "begins a new bag between the book and the last one" do
    bag = household.shelf(:bags).add(name: "Old bag", grain: "basmati", left_g: 9000.0, drinks: 1.0,
                                     crop: "usual")
    kitchen(uptake: 1.15).cook(pot, amounts, from: now)
    used = household.shelf(:bags).find(bag[:id])
    household.shelf(:bags).remove(bag[:id], used[:lock_version], now)
    household.shelf(:bags).add(name: "New bag", grain: "basmati", left_g: 9000.0, drinks: 1.0, crop: "usual")
    request = kitchen.plan(pot, 300).request
    old = household.lessons.lesson(request, bag[:id], nil).estimates[:uptake]
    expect(Math.log(request.estimates[:uptake].factor)).to be_within(0.01).of(Math.log(old.factor) / 2)
    expect(request.estimates[:uptake].sd).to be > 1.5 * old.sd
  end
end
