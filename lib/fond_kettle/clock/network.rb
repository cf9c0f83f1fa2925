# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "slot"

module FondKettle
  module Clock
    # The bounds between tasks as a graph: an edge from `v` to `u` of so many minutes says
    # that `u` starts at least that long before `v` does. Time is told as minutes before
    # serving; nodes are the tasks by their place, and serving after them, at 0. A window of
    # every node, [`low`, `high`], is kept consistent with all edges: propagation to a fixed
    # point from what changed (Dechter, Meiri and Pearl, Temporal constraint networks, 1991).
    # All tasks at their `low`, as late as can be, keep every edge.
    class Network
      # How often each node may be looked at in one go, on average.
      TURNS = 12

      # By place: minutes of each task, edges from it as [to, minutes, to, minutes …], the most that it
      # may start before serving (only where it must not wait for ever); `place`: places by id; `least` and
      # `most`: when it may start at the latest and the soonest where that is fixed, minutes before serving.
      attr_reader :minutes, :out, :waits, :place, :serve, :least, :most

      # Was anything ever taken for a contradiction because it took too long?
      attr_reader :gave_up

      # Raises InvalidInput for a task that nobody knows.
      def initialize(problem)
        @slots = problem.slots
        @minutes = @slots.map(&:minutes).freeze
        @place = @slots.each_with_index.to_h { |slot, index| [slot.id, index] }.freeze
        @serve = @slots.size
        @out = Array.new(@serve + 1) { [] }
        @into = Array.new(@serve + 1) { [] }
        @turns = TURNS * (@serve + 1)
        lay(problem)
      end

      # The span that no least span is beyond: every task and every least gap in turn.
      def horizon_min
        @horizon_min ||= @minutes.sum + @least_min
      end

      # Windows when nothing starts more than `limit` minutes before serving and what is over may
      # wait `over_min` longer for it than is wanted, or nil where bounds contradict one another.
      def windows(limit, over_min = 0)
        low = @least.dup
        high = @most.map { |most| [most, limit].compact.min }
        high[@serve] = 0
        @waits.each { |place, most| high[place] = [high[place], most + over_min].min }
        return unless low.zip(high).all? { |from, to| from <= to }

        # Nearly all bounds lead from serving backwards.
        [low, high] if settle(low, high, @serve.downto(0).to_a)
      end

      # The same with all the time there is, before anything is ordered; not to be changed.
      def widest
        @widest ||= windows(horizon_min)&.each(&:freeze)
      end

      # Minutes by which what waits longest for serving waits too long; `starts` by place.
      def over_min(starts)
        @waits.map { |place, most| starts[place] - most }.max.to_i.clamp(0..)
      end

      # Places of those that wait too long for serving.
      def late(starts)
        @waits.filter_map { |place, most| place if starts[place] > most }
      end

      # Minutes by which a task (its place) could start later by the bounds, with all else where `starts` (by
      # place) have it; less than 0 where it would have to start sooner.
      def room_min(place, starts)
        at = starts[place]
        room_min = at - @least[place]
        @into[place].each_slice(2) do |other, minutes|
          left_min = at - (other == @serve ? 0 : starts[other]) - minutes
          room_min = left_min if left_min < room_min
        end
        room_min
      end

      # Orders the task at `first` to be over before the one at `second` starts, and narrows the windows;
      # false when that is impossible. `drop` undoes it, last first.
      def order(first, second, low, high)
        minutes = @minutes[first]
        @out[second].push(first, minutes)
        @into[first].push(second, minutes)
        settle(low, high, [first, second])
      end

      # Orders without narrowing yet; `settle` does that for all of them.
      def lay_order(first, second)
        edge(second, first, @minutes[first])
      end

      # Takes the last order of two back.
      def drop(first, second)
        @out[second].pop(2)
        @into[first].pop(2)
      end

      # Narrows the windows until every edge is kept; `changed`: nodes whose window moved.
      # False where a window is empty.
      def settle(low, high, changed)
        waits = []
        changed.each { |node| waits[node] = true }
        turns = @turns
        while (node = changed.shift)
          waits[node] = false
          return give_up if (turns -= 1).negative?

          moved = later(node, low, high, changed, waits) && sooner(node, low, high, changed, waits)
          return false unless moved
        end
        true
      end

      private

      # Bounds that drive one another on minute by minute; nearly always a contradiction.
      def give_up
        @gave_up = true
        false
      end

      # Edges, and the windows as they are given.
      def lay(problem)
        @least = Array.new(@serve + 1, 0)
        @most = Array.new(@serve + 1)
        @waits = {}
        @least_min = 0
        @slots.each_with_index do |slot, here|
          edge(@serve, here, slot.minutes)
          slot.after.each { |after| follow(here, after) }
        end
        problem.spans.each { |span| bound_span(span) }
        problem.ends.each { |finish| bound_end(finish) }
        problem.windows.each { |window| bound_start(window) }
      end

      def follow(here, after)
        other = known(after.task, "tasks.#{@slots[here].id}.after")
        edge(here, other, @minutes[other] + after.least)
        edge(other, here, -(@minutes[other] + after.most)) if after.most
        @least_min += [after.least, 0].max
      end

      def bound_end(finish)
        here = known(finish.task, "ends")
        edge(@serve, here, @minutes[here] + finish.least)
        @waits[here] = [@waits[here], @minutes[here] + finish.most].compact.min if finish.most
        @least_min += finish.least
      end

      # A span does not end before it begins.
      def bound_span(span)
        from, to = [span.from, span.to].map { |id| known(id, "spans.#{span.id}") }
        edge(to, from, -@minutes[to])
      end

      def bound_start(window)
        here = known(window.task, "windows")
        @least[here] = [@least[here], window.least].max
        @most[here] = [@most[here], window.most].compact.min
        @least_min += window.least
      end

      def known(id, field)
        @place[id] || raise(InvalidInput.at(field, "must name one of the tasks", received: id))
      end

      def edge(from, to, minutes)
        @out[from].push(to, minutes)
        @into[to].push(from, minutes)
      end

      # What has to start before `node` does.
      def later(node, low, high, changed, waits)
        edges = @out[node]
        at = low[node]
        index = 0
        while (other = edges[index])
          bound = at + edges[index + 1]
          index += 2
          next unless bound > low[other]
          return false if bound > high[other]

          low[other] = bound
          next if waits[other]

          waits[other] = true
          changed.push(other)
        end
        true
      end

      def sooner(node, low, high, changed, waits)
        edges = @into[node]
        at = high[node]
        index = 0
        while (other = edges[index])
          bound = at - edges[index + 1]
          index += 2
          next unless bound < high[other]
          return false if bound < low[other]

          high[other] = bound
          next if waits[other]

          waits[other] = true
          changed.push(other)
        end
        true
      end
    end
  end
end
