# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Clock
    # After which task, and between how many minutes after its end: `most` nil is any.
    After = Value.define(:task, :least, :most)

    # Something that takes time: whole `minutes`, uninterrupted, in which it `uses` so
    # much of each resource (by name); in the oven at `oven_c` (nil: not there).
    # `after` lists what it comes after; `dish` is what it belongs to (nil: to nothing).
    Slot = Value.define(:id, :minutes, :uses, :oven_c, :after, :dish) do
      # A Slot with the given attributes; the others take their defaults.
      def self.of(id, minutes, uses: {}, oven_c: nil, after: [], dish: nil)
        new(id: id, minutes: minutes, uses: uses.freeze, oven_c: oven_c, after: after.freeze, dish: dish)
      end
    end

    # How long before serving a task has to be over: between `least` and `most` minutes
    # (nil: any).
    End = Value.define(:task, :least, :most)

    # How long before serving a task may start: between `least` and `most` minutes. Both
    # alike: it is pinned there.
    Window = Value.define(:task, :least, :most)

    # Nobody can use so much (`uses`) of the resources from `from_min` to `to_min` before
    # serving: a night's sleep, a ring that is lost.
    Away = Value.define(:uses, :from_min, :to_min)

    # Something that is held from the start of one task (`from`) to the end of another (`to`, ids), all
    # between included: a pot from its first step to its last. It `uses` so much of each resource by name;
    # what the `tasks` (ids) use of these is not counted again as long as it lasts.
    Span = Value.define(:id, :from, :to, :uses, :tasks)

    # What is to be placed: `slots`, their `ends` and `windows`, how much there is of each of
    # the `resources` (by name; what is not named there is none), when it is `away`, and the `spans`
    # over which it is held.
    Problem = Value.define(:slots, :ends, :resources, :windows, :away, :spans) do
      # A Problem with the given attributes; the others take their defaults.
      def self.of(slots, ends: [], resources: {}, windows: [], away: [], spans: [])
        new(slots: slots, ends: ends, resources: resources, windows: windows, away: away, spans: spans)
      end

      # A Problem of other slots, with those ends, windows and spans that are of these.
      def only(slots)
        ids = slots.map(&:id)
        kept = spans.select { |span| ids.include?(span.from) && ids.include?(span.to) }
        with(slots: slots, ends: ends.select { |one| ids.include?(one.task) },
             windows: windows.select { |one| ids.include?(one.task) },
             spans: kept.map { |span| span.with(tasks: span.tasks & ids) })
      end
    end

    # When each task starts, minutes before serving by id; `span_min` from the earliest
    # start to serving, `bound_min` what it cannot be less than; `over_min`: minutes that what is ready
    # waits longer than it may.
    Placed = Value.define(:starts, :span_min, :bound_min, :over_min)
  end
end
