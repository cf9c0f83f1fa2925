# frozen_string_literal: true

module Support
  # Meals at random for the clock, and a checker of schedules written from the
  # definitions alone.
  module Meals
    Slot = FondKettle::Clock::Slot
    After = FondKettle::Clock::After

    RESOURCES = { "cook" => 1, "burner" => 2, "oven" => 1 }.freeze

    module_function

    # `count` tasks, from a seed.
    def meal(seed, count)
      random = Random.new(seed)
      (0...count).map do |index|
        uses = { "cook" => 1, "burner" => 1 }.select { random.rand < 0.6 }
        baked = random.rand < 0.15
        oven_c = [160.0, 200.0].sample(random: random) if baked
        uses = uses.merge("oven" => 1) if baked
        Slot.of("t#{index}", random.rand(1..9), uses: uses, oven_c: oven_c, after: afters(index, random))
      end
    end

    def afters(index, random)
      return [] if index.zero? || random.rand < 0.3

      [After.new(task: "t#{random.rand(index)}", least: random.rand(0..2),
                 most: random.rand < 0.4 ? random.rand(10..30) : nil)]
    end

    # What is wrong with `starts` (minutes before serving by id).
    def faults(slots, ends, resources, starts, spans = [])
      at = starts.transform_values(&:-@)
      over = slots.to_h { |slot| [slot.id, at[slot.id] + slot.minutes] }
      late = slots.select { |slot| over[slot.id].positive? }
      turned = spans.select { |span| over[span.to] < at[span.from] }
      [*late.map { |slot| "#{slot.id} ends after serving" },
       *turned.map { |span| "#{span.id} ends before it begins" },
       *gaps(slots, at, over), *late(ends, over), *crowds(slots, at, over, resources, spans),
       *ovens(slots, at, over)]
    end

    def gaps(slots, at, over)
      slots.flat_map { |slot| slot.after.map { |after| [slot, after] } }.filter_map do |slot, after|
        gap = at[slot.id] - over[after.task]
        unless gap >= after.least && (after.most.nil? || gap <= after.most)
          "#{slot.id} #{gap} min after #{after.task}"
        end
      end
    end

    def late(ends, over)
      ends.filter_map do |one|
        "#{one.task} ends too early" unless (one.least..(one.most || 1e9)).cover?(-over[one.task])
      end
    end

    def crowds(slots, at, over, resources, spans = [])
      (at.values.min...0).flat_map do |minute|
        busy = slots.select { |slot| at[slot.id] <= minute && minute < over[slot.id] }
        held = spans.select { |span| at[span.from] <= minute && minute < over[span.to] }
        resources.filter_map do |name, there|
          "#{name} at #{minute}" if used(busy, held, name) > there
        end
      end
    end

    # What tasks use of a resource, but for those within a span that holds it, and what spans hold of it.
    def used(busy, held, name)
      holding = held.select { |span| span.uses.key?(name) }
      counted = busy.reject { |slot| holding.any? { |span| span.tasks.include?(slot.id) } }
      (counted + holding).sum { |one| one.uses.fetch(name, 0) }
    end

    def ovens(slots, at, over)
      slots.select(&:oven_c).combination(2).filter_map do |one, two|
        next if one.oven_c == two.oven_c || over[one.id] <= at[two.id] || over[two.id] <= at[one.id]

        "#{one.id} and #{two.id} in one oven"
      end
    end

    # The least span there is, by trying every start of every task (for few, short tasks).
    def least_span(slots, ends, resources, most, spans = [])
      minutes = (1..most).to_a
      best = nil
      slots.map { minutes }.then { |axes| axes.first.product(*axes.drop(1)) }.each do |befores|
        span = befores.max
        next if best && span >= best

        starts = slots.map(&:id).zip(befores).to_h
        best = span if faults(slots, ends, resources, starts, spans).empty?
      end
      best
    end
  end
end
