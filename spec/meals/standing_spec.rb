# frozen_string_literal: true

require_relative "../support/evenings"

RSpec.describe FondKettle::Meals::Standing do
  include Support::Evenings

  tap = FondKettle::Meals::Tap
  let(:meal) { evening }
  let(:schedule) { FondKettle::Meals::Scheduling.of(meal) }

  def standing(taps, cooks: {})
    described_class.new(meal, schedule, taps: taps, cooks: cooks)
  end

  def at(id, later = 0)
    meal.at(schedule.starts.fetch(id)) + (later * 60)
  end

  it "knows what has begun and is over by the taps, and takes them back" do
    first = meal.tasks.max_by { |task| schedule.starts.fetch(task.id) }
    taps = [tap.new(task: first.id, what: "begun", at: at(first.id)),
            tap.new(task: first.id, what: "over", at: at(first.id, 3))]
    expect(standing([]).begun?(first)).to be(false)
    expect(standing(taps.take(1)).going?(first)).to be(true)
    expect(standing(taps).over_at(first)).to eq(at(first.id, 3))
    back = tap.new(task: first.id, what: "not-over", at: at(first.id, 4))
    expect(standing([*taps, back]).going?(first)).to be(true)
  end

  it "reads a pot's own steps, where somebody goes by the pot" do
    dish = meal.dishes.first
    own = dish.plan[:tasks].first(2).map { |task| task[:id] }
    events = own.each_with_index.map do |id, index|
      FondKettle::Stove::Event.new(kind: "task", what: id, at: at(dish.id(own.first), index * 4))
    end
    now = standing([], cooks: { "d1" => [FondKettle::Stove::Cook.new(dish.plan, events)] })
    first, second = own.map { |id| meal.tasks.find { |task| task.id == dish.id(id) } }
    expect([now.over?(first), now.going?(second)]).to eq([true, true])
  end

  it "shares the tasks out: each has one cook, who sets going what needs no hands" do
    now = standing([])
    whose = meal.tasks.to_h { |task| [task.id, now.cook_of(task)] }
    expect(whose.values.uniq).to match_array(meal.cooks.each_index.to_a)
    by_hand = meal.tasks.select(&:hands_on?)
    expect(by_hand.map { |task| whose[task.id] }).to eq(by_hand.map { |task| schedule.hands[task.id].first })
  end

  # A cook (index) who has something in hand so many minutes before serving.
  def busy?(cook, at_min)
    meal.tasks.any? do |task|
      schedule.hands.fetch(task.id, []).include?(cook) &&
        at_min.between?(schedule.over_min(task) + 1, schedule.starts.fetch(task.id) - 1)
    end
  end

  it "has what needs no hands set going by whoever is free then" do
    now = standing([])
    by_itself = meal.tasks.reject(&:hands_on?).map do |task|
      [now.cook_of(task), schedule.starts.fetch(task.id)]
    end
    late = by_itself.select { |cook, at_min| busy?(cook, at_min) }
    expect(by_itself.size).to be > 5
    expect(late.map do |_, at_min|
      meal.cooks.each_index.map do |cook|
        busy?(cook, at_min)
      end
    end).to all(all(be(true)))
  end

  it "lets nothing begin before what comes before it is done, whoever does that" do
    now = standing([])
    meal.dishes.each do |dish|
      first, *others = now.tasks.select { |task| task.dish == dish.key }
      expect(now.waits_for(first)).to eq([])
      linked = others.select { |task| task.slot.after.any? { |after| after.least >= 0 } }
      expect(linked.map { |task| now.waits_for(task) }).to all(be_any)
    end
    cut, dress = now.tasks.select { |task| task.dish == "d3" }
    begun = standing([tap.new(task: cut.id, what: "begun", at: at(cut.id))])
    expect([begun.waits_for(dress), begun.waits_for(dress, done: cut.id)]).to eq([[cut], []])
  end

  it "tells how far it is behind, and plans anew from what has begun" do
    first = meal.tasks.max_by { |task| schedule.starts.fetch(task.id) }
    late = at(first.id, 9)
    expect(standing([]).late_min(late)).to eq(9)
    changed = FondKettle::Meals::Changes.anew(standing([tap.new(task: first.id, what: "begun", at: late)]),
                                              late)
    expect(changed.late_min).to be_between(1, 9)
    expect(changed.meal.at(changed.schedule.starts.fetch(first.id))).to eq(late)
    left = changed.meal.tasks.reject { |task| task.id == first.id }
    expect(left.map { |task| changed.meal.at(changed.schedule.starts.fetch(task.id)) }).to all(be >= late)
  end
end
