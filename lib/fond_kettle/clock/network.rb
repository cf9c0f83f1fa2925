# frozen_string_literal: true

require_relative "../ground/errors"

module FondKettle
  module Clock
    # The bounds between tasks as a graph of distances: an edge [from, to, minutes] says
    # that `to` starts no later than that after `from` (negative: that much before).
    # Nodes are numbers: the tasks by their place, and the moment of serving after them.
    # Latest starts, minutes from serving and so never positive, are shortest distances
    # from there (Bellman and Ford).
    class Network
      # `slots`: Slot; `ends`: End. Raises InvalidInput for a task that nobody knows.
      def initialize(slots, ends)
        @slots = slots
        @place = slots.each_with_index.to_h { |slot, index| [slot.id, index] }
        @serve = slots.size
        # From serving back: so distances are found in a round or two.
        @edges = ends.flat_map { |finish| end_bounds(finish) } +
                 slots.reverse.flat_map do |slot|
                   [over_by_serving(slot), *slot.after.flat_map { |after| bounds(slot, after) }]
                 end
      end

      # Latest starts by place, with `more` edges, or nil where bounds contradict one
      # another; `from`: latest starts with fewer edges, if somebody has them.
      def latest(more = [], from: nil)
        edges = @edges + more
        at = from ? from.dup : Array.new(@serve, Float::INFINITY).push(0)
        (@serve + 2).times { return at unless relax(edges, at) }
        nil
      end

      # Ids of the tasks on a chain of bounds that contradict one another, in order;
      # empty where none do.
      def contradiction
        at = Array.new(@serve + 1, 0)
        via = {}
        last = nil
        (@serve + 2).times { last = relax(@edges, at, via) }
        last ? circle(via, last).filter_map { |place| @slots[place]&.id } : []
      end

      # That the task at place `first` is over before that at `second` starts, as an edge.
      def before(first, second)
        [second, first, -@slots[first].minutes]
      end

      private

      # Nothing ends after serving.
      def over_by_serving(slot)
        [@serve, @place[slot.id], -slot.minutes]
      end

      def bounds(slot, after)
        here = @place[slot.id]
        other = known(after.task, "tasks.#{slot.id}.after")
        minutes = @slots[other].minutes
        [[here, other, -(minutes + after.least)], ([other, here, minutes + after.most] if after.most)].compact
      end

      def end_bounds(finish)
        place = known(finish.task, "ends")
        minutes = @slots[place].minutes
        [[@serve, place, -(minutes + finish.least)],
         ([place, @serve, minutes + finish.most] if finish.most)].compact
      end

      def known(id, field)
        @place[id] || raise(InvalidInput.at(field, "must name one of the tasks", received: id))
      end

      # One round; returns the last node that moved, or nil.
      def relax(edges, at, via = nil)
        moved = nil
        edges.each do |from, to, minutes|
          sooner = at[from] + minutes
          next unless sooner < at[to]

          at[to] = sooner
          via[to] = from if via
          moved = to
        end
        moved
      end

      def circle(via, node)
        (@serve + 2).times { node = via[node] }
        around = [node]
        around << node while (node = via[node]) != around.first
        around.reverse
      end
    end
  end
end
