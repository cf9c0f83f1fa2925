# frozen_string_literal: true

require_relative "../../app/lessons/forget"
require_relative "../support/lived_kitchen"
require_relative "../support/open_kitchen"

RSpec.describe FondKettle::Store::Forgetting, :empty do
  include Support::OpenKitchen

  let(:now) { Time.utc(2026, 10, 20, 12) }
  let(:pot) { household.shelf(:pots).add(Support::LivedKitchen::POT)[:id] }

  def bag(name)
    household.shelf(:bags).add(name: name, grain: "basmati", left_g: 9000.0, drinks: 1.0, crop: "usual")
  end

  def cooked(day)
    Support::LivedKitchen.new(household, uptake: 1.15)
                         .cook(pot, [300, 450, 250], from: Time.utc(2026, 10, day, 17), weigh: true)
  end

  def forget(of)
    FondKettle::App::ForgetLessons.new(household, now).call(of)
  end

  def learn_again(of)
    FondKettle::App::ForgetLessons.new(household, now).learn_again(of)
  end

  def learned
    household.lessons.learned
  end

  # Cooks of an old bag and of a new one, and the bags as they are told.
  def two_bags
    old = bag("Old bag")
    first = cooked(3)
    used = household.shelf(:bags).find(old[:id])
    household.shelf(:bags).remove(old[:id], used[:lock_version], now)
    bag("New bag")
    [first, cooked(10)]
  end

  it "tells what was cooked from each bag, from one that is used up and from none" do
    none = cooked(1)
    first, second = two_bags
    bags = household.lessons.forgetting.bags
    expect(bags.map { |one| [one.name, one.cooks, one.forgotten] })
      .to eq([["New bag", second, []], ["Old bag", first, []], [nil, none, []]])
    expect(bags.map { |one| [one.from.day, one.till.day] }).to eq([[10, 12], [3, 5], [1, 3]])
    expect(FondKettle::App::ForgetLessons.called(bags.last)).to eq("Basmati from no bag")
  end

  it "forgets one bag as if it had never been, keeps its pots, and learns from it again" do
    before = cooked(1) && learned.belief
    old, = two_bags.first
    bag_id = household.cooks.find(old)[:bag_id]
    new_id = household.lessons.forgetting.bags.first.bag_id
    all = learned.belief
    _, taken = forget("bag-#{new_id}")
    forget("bag-#{bag_id}")
    expect(learned.belief.means).to eq(before.means)
    expect(household.cooks.finished.size).to eq(9)
    expect { forget("bag-#{bag_id}") }.to raise_error(FondKettle::InvalidInput, /taught something/)
    learn_again("bag-#{bag_id}")
    household.journal.take_back(taken, now + 86_400)
    expect(learned.belief.means).to eq(all.means)
  end

  it "forgets a single cook, which stays forgotten when it is written down anew" do
    first, *rest = cooked(1)
    forget("cook-#{first}")
    expect(household.lessons.forgetting.bags.map do |one|
      [one.cooks, one.forgotten]
    end).to eq([[rest, [first]]])
    before = learned.belief
    cook = household.cooks.find(first)
    FondKettle::App::JudgeCook.new(household, now)
                              .call(cook, { grain: "soft", wetness: "right" }, 0, teaches: true)
    expect(learned.belief.means).to eq(before.means)
    expect { forget("cook-#{first}") }.to raise_error(FondKettle::InvalidInput)
    learn_again("rice-basmati")
    expect(learned.belief.means).not_to eq(before.means)
  end

  it "forgets everything, the cook's own water with it, and gives all of it back for thirty days" do
    cooked(1)
    request = Support::LivedKitchen.new(household, {}).plan(pot, 300).request
    household.lessons.tell_mine(request, 480.0, nil, nil, now: now, title: "Basmati", address: "a=b")
    all = learned
    _, taken = forget("all")
    expect([learned.cooks, household.lessons.mine.all]).to eq([{}, []])
    expect { forget("all") }.to raise_error(FondKettle::InvalidInput)
    household.journal.take_back(taken, now + (29 * 86_400))
    expect([learned.belief.means, household.lessons.mine.all.size]).to eq([all.belief.means, 1])
  end
end
