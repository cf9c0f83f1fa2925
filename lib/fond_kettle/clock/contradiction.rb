# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "crowds"
require_relative "network"
require_relative "overload"
require_relative "paths"
require_relative "search"
require_relative "slot"

module FondKettle
  module Clock
    # Why a problem cannot be met: `tasks` (ids) that are in one another's way, without any of which
    # it could; `resource` they all want (nil: their bounds alone contradict one another), of which
    # there is `there`; where that is known, they have `busy_min` minutes of work on it between
    # `from_min` and `to_min` before serving.
    Contradiction = Value.define(:tasks, :resource, :there, :busy_min, :from_min, :to_min)

    # Finds one, as small as can be: by a chain of bounds, by a stretch with too much work, or by
    # leaving out task after task as long as what is left is still refuted (deletion filter: Chinneck
    # and Dravnieks, 1991).
    class Conflicts
      # Orders looked at to refute all of it (of many tasks fewer: each takes longer), and what is left.
      EFFORT = 1_500
      OF_ALL = 45_000
      LESS = 250

      # The Contradiction of a Problem, or nil where none was shown.
      def self.of(problem)
        new(problem).conflict
      end

      # The arguments are those of `of`.
      def initialize(problem)
        @problem = problem
      end

      # Result of `of`.
      def conflict
        circle || overfull || (smallest if refuted?(@problem, effort))
      end

      private

      def effort
        [EFFORT, OF_ALL / [@problem.slots.size, 1].max].min
      end

      def circle
        network = Network.new(@problem)
        return if network.widest

        ids = Paths.contradiction(network).map { |place| @problem.slots[place].id }
        Contradiction.new(tasks: ids, resource: nil, there: nil, busy_min: nil, from_min: nil,
                          to_min: nil)
      end

      # The Contradiction that windows alone show, or nil.
      def overfull
        network = Network.new(@problem)
        low, high = network.widest
        return unless low

        Crowds.new(@problem, network).resources.each do |resource|
          users, from_min, to_min = Overload.of(resource, network.minutes, low, high)
          return least(resource, users, from_min, to_min) if users
        end
        nil
      end

      # What is too much between two moments, with no more users (indexes) than it takes.
      def least(resource, users, from_min, to_min)
        there_min = (from_min - to_min) * resource.there
        users = enough(resource, users, there_min)
        places = users.flat_map { |user| [resource.users[user], resource.lasts[user]] }.uniq
        Contradiction.new(tasks: places.map { |place| @problem.slots[place].id }, resource: resource.name,
                          there: resource.there, busy_min: busy_min(resource, users), from_min: from_min,
                          to_min: to_min)
      end

      # As few of them, the longest first, as are still too much.
      def enough(resource, users, there_min)
        users = users.sort_by { |user| -resource.least[user] }
        users.first((1..users.size).find { |most| busy_min(resource, users.first(most)) > there_min })
      end

      def busy_min(resource, users)
        users.sum { |user| resource.least[user] * resource.amounts[user] }
      end

      # Leaves out what is not needed for the refutation: whole dishes first, then tasks.
      def smallest
        left = @problem
        [->(slot) { slot.dish || slot.id }, lambda(&:id)].each do |part|
          left.slots.map(&part).uniq.each do |one|
            fewer = without(left, left.slots.select { |slot| part.call(slot) == one })
            left = fewer if fewer.slots.any? && refuted?(fewer, LESS)
          end
        end
        by_overload(left)
      end

      def by_overload(problem)
        resource = Crowds.new(problem, Network.new(problem)).resources.max_by do |one|
          busy_min(one, one.users.each_index.to_a) / one.there.to_f
        end
        Contradiction.new(tasks: problem.slots.map(&:id), resource: resource&.name, there: resource&.there,
                          busy_min: nil, from_min: nil, to_min: nil)
      end

      def without(problem, gone)
        ids = gone.map(&:id)
        slots = (problem.slots - gone).map do |slot|
          slot.with(after: slot.after.reject do |after|
            ids.include?(after.task)
          end)
        end
        problem.only(slots)
      end

      def refuted?(problem, effort)
        network = Network.new(problem)
        windows = network.widest
        return true unless windows

        crowds = Crowds.new(problem, network)
        found = Search.new(network, crowds, Random.new(1)).run(*windows, most_nodes: effort, sharp: true)
        found.low.nil? && found.complete
      end
    end
  end
end
