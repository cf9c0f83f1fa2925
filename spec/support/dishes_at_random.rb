# frozen_string_literal: true

require_relative "meals"

module Support
  # Meals of several dishes at random, each a chain of tasks such as plans have them: rice, a
  # braise, a salad, something from the oven.
  class DishesAtRandom
    HANDS = { "cook" => 1 }.freeze
    RING = { "burner" => 1 }.freeze
    BOTH = { "cook" => 1, "burner" => 1 }.freeze
    OVEN = { "oven" => 1 }.freeze
    # How long each kind of dish may wait for serving, at the most.
    WAITS = { rice: 25, braise: 60, salad: 120, roast: 25 }.freeze

    # A Clock::Problem of so many dishes for so many cooks.
    def self.meal(seed, dishes, cooks)
      new(seed).meal(dishes, cooks)
    end

    # The same, each dish but a salad in a pot from its first step on the fire to its last, of which there are
    # fewer than dishes; what is boiled holds its ring from there on.
    def self.with_vessels(seed, dishes, cooks)
      new(seed).with_vessels(dishes, cooks, [2, dishes - 1].max)
    end

    def initialize(seed)
      @random = Random.new(seed)
    end

    def with_vessels(dishes, cooks, pots)
      problem = meal(dishes, cooks)
      spans = problem.slots.group_by(&:dish).flat_map { |dish, slots| spans(dish, slots) }
      problem.with(resources: { **problem.resources, "pot" => pots }, spans: spans)
    end

    # Of one dish: its pot, and its ring from where it boils.
    def spans(dish, slots)
      first = slots.index { |slot| slot.uses.keys.intersect?(%w[burner oven]) } || slots.size
      boiled = slots.index { |slot| slot.id.end_with?("boil") } || slots.size
      ring = slots.drop(boiled).take_while { |slot| slot.uses.key?("burner") }
      [held(dish, slots.drop(first), "pot"), held(dish, ring, "burner")].compact
    end

    def held(dish, slots, name)
      return if slots.empty?

      FondKettle::Clock::Span.new(id: "#{dish} #{name}", from: slots.first.id, to: slots.last.id,
                                  uses: { name => 1 }, tasks: slots.map(&:id))
    end

    def meal(dishes, cooks)
      made = Array.new(dishes) { |index| dish("d#{index}") }
      FondKettle::Clock::Problem.of(made.flat_map(&:first), ends: made.map(&:last),
                                                            resources: { "cook" => cooks, "burner" => 3,
                                                                         "oven" => 2 })
    end

    private

    def dish(name)
      @name = name
      @tasks = []
      kind = %i[rice rice braise salad roast].sample(random: @random)
      send(kind)
      [@tasks, FondKettle::Clock::End.new(task: @tasks.last.id, least: 0, most: WAITS.fetch(kind))]
    end

    def add(key, min, uses, most: nil, oven_c: nil, after: [@tasks.last&.id])
      links = after.compact.map { |task| Meals::After.new(task: task, least: 0, most: most) }
      @tasks << Meals::Slot.of("#{@name}.#{key}", min, uses: uses, oven_c: oven_c, after: links, dish: @name)
    end

    def between(range)
      @random.rand(range)
    end

    def rice
      add("rinse", between(2..5), HANDS)
      add("soak", [20, 30, 60].sample(random: @random), {}, most: 15)
      add("drain", 1, HANDS, most: 0)
      fried = @random.rand < 0.5
      add("fry", between(4..20), BOTH, after: []) if fried
      add("fill", 1, HANDS, most: 20, after: ["#{@name}.drain", *("#{@name}.fry" if fried)])
      add("boil", between(4..9), BOTH, most: 10)
      cook
      add("rest", between(8..15), {}, most: 0)
      add("finish", between(1..3), HANDS, most: 10)
    end

    def cook
      return add("low", between(10..20), RING, most: 0) unless @random.rand < 0.25

      add("bake", between(18..25), OVEN, most: 0, oven_c: oven_c)
    end

    def braise
      add("cut", between(4..12), HANDS)
      add("fry", between(5..15), BOTH, most: 120)
      add("simmer", between(25..70), RING, most: 5)
      add("taste", between(1..3), HANDS, most: 15)
    end

    def salad
      add("cut", between(5..15), HANDS)
      add("dress", between(1..3), HANDS, most: 40)
    end

    def roast
      add("cut", between(3..10), HANDS)
      add("bake", between(20..45), OVEN, most: 30, oven_c: oven_c)
      add("rest", between(3..8), {}, most: 0)
      add("carve", between(2..5), HANDS, most: 8)
    end

    def oven_c
      @random.rand < 0.9 ? 190 : 200
    end
  end
end
