# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Clock
    # Places where tasks together ask too much of a resource, or ask an oven for two temperatures. The minutes
    # at which a resource is full are the bits of an integer, so that all tasks are checked with a few integer
    # operations.
    class Crowds
      # How much there is of something, the places of its users and how much each takes, when so
      # much of it is away (Gone), and the minutes at which each unit is.
      Resource = Value.define(:name, :there, :users, :amounts, :away, :levels)
      Gone = Value.define(:bits, :amount)
      # Crowds of one resource looked at together.
      MOST = 5

      # Places of tasks at work at one minute, so much of each where there is `room` for less;
      # where some of it is away then, `past_min` before serving it is not. Made in the innermost loop,
      # hence no Value.
      class Crowd
        attr_reader :places, :amounts, :room, :past_min

        # The arguments are the attributes described above.
        def initialize(places, amounts, room, past_min)
          @places = places
          @amounts = amounts
          @room = room
          @past_min = past_min
        end
      end

      attr_reader :resources

      # `problem`: Problem.
      def initialize(problem)
        @minutes = problem.slots.map(&:minutes)
        @ones = @minutes.map { |minutes| (1 << minutes) - 1 }
        @resources = problem.resources.filter_map { |name, there| resource(problem, name, there) }
        @unlike = unlike(problem.slots)
      end

      # Crowds with all tasks at `low`, of each resource those nearest to serving; empty where all
      # is well.
      def at(low)
        crowds = @resources.flat_map { |resource| along(resource, full(resource, low), low) }
        @unlike.each { |pair| crowds << Crowd.new(pair, [1, 1], 1, nil) if meet?(*pair, low) }
        crowds
      end

      private

      def resource(problem, name, there)
        users = problem.slots.each_index.select { |place| problem.slots[place].uses.fetch(name, 0).positive? }
        amounts = users.map { |place| problem.slots[place].uses.fetch(name) }
        away = problem.away.filter_map { |one| gone(one, name) }
        return unless away.any? || amounts.sum > there

        levels = away.each_with_object(Array.new(there, 0)) do |one, filled|
          one.amount.times { lay(filled, one.bits) }
        end
        Resource.new(name: name, there: there, users: users, amounts: amounts, away: away, levels: levels)
      end

      def gone(away, name)
        amount = away.uses.fetch(name, 0)
        return if amount.zero?

        Gone.new(bits: ((1 << (away.from_min - away.to_min)) - 1) << away.to_min, amount: amount)
      end

      def unlike(slots)
        baking = slots.each_index.select { |place| slots[place].oven_c }
        baking.combination(2).reject { |one, two| slots[one].oven_c == slots[two].oven_c }
      end

      # The minutes, as bits, at which more is in use than there is.
      def full(resource, low)
        users = resource.users
        amounts = resource.amounts
        levels = resource.levels.dup
        over = index = 0
        while (place = users[index])
          bits = @ones[place] << (low[place] - @minutes[place])
          amounts[index].times { over |= lay(levels, bits) }
          index += 1
        end
        over
      end

      # Lays `bits` on the levels; what found no room.
      def lay(levels, bits)
        index = 0
        while (level = levels[index])
          levels[index] = level | bits
          bits &= level
          return 0 if bits.zero?

          index += 1
        end
        bits
      end

      # A Crowd for each set of tasks that is at work at some of those minutes, not too many.
      def along(resource, over, low)
        crowds = []
        until over.zero? || crowds.size == MOST
          minute = (over & -over).bit_length - 1
          crowds << crowd(minute, resource, low)
          over = past(over, crowds.last, low)
        end
        crowds
      end

      # Minutes after the first of a crowd is gone.
      def past(over, crowd, low)
        first = crowd.places.map { |place| low[place] }.min
        over >> first << first
      end

      def crowd(minute, resource, low)
        busy = []
        amounts = []
        resource.users.each_with_index do |place, index|
          next unless low[place] > minute && low[place] - @minutes[place] <= minute

          busy << place
          amounts << resource.amounts[index]
        end
        away = resource.away.select { |one| one.bits[minute] == 1 }
        past_min = away.map { |one| one.bits.bit_length }.max
        Crowd.new(busy, amounts, resource.there - away.sum(&:amount), past_min)
      end

      def meet?(one, two, low)
        low[one] > low[two] - @minutes[two] && low[two] > low[one] - @minutes[one]
      end
    end
  end
end
