# frozen_string_literal: true

# How near hidden kitchens come to their right water: bundle exec ruby bench/learning.rb [REPEATS]. Each line
# is the median and the worst over the repeats, in per cent, after five and after ten cooks; behind the bar
# what one bounded correction a pot came to in the same kitchens, which was all that was learned before
# (parent of 1a2d6733).
require "bundler/setup"
require_relative "../lib/fond_kettle/formats/request/request_reader"
require_relative "../lib/fond_kettle/log/causes"
require_relative "../spec/support/hidden_kitchen"

# Hidden kitchens, cooked in by their own plans.
class LearningBench
  KITCHEN = Support::HiddenKitchen
  SCOPES = KITCHEN::SCOPES
  TRUTHS = { "bag drinks 0.8" => { uptake: 0.8 }, "bag drinks 0.9" => { uptake: 0.9 },
             "bag drinks 1.1" => { uptake: 1.1 }, "bag drinks 1.2" => { uptake: 1.2 },
             "lid lets out half" => { lid: 0.5 }, "lid lets out twice" => { lid: 2.0 },
             "by the book" => {} }.freeze
  BOTH = { uptake: 0.8, lid: 2.0 }.freeze
  SDS = { uptake: 0.06, lid: 0.4, power: 0.2, core: 0.1, carry: 0.3, soak: 0.12 }.freeze
  DRAWN = 10
  BEFORE = {
    "bag drinks 0.8" => "12.2 12.2   12.2 12.2", "bag drinks 0.9" => "3.4 7.6   2.6 5.9",
    "bag drinks 1.1" => "1.6 4.8   2.1 5.0", "bag drinks 1.2" => "7.6 7.6   7.6 7.6",
    "lid lets out half" => "1.4 5.0   1.8 4.4", "lid lets out twice" => "2.9 5.8   2.6 6.2",
    "by the book" => "1.6 3.9   1.4 5.6", "0.8 and twice" => "3.2 6.7   3.0 6.8",
    "the same, not weighed" => "4.5 9.3   20.7 20.7", "a new bag, third cook" => "21.4 25.7",
    "minutes, core x 0.75, dry tapped" => "33.3 33.4", "minutes, core x 1.3, dry tapped" => "23.1 23.1",
    "truths in the range" => "92 %"
  }.freeze

  def initialize(repeats)
    @repeats = repeats
  end

  def call
    TRUTHS.each { |name, truth| water(name, truth) }
    water("0.8 and twice", BOTH)
    water("0.8 and twice, weighed once", BOTH, weigh: [1])
    elsewhere
    new_bag
    minutes
    causes
    drawn
  end

  private

  def water(name, truth, **seen)
    found = seeds.map do |seed|
      hidden = KITCHEN.new(truth, seed)
      five = hidden.learned(amounts(seed).first(5), **seen)
      [five, hidden.learned(amounts(seed).last(5), from: five)].map { |known| off(hidden, known) }
    end
    print_line(name, *found.transpose)
  end

  def elsewhere
    { "to 900 g and another pot, weighed" => [1], "the same, not weighed" => [] }.each do |name, weigh|
      found = seeds.map do |seed|
        hidden = KITCHEN.new({ uptake: 0.85 }, seed)
        known = hidden.learned([200] * 10, weigh: weigh)
        [hidden.off(known, KITCHEN.request("basmati", 900)),
         hidden.off(known, KITCHEN.request("basmati", 300, "wide"), SCOPES.merge("pot" => "wide"))]
      end
      print_line(name, *found.transpose)
    end
  end

  def new_bag
    found = seeds.map do |seed|
      known = KITCHEN.new({ uptake: 1.15 }, seed).learned(amounts(seed).first(6))
      next_bag = KITCHEN.new({ uptake: 0.9 }, seed + 1000)
      scopes = SCOPES.merge("bag" => "b2")
      known = next_bag.learned(amounts(seed).first(2), from: known, scopes: scopes)
      next_bag.off(known, KITCHEN.request("basmati", 300), scopes)
    end
    print_line("a new bag, third cook", found)
  end

  def minutes
    [["core-gone", 0.75], ["core-gone", 1.3], ["dry", 0.75], ["dry", 1.3]].each do |cue, factor|
      found = seeds.map do |seed|
        known = KITCHEN.new({ core: factor }, seed).learned(amounts(seed), taps: ["boil", cue])
        right = low_min(FondKettle::Belief::Estimates.truth(core: factor))
        (low_min(FondKettle::Log::KitchenPlan.new(known, request, SCOPES).estimates) - right).abs / right
      end
      print_line("minutes, core x #{factor}, #{cue} tapped", found)
    end
  end

  def causes
    { lid: { lid: 2.0 }, uptake: { uptake: 0.8 } }.merge(nil => {}).each do |cause, truth|
      named = seeds.count do |seed|
        known = KITCHEN.new(truth, seed).learned(amounts(seed).first(5), weigh: [2])
        found = FondKettle::Log::Causes.new(known, SCOPES).all.map { |one| one.place.unknown }
        cause ? found.include?(cause) : found.any?
      end
      puts format("%<name>-44s %<named>d of %<all>d", name: cause ? "#{cause} named" : "blamed by the book",
                                                      named: named, all: @repeats)
    end
  end

  # Kitchens drawn from the spreads, five cooks each: how many of their truths lie in the range.
  def drawn
    inside = (1..(@repeats * DRAWN)).count do |seed|
      random = Random.new(seed)
      normal = -> { FondKettle::Numerics::Normal.draw(random) }
      truth = SDS.transform_values { |sd| Math.exp(sd * normal.call) }
      hidden = KITCHEN.new(truth, seed, taste: 0.35 * normal.call)
      known = hidden.learned(amounts(seed).first(5))
      spread = FondKettle::Log::KitchenPlan.new(known, request, SCOPES).plan.spread
      hidden.right_g(request).between?(spread.low_g, spread.high_g)
    end
    share = format("%<share>.0f %% of %<all>d", share: 100.0 * inside / (@repeats * DRAWN),
                                                all: @repeats * DRAWN)
    print_beside("truths in the range", share)
  end

  def seeds
    1..@repeats
  end

  def amounts(seed)
    random = Random.new(seed)
    Array.new(10) { [200, 300, 400, 500][random.rand(4)] }
  end

  def request
    KITCHEN.request("basmati", 300)
  end

  def off(hidden, known)
    hidden.off(known, request)
  end

  def low_min(estimates)
    FondKettle::Methods::Planner.plan(request.with(held: estimates)).stages[1].minutes
  end

  def print_line(name, *columns)
    told = columns.map do |found|
      format("%<middle>5.1f %<worst>5.1f", middle: 100 * found.sort[found.size / 2], worst: 100 * found.max)
    end
    print_beside(name, told.join("   "))
  end

  # A line with what was before.
  def print_beside(name, told)
    puts [format("%<name>-44s %<told>-26s", name: name, told: told), *BEFORE[name]].join("| ").rstrip
  end
end

LearningBench.new((ARGV.first || 20).to_i).call if $PROGRAM_NAME == __FILE__
