# frozen_string_literal: true

require_relative "../ground/errors"

module FondKettle
  module Clock
    # The bounds between tasks as a graph of distances: an edge from a to b of so many
    # minutes says that b starts no later than that after a (negative: a that much
    # after b). `SERVE` is the moment of serving. Latest starts, in minutes from serving
    # and so never positive, are shortest distances from there (Bellman and Ford).
    class Network
      SERVE = :serve

      # `slots`: Slot; `ends`: End. Raises InvalidInput for a task that nobody knows.
      def initialize(slots, ends)
        @minutes = slots.to_h { |slot| [slot.id, slot.minutes] }
        @edges = slots.flat_map { |slot| [over_by_serving(slot), *slot.after.flat_map { |after| bounds(slot, after) }] } +
                 ends.flat_map { |finish| end_bounds(finish) }
      end

      # Latest starts by id with `more` edges ([from, to, minutes]), or nil where they
      # contradict one another.
      def latest(more = [])
        edges = @edges + more
        at = @minutes.keys.to_h { |id| [id, Float::INFINITY] }.merge(SERVE => 0)
        @minutes.size.succ.times { return at.reject { |id, _| id == SERVE } unless relax(edges, at) }
        nil
      end

      # The tasks on a chain of bounds that contradict one another, in order; empty where none do.
      def contradiction
        at = @minutes.keys.to_h { |id| [id, 0] }.merge(SERVE => 0)
        via = {}
        last = nil
        (@minutes.size + 2).times { last = relax(@edges, at, via) }
        last ? circle(via, last) : []
      end

      # That `first` is over before `second` starts, as an edge.
      def before(first, second)
        [second, first, -@minutes.fetch(first)]
      end

      private

      # Nothing ends after serving.
      def over_by_serving(slot)
        [SERVE, slot.id, -slot.minutes]
      end

      def bounds(slot, after)
        other_min = known(after.task, "tasks.#{slot.id}.after")
        [[slot.id, after.task, -(other_min + after.least)],
         ([after.task, slot.id, other_min + after.most] if after.most)].compact
      end

      def end_bounds(finish)
        minutes = known(finish.task, "ends")
        [[SERVE, finish.task, -(minutes + finish.least)],
         ([finish.task, SERVE, minutes + finish.most] if finish.most)].compact
      end

      def known(id, field)
        @minutes[id] || raise(InvalidInput.at(field, "must name one of the tasks", received: id))
      end

      # One round; returns the last node that moved, or nil.
      def relax(edges, at, via = nil)
        edges.reduce(nil) do |moved, (from, to, minutes)|
          next moved unless at[from] + minutes < at[to]

          at[to] = at[from] + minutes
          via[to] = from if via
          to
        end
      end

      def circle(via, node)
        (@minutes.size + 2).times { node = via[node] }
        around = [node]
        around << node while (node = via[node]) != around.first
        around.reverse - [SERVE]
      end
    end
  end
end
