# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "network"
require_relative "slot"

module FondKettle
  module Clock
    # When each task starts, minutes before serving by id; `span_min` from the earliest
    # start to serving, `bound_min` what it cannot be less than.
    Placed = Value.define(:starts, :span_min, :bound_min)

    # Places the tasks of a meal so that the span is as small as can be: every task as
    # late as its bounds allow, and where that asks too much of a resource, each order
    # of the tasks in conflict is tried (branch and bound over precedences, exact; for
    # about fifteen tasks).
    class Placement
      # Orders looked at before the best so far is taken.
      MOST_NODES = 4_000

      # The Placed of `slots` (Slot). `resources`: how much there is of each, by name;
      # what is not named there is none. Raises InvalidInput, with the bounds or the
      # resource in conflict.
      def self.place(slots, ends: [], resources: {}, most_nodes: MOST_NODES)
        new(slots, ends, resources, most_nodes).place
      end

      # One after the other in the order given, which must put each after those that it
      # comes after: the plainest Placed there is, whatever waits.
      def self.in_turn(slots)
        before_min = span_min = slots.sum(&:minutes)
        starts = slots.to_h do |slot|
          before_min -= slot.minutes
          [slot.id, before_min + slot.minutes]
        end
        Placed.new(starts: starts, span_min: span_min, bound_min: 0)
      end

      # As for `place`.
      def initialize(slots, ends, resources, most_nodes)
        @most_nodes = most_nodes
        @slots = slots
        @resources = resources
        @network = Network.new(slots, ends)
        @users = resources.to_h do |name, _|
          [name, slots.each_index.select { |place| amount(place, name).positive? }]
        end
        @nodes = 0
      end

      # The Placed. Raises InvalidInput.
      def place
        check
        latest = @network.latest || raise(InvalidInput.at("tasks", contradiction))
        bound_min = [span(latest), *energy].max
        search(latest, [], bound_min)
        raise InvalidInput.at("resources", crowded) unless @best

        starts = @slots.each_with_index.to_h { |slot, place| [slot.id, -@best[place]] }
        Placed.new(starts: starts, span_min: span(@best),
                   bound_min: @nodes < @most_nodes ? span(@best) : bound_min)
      end

      private

      def amount(place, resource)
        @slots[place].uses.fetch(resource, 0)
      end

      def span(latest)
        -latest.min.to_i
      end

      def check
        @slots.each do |slot|
          name, wanted = slot.uses.find { |resource, amount| amount > @resources.fetch(resource, 0) }
          next unless name

          raise InvalidInput.at("tasks.#{slot.id}.uses",
                                "must be at most #{@resources.fetch(name, 0)} of #{name}",
                                received: wanted)
        end
      end

      # Minutes that each resource is busy for at the least.
      def energy
        @resources.map { |name, there| (busy_min(name) / there.to_f).ceil }
      end

      def busy_min(name)
        @users[name].sum { |place| @slots[place].minutes * amount(place, name) }
      end

      def search(latest, orders, bound_min)
        @nodes += 1
        return if @best && span(latest) >= span(@best)

        crowd = conflict(latest)
        return @best = latest unless crowd

        branches(crowd, orders, latest).sort_by { |_, starts| span(starts) }.each do |edges, starts|
          search(starts, edges, bound_min) unless done?(bound_min)
        end
      end

      def done?(bound_min)
        @nodes >= @most_nodes || (@best && span(@best) <= bound_min)
      end

      # Each order of two of the crowd that the bounds allow, with its latest starts.
      def branches(crowd, orders, latest)
        crowd.permutation(2).filter_map do |first, second|
          edges = [*orders, @network.before(first, second)]
          starts = @network.latest(edges, from: latest)
          [edges, starts] if starts
        end
      end

      # Places of tasks that together ask too much, or nil.
      def conflict(latest)
        @users.each do |name, users|
          crowd = crowded_at(users, name, latest)
          return crowd if crowd
        end
        unlike_ovens(latest)
      end

      # The first of the users' starts at which more is in use than there is.
      def crowded_at(users, name, latest)
        users.lazy.filter_map { |place| crowd_among(users, name, latest[place], latest) }.first
      end

      # So many of the users at work at a minute as are too many together, or nil.
      def crowd_among(users, name, minute, latest)
        busy = users.select { |place| meets?(place, minute, latest) }
        used = 0
        fitting = busy.take_while { |place| (used += amount(place, name)) <= @resources[name] }
        busy.first(fitting.size + 1) if fitting.size < busy.size
      end

      def meets?(place, at, latest)
        latest[place] <= at && at < latest[place] + @slots[place].minutes
      end

      # Two tasks in the oven at once that want it unlike, or nil.
      def unlike_ovens(latest)
        baking = @slots.each_index.select { |place| @slots[place].oven_c }
        baking.permutation(2).find do |first, second|
          @slots[first].oven_c != @slots[second].oven_c && meets?(first, latest[second], latest)
        end
      end

      def contradiction
        "must not contradict one another: the bounds of #{@network.contradiction.join(', ')}"
      end

      def crowded
        name, there = @resources.max_by { |resource, amount| busy_min(resource) / amount.to_f }
        "must be more: with #{there} of #{name} the bounds cannot be met"
      end
    end
  end
end
