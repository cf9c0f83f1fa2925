# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "network"
require_relative "slot"

module FondKettle
  module Clock
    # When each task starts, minutes before serving by id; `span_min` from the earliest
    # start to serving, `bound_min` what it cannot be less than.
    Placed = Value.define(:starts, :span_min, :bound_min) do
      # Ids in the order in which they start.
      def order
        starts.sort_by { |_, before_min| -before_min }.map(&:first)
      end
    end

    # Places the tasks of a meal so that the span is as small as can be: every task as
    # late as its bounds allow, and where that asks too much of a resource, each order
    # of the tasks in conflict is tried (branch and bound over precedences, exact; for
    # about fifteen tasks).
    class Placement
      # Orders looked at before the best so far is taken.
      MOST_NODES = 20_000
      # Two tasks that want the oven at unlike temperatures.
      OVEN = "oven"

      # `resources`: how much there is of each, by name; what is not named there is
      # none. Raises InvalidInput, with the bounds or the resource in conflict.
      def self.place(slots, ends: [], resources: {})
        new(slots, ends, resources).place
      end

      def initialize(slots, ends, resources)
        @slots = slots
        @by_id = slots.to_h { |slot| [slot.id, slot] }
        @resources = resources
        @network = Network.new(slots, ends)
        @nodes = 0
      end

      # The Placed. Raises InvalidInput.
      def place
        check
        latest = @network.latest || raise(InvalidInput.at("tasks", contradiction))
        bound_min = [-latest.values.min.to_i, *energy].max
        search(latest, [], bound_min)
        raise InvalidInput.at("resources", crowded) unless @best

        span_min = -@best.values.min
        Placed.new(starts: @best.transform_values { |at| -at }, span_min: span_min,
                   bound_min: @nodes < MOST_NODES ? span_min : bound_min)
      end

      private

      def check
        @slots.each do |slot|
          name, wanted = slot.uses.find { |resource, amount| amount > @resources.fetch(resource, 0) }
          next unless name

          raise InvalidInput.at("tasks.#{slot.id}.uses", "must be at most #{@resources.fetch(name, 0)} of #{name}",
                                received: wanted)
        end
      end

      # Minutes that each resource is busy for at the least.
      def energy
        @resources.map { |name, there| (@slots.sum { |slot| slot.minutes * slot.uses.fetch(name, 0) } / there.to_f).ceil }
      end

      def search(latest, orders, bound_min)
        @nodes += 1
        return if @best && -latest.values.min >= -@best.values.min

        crowd = conflict(latest)
        return @best = latest unless crowd

        branches(crowd, orders).sort_by { |_, starts| -starts.values.min }.each do |edges, starts|
          return if done?(bound_min)

          search(starts, edges, bound_min)
        end
      end

      def done?(bound_min)
        @nodes >= MOST_NODES || (@best && -@best.values.min <= bound_min)
      end

      # Each order of two of the crowd that the bounds allow, with its latest starts.
      def branches(crowd, orders)
        crowd.permutation(2).filter_map do |first, second|
          edges = [*orders, @network.before(first, second)]
          starts = @network.latest(edges)
          [edges, starts] if starts
        end
      end

      # Ids of the first tasks found that together ask too much, or nil.
      def conflict(latest)
        @slots.sort_by { |slot| -latest[slot.id] }.each do |slot|
          same = @slots.select { |other| meets?(latest, other, latest[slot.id]) }
          crowd = too_many(same) || unlike_ovens(slot, latest)
          return crowd.map(&:id) if crowd
        end
        nil
      end

      def meets?(latest, slot, at)
        latest[slot.id] <= at && at < latest[slot.id] + slot.minutes
      end

      def too_many(slots)
        @resources.each do |name, there|
          users = slots.select { |slot| slot.uses.fetch(name, 0).positive? }
          used = 0
          crowd = users.take_while { |slot| (used += slot.uses[name]) <= there }
          return users.first(crowd.size + 1) if crowd.size < users.size
        end
        nil
      end

      # Two tasks in the oven at once that want it unlike.
      def unlike_ovens(slot, latest)
        return unless slot.oven_c

        other = @slots.find do |there|
          there.oven_c && there.oven_c != slot.oven_c && meets?(latest, there, latest[slot.id])
        end
        other && [slot, other]
      end

      def contradiction
        "must not contradict one another: the bounds of #{@network.contradiction.join(', ')}"
      end

      def crowded
        busy = @resources.max_by { |name, there| @slots.sum { |slot| slot.minutes * slot.uses.fetch(name, 0) } / there.to_f }
        "must be more: with #{busy.last} of #{busy.first} the bounds cannot be met"
      end
    end
  end
end
