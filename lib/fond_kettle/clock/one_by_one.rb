# frozen_string_literal: true

require_relative "crowds"
require_relative "network"
require_relative "occupied"
require_relative "search"
require_relative "slot"

module FondKettle
  module Clock
    # The plainest schedule of many dishes: each placed for itself, then as late as there is room beside
    # those before it, what may wait least for serving first. Long, and what is ready may wait too long;
    # but all else is kept.
    module OneByOne
      # Orders looked at for each task.
      EACH = 4

      module_function

      # Starts by place, or nil where one of them has no place by itself.
      def starts(problem)
        alone = ranked(problem).map { |places| [places, alone(problem, places)] }
        return if alone.any? { |_, low| low.nil? }

        occupied = Occupied.new(problem.resources)
        alone.each_with_object(Array.new(problem.slots.size)) do |(places, low), starts|
          lay(problem, places, low, occupied).each { |place, start| starts[place] = start }
        end
      end

      # [place, start] each of one dish, as late as there is room for all of it.
      def lay(problem, places, low, occupied)
        held = held(problem, places, low)
        later = (0..).find { |min| occupied.take(held.map { |slot, at| [slot, at + min] }) }
        places.zip(low.map { |at| at + later })
      end

      # [Slot, start] of all that one dish uses: its tasks, and what it holds over several of them.
      def held(problem, places, low)
        own = problem.only(places.map { |place| problem.slots[place] })
        starts = own.slots.map(&:id).zip(low).to_h
        tasks = own.slots.map do |slot|
          [slot.with(uses: slot.uses.except(*within(own, slot))), starts.fetch(slot.id)]
        end
        tasks + own.spans.map { |span| [as_slot(span, own, starts), starts.fetch(span.from)] }
      end

      # Names of what a task uses of a span that it is part of.
      def within(problem, slot)
        problem.spans.select { |span| span.tasks.include?(slot.id) }.flat_map { |span| span.uses.keys }
      end

      def as_slot(span, problem, starts)
        over_min = starts.fetch(span.to) - problem.slots.find { |slot| slot.id == span.to }.minutes
        Slot.of(span.id, starts.fetch(span.from) - over_min, uses: span.uses)
      end

      # Places of tasks that are tied to one another, those first that may wait least.
      def ranked(problem)
        waits = problem.ends.to_h { |one| [one.task, one.most || Float::INFINITY] }
        tied(problem).sort_by do |places|
          places.map { |place| waits.fetch(problem.slots[place].id, Float::INFINITY) }.min
        end
      end

      def tied(problem)
        index = problem.slots.each_with_index.to_h { |slot, place| [slot.id, place] }
        parts = problem.slots.each_index.to_h { |place| [place, [place]] }
        problem.slots.each_with_index do |slot, place|
          slot.after.each { |after| unite(parts, place, index.fetch(after.task)) }
        end
        problem.spans.each { |span| unite(parts, index.fetch(span.from), index.fetch(span.to)) }
        parts.values.uniq(&:object_id).map(&:sort)
      end

      def unite(parts, one, other)
        return if parts[one].equal?(parts[other])

        both = parts[one] + parts[other]
        both.each { |place| parts[place] = both }
      end

      def alone(problem, places)
        slots = places.map { |place| problem.slots[place] }
        own = problem.with(ends: [], windows: [], away: []).only(slots)
        network = Network.new(own)
        windows = network.widest
        return unless windows

        found = Search.new(network, Crowds.new(own, network), Random.new(places.size))
                      .run(*windows, most_nodes: EACH * places.size)
        found.low&.first(places.size)
      end
      private_class_method :ranked, :tied, :unite, :alone, :lay, :held, :within, :as_slot
    end
  end
end
