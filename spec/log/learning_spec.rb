# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/request/request_reader"
require_relative "../../lib/fond_kettle/log/causes"
require_relative "../support/hidden_kitchen"

RSpec.describe FondKettle::Log::Learning do
  kitchen = Support::HiddenKitchen
  scopes = kitchen::SCOPES
  amounts = [300, 200, 500, 400, 300]

  def median(list)
    list.sort[list.size / 2]
  end

  # Share by which the water is missed after some cooks in kitchens of one truth, in the median.
  def off(truth, amounts, **seen)
    median((1..5).map do |seed|
      hidden = Support::HiddenKitchen.new(truth, seed)
      hidden.off(hidden.learned(amounts, **seen), Support::HiddenKitchen.request("basmati", 300))
    end)
  end

  let(:request) { kitchen.request("basmati", 300) }

  it "comes within 5 % of the right water after five cooks that only say how it was" do
    found = [{ uptake: 0.8 }, { uptake: 1.2 }, { lid: 0.5 }, { lid: 2.0 }].map { |truth| off(truth, amounts) }
    expect(found).to all(be < 0.05)
    expect(off({}, amounts)).to be < 0.03
  end

  it "comes within 5 % where lid and bag pull against each other, with one weighing" do
    expect(off({ uptake: 0.8, lid: 2.0 }, amounts, weigh: [1])).to be < 0.05
  end

  it "carries what it learned to another pot and another amount" do
    hidden = kitchen.new({ uptake: 1.2 }, 3)
    known = hidden.learned([200] * 6, weigh: [1])
    expect(hidden.off(known, kitchen.request("basmati", 900))).to be < 0.06
    wide = kitchen.request("basmati", 300, "wide")
    expect(hidden.off(known, wide, scopes.merge("pot" => "wide"))).to be < 0.06
  end

  it "takes a weight far off for little until somebody says that nothing was different" do
    cook = kitchen.new({}, 3).cook(FondKettle::Log::Learned.nothing, request, weigh: true)
    lid = lambda do |loss_g, sure|
      learned = described_class.with(FondKettle::Log::Learned.nothing, cook.with(loss_g: loss_g, sure: sure))
      place = learned.belief.places.find { |one| one.unknown == :lid }
      [Math.exp(learned.belief.mean(place)), learned.odd.map { |odd| [odd.kind, odd.over] }]
    end
    expect(lid.call(60.0, false)).to match([be_between(1.6, 1.9), []])
    expect(lid.call(130.0, false)).to match([be_between(1.1, 1.6), [["weight", true]]])
    expect(lid.call(130.0, true)).to match([be_between(3.4, 4.0), []])
  end

  it "learns minutes of taps" do
    hidden = kitchen.new({ core: 1.3 }, 4)
    known = hidden.learned([300] * 6, taps: %w[core-gone])
    low = ->(learned) { FondKettle::Log::KitchenPlan.new(learned, request, scopes).plan.stages[1].minutes }
    slow = FondKettle::Belief::Estimates.truth(core: 1.3)
    right = FondKettle::Methods::Planner.plan(request.with(held: slow))
    expect(low.call(known)).to be_within(0.12 * right.stages[1].minutes).of(right.stages[1].minutes)
  end

  it "names the cause that one weighing shows, and none where there is none" do
    named = lambda do |truth, seed|
      known = kitchen.new(truth, seed).learned(amounts, weigh: [2])
      FondKettle::Log::Causes.new(known, scopes).all.map { |cause| cause.place.unknown }
    end
    right = { { lid: 2.0 } => :lid, { uptake: 0.8 } => :uptake, { uptake: 1.2 } => :uptake }
    found = right.flat_map { |truth, cause| (1..3).map { |seed| named.call(truth, seed).include?(cause) } }
    expect(found.count(true)).to be >= 8
    expect((1..5).count { |seed| named.call({}, seed).any? }).to be <= 1
  end

  it "says the cause, what else it may be, and what tells them apart" do
    known = kitchen.new({ lid: 2.2 }, 1).learned([300, 300], weigh: [1])
    causes = FondKettle::Log::Causes.new(known, scopes)
    expect(causes.say).to include("lid lets more steam out")
    nothing = FondKettle::Log::Causes.new(FondKettle::Log::Learned.nothing.meeting(scopes, "basmati"), scopes)
    expect([nothing.say, nothing.tells_apart]).to match([/Nothing here differs/, nil])
  end

  it "changes nothing by a cook that shows nothing, and moves nothing that shares no scope with it" do
    known = kitchen.new({ uptake: 0.9 }, 2).learned([300, 300])
    silent = kitchen.new({}, 1).cook(known, request).with(grain: nil, wetness: nil)
    after = described_class.with(known, silent)
    expect(known.belief.places.map { |place| after.belief.mean(place) }).to eq(known.belief.means)
    elsewhere = { "bag" => "b9", "pot" => "clay", "burner" => "right" }
    short = kitchen.request("short-white", 300)
    there = described_class.with(known, kitchen.new({}, 5).cook(known, short, elsewhere))
    lid = known.belief.places.find { |place| place.unknown == :lid }
    expect(there.belief.mean(lid)).to be_within(0.02).of(known.belief.mean(lid))
  end

  it "folds kept observations to the same belief, and again to the same" do
    hidden = kitchen.new({ lid: 2.0 }, 6)
    cooks = amounts.reduce([[], FondKettle::Log::Learned.nothing]) do |(list, known), grams|
      cook = hidden.cook(known, kitchen.request("basmati", grams))
      [[*list, cook], described_class.with(known, cook)]
    end.first
    first, again = Array.new(2) { described_class.of(cooks).belief }
    expect(again.means).to eq(first.means)
    expect(first.covariance.flatten.zip(again.covariance.flatten).map { |a, b| (a - b).abs }.max).to be < 1e-9
  end

  it "starts a new bag between the book and the others of its grain" do
    known = kitchen.new({ uptake: 1.15 }, 2).learned(amounts)
    met = known.meeting(scopes.merge("bag" => "b2"), "basmati")
    old, new = %w[b1 b2].map do |bag|
      met.belief.places.find { |one| one.unknown == :uptake && one.scope == "bag:#{bag}" }
    end
    expect(met.belief.mean(new)).to be_within(1e-12).of(met.belief.mean(old) / 2)
    strange = known.meeting(scopes.merge("bag" => "b3"), "jasmine")
    expect(strange.belief.mean(strange.belief.places.find { |one| one.scope == "bag:b3" })).to eq(0.0)
  end

  it "takes the cook's own word before the first pot" do
    hidden = kitchen.new({ uptake: 0.85 }, 1)
    mine = FondKettle::Log::SeenCook.mine(scopes, request, hidden.right_g(request))
    expect(hidden.off(described_class.of([mine]), request)).to be < 0.03
  end
end
