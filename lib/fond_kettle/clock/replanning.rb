# frozen_string_literal: true

require_relative "held_spans"
require_relative "mending"
require_relative "slot"

module FondKettle
  module Clock
    # A task that has begun: when it started and when it is over, minutes before serving.
    Begun = Value.define(:start_min, :end_min)

    # Something that waits longer than it may: after which task, for which (nil: for serving), how long
    # and how long it may.
    Wait = Value.define(:task, :next, :min, :most_min)

    # What is left of a schedule, planned anew: `starts` of what has not begun, minutes before the
    # new serving by id; by how many minutes serving is later; what waits too long (Wait).
    Replanned = Value.define(:starts, :late_min, :waits)

    # Plans anew what has not begun: serving as little later as can be, then as little moved as can
    # be. What has begun stays where it is and keeps what it uses.
    class Replanning
      # Minutes by which serving may be later, tried in turn; then the least between the last two.
      LATER = [0, 1, 2, 4, 7, 11, 16, 22, 30, 40, 55, 75, 100, 140, 200, 300].freeze
      # Minutes more that what is over may wait, tried in turn.
      PATIENCE = [0, 15, 1440].freeze
      # Orders looked at for each task: a few, and only where nothing comes of that many more.
      EFFORTS = [Mending::ANEW, 16].freeze

      # The Replanned of a Problem whose schedule is `starts`, at `now_min` before serving; `begun`: Begun
      # by id. nil where nothing was found.
      def self.of(problem, starts, now_min:, begun: {})
        new(problem, starts, now_min, begun).replanned
      end

      # The arguments are those of `of`.
      def initialize(problem, starts, now_min, begun)
        @problem = problem
        @starts = starts
        @now_min = now_min
        @begun = begun
        @left = problem.slots.reject { |slot| begun.key?(slot.id) }
      end

      # Result of `of`.
      def replanned
        EFFORTS.product(PATIENCE).each do |effort, more_min|
          @effort = effort
          late_min, found = soonest(more_min)
          return Replanned.new(starts: found, late_min: late_min, waits: waits(found, late_min)) if found
        end
        nil
      end

      private

      # [minutes later, starts], or nil.
      def soonest(more_min)
        # Nothing is served before now.
        least_min = [-@now_min, 0].max
        return [least_min, {}] if @left.empty?

        last = least_min - 1
        LATER.each do |later|
          found = at(least_min + later, more_min)
          return between(last, least_min + later, found, more_min) if found

          last = least_min + later
        end
        nil
      end

      # The least that is found between one that is not and one that is.
      def between(not_min, late_min, found, more_min)
        while late_min - not_min > 1
          half = (not_min + late_min) / 2
          sooner = at(half, more_min)
          not_min = half unless sooner
          late_min = half if sooner
          found = sooner || found
        end
        [late_min, found]
      end

      def at(late_min, more_min)
        found = Mending.of(problem(late_min, more_min), @starts, limit: [@now_min + late_min, HeldSpans::NOW_MIN].max,
                                                                 anew: @effort)
        found&.slice(*@left.map(&:id))
      rescue InvalidInput
        nil
      end

      # What is left, in minutes before a serving so much later.
      def problem(late_min, more_min)
        slots = @left.map { |slot| slot.with(after: slot.after.reject { |after| @begun.key?(after.task) }) }
        windows = @left.flat_map { |slot| windows(slot, late_min, more_min) }
        held = HeldSpans.new(@problem.spans, @begun.keys, [@now_min + late_min, HeldSpans::NOW_MIN].max)
        @problem.with(slots: slots + held.slots, ends: @problem.ends.reject { |one| @begun.key?(one.task) },
                      windows: [*windows, *pinned(late_min), *held.windows], spans: held.spans,
                      away: [*away(late_min), *occupied(late_min)])
      end

      # What a task may start at, after what has begun: at the latest now, however long that waited.
      def windows(slot, late_min, more_min)
        latest = @now_min + late_min
        slot.after.select { |after| @begun.key?(after.task) }.map do |after|
          over = @begun.fetch(after.task).end_min + late_min
          least = (after.most ? over - after.most - more_min : 0).clamp(0, latest)
          Window.new(task: slot.id, least: least, most: (over - after.least).clamp(least, latest))
        end
      end

      def pinned(late_min)
        @problem.windows.reject { |window| @begun.key?(window.task) }.map do |window|
          window.with(least: [window.least, @now_min + late_min].min)
        end
      end

      # What is not there until serving is not there until the later one either: a ring does not come back.
      def away(late_min)
        @problem.away.filter_map do |one|
          next Away.new(uses: one.uses, from_min: one.from_min + late_min, to_min: 0) if one.to_min <= 0

          shifted(one.uses, one.from_min, one.to_min, late_min)
        end
      end

      # What is begun and not over keeps what it uses, as far as that is still there; what a span holds is
      # counted with the span.
      def occupied(late_min)
        going = @begun.select { |_, begun| begun.end_min < @now_min }
        tasks = going.map do |id, begun|
          slot = @problem.slots.find { |one| one.id == id }
          [slot.uses.except(*held_for(id)), begun.end_min]
        end
        spans = @problem.spans.select { |span| @begun.key?(span.from) && going.key?(span.to) }
                        .map { |span| [span.uses, going.fetch(span.to).end_min] }
        (tasks + spans).filter_map { |uses, end_min| shifted(uses, @now_min, end_min, late_min) if uses.any? }
      end

      # Names of what a task that has begun uses of a span that has begun too and is not over.
      def held_for(id)
        @problem.spans.select { |span| span.tasks.include?(id) && @begun.key?(span.from) && !over?(span.to) }
                .flat_map { |span| span.uses.keys }
      end

      def over?(id)
        @begun.key?(id) && @begun.fetch(id).end_min >= @now_min
      end

      def shifted(uses, from_min, to_min, late_min)
        to_min = [to_min + late_min, 0].max
        Away.new(uses: uses, from_min: from_min + late_min, to_min: to_min) if from_min + late_min > to_min
      end

      def waits(found, late_min)
        for_tasks(found, late_min) + for_serving(late_min)
      end

      def for_serving(late_min)
        bounded = @problem.ends.select { |one| one.most && @begun.key?(one.task) }
        bounded.filter_map do |one|
          min = @begun.fetch(one.task).end_min + late_min
          Wait.new(task: one.task, next: nil, min: min, most_min: one.most) if min > one.most
        end
      end

      def for_tasks(found, late_min)
        @left.flat_map do |slot|
          slot.after.select { |after| after.most && @begun.key?(after.task) }.filter_map do |after|
            min = @begun.fetch(after.task).end_min + late_min - found.fetch(slot.id)
            Wait.new(task: after.task, next: slot.id, min: min, most_min: after.most) if min > after.most
          end
        end
      end
    end
  end
end
