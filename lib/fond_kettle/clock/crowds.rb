# frozen_string_literal: true

require_relative "../ground/value"
require_relative "holdings"

module FondKettle
  module Clock
    # Places where tasks together ask too much of a resource, or ask an oven for two temperatures. The minutes
    # at which a resource is full are the bits of an integer, so that all tasks are checked with a few integer
    # operations.
    class Crowds
      # How much there is of something; of its users the places of the tasks with which they begin (`users`)
      # and end (`lasts`), how much each takes and for how long at the least, and over which span it is not
      # counted (Holding); when so much of it is away (Gone), and the minutes at which each unit is.
      Resource = Value.define(:name, :there, :users, :lasts, :amounts, :least, :owns, :away, :levels)
      Gone = Value.define(:bits, :amount)
      # Crowds of one resource looked at together.
      MOST = 5

      # Users at work at one minute (places with which they begin and end), so much of each where there is
      # `room` for less; where some of it is away then, `past_min` before serving it is not. Made in the
      # innermost loop, hence no Value.
      class Crowd
        attr_reader :places, :lasts, :amounts, :room, :past_min

        # The arguments are the attributes described above.
        def initialize(places, lasts, amounts, room, past_min)
          @places = places
          @lasts = lasts
          @amounts = amounts
          @room = room
          @past_min = past_min
        end
      end

      attr_reader :resources

      # `problem`: Problem; `network`: its Network.
      def initialize(problem, network)
        @minutes = problem.slots.map(&:minutes)
        @ones = @minutes.map { |minutes| (1 << minutes) - 1 }
        holdings = Holdings.new(problem, network)
        @resources = problem.resources.filter_map { |name, there| resource(problem, holdings, name, there) }
        @unlike = unlike_pairs(problem.slots)
      end

      # True where some user may be partly within a span that holds the same for it: then orders of two do not
      # say all that could be tried.
      def partial?
        @partial = @resources.any? { |one| one.owns.any? } if @partial.nil?
        @partial
      end

      # Crowds with all tasks at `low`, of each resource those nearest to serving; empty where all
      # is well.
      def at(low)
        crowds = @resources.flat_map { |resource| along(resource, full(resource, low), low) }
        @unlike.each { |pair| crowds << Crowd.new(pair, pair, [1, 1], 1, nil) if meet?(*pair, low) }
        crowds
      end

      # For each resource the minutes, as bits, at which one of it is in use, two are, and so on.
      def in_use(starts)
        @resources.map { |resource| filled(resource, starts).first }
      end

      # Minutes by which a task (its place) could be over later by the resources alone, with all else where
      # `starts` have it; `in_use`: of these.
      def room_min(place, starts, in_use)
        over_min = starts[place] - @minutes[place]
        taken = @resources.zip(in_use).flat_map do |resource, levels|
          ending(resource, place).map { |amount| levels[resource.there - amount] }
        end
        taken.concat(unlike(place).map { |other| @ones[other] << (starts[other] - @minutes[other]) })
        over_min - taken.map { |bits| (bits & ((1 << over_min) - 1)).bit_length }.max.to_i
      end

      private

      # How much of a resource each of those takes that end with a task.
      def ending(resource, place)
        resource.lasts.each_index.select { |index| resource.lasts[index] == place }
                .map { |index| resource.amounts[index] }
      end

      # Places of what is in the oven at another temperature than a task.
      def unlike(place)
        @unlike.filter_map { |pair| (pair - [place]).first if pair.include?(place) }
      end

      def resource(problem, holdings, name, there)
        users = holdings.of(name)
        away = problem.away.filter_map { |one| gone(one, name) }
        return unless away.any? || users.sum(&:amount) > there

        Resource.new(name: name, there: there, **columns(users), away: away, levels: levels(away, there))
      end

      # Attributes of Holdings, each in a list of its own.
      def columns(users)
        { users: :head, lasts: :last, amounts: :amount, least: :least_min, owns: :own }
          .transform_values { |attribute| users.map(&attribute) }
      end

      # The minutes, as bits, at which each unit is away.
      def levels(away, there)
        away.each_with_object(Array.new(there, 0)) do |one, filled|
          one.amount.times { lay(filled, one.bits) }
        end
      end

      def gone(away, name)
        amount = away.uses.fetch(name, 0)
        return if amount.zero?

        Gone.new(bits: ((1 << (away.from_min - away.to_min)) - 1) << away.to_min, amount: amount)
      end

      def unlike_pairs(slots)
        baking = slots.each_index.select { |place| slots[place].oven_c }
        baking.combination(2).reject { |one, two| slots[one].oven_c == slots[two].oven_c }
      end

      # The minutes, as bits, at which more is in use than there is.
      def full(resource, low)
        filled(resource, low).last
      end

      # [the minutes at which each unit is in use, those at which more is], as bits.
      def filled(resource, low)
        amounts = resource.amounts
        levels = resource.levels.dup
        over = index = 0
        while (amount = amounts[index])
          bits = bits(resource, index, low)
          amount.times { over |= lay(levels, bits) }
          index += 1
        end
        [levels, over]
      end

      # The minutes, as bits, for which a user (its index) has the resource.
      def bits(resource, index, low)
        head = resource.users[index]
        last = resource.lasts[index]
        return held(head, last, low) unless head == last

        bits = @ones[head] << (low[head] - @minutes[head])
        own = resource.owns[index]
        own ? bits & ~held(*own, low) : bits
      end

      # The minutes from the start of one task to the end of another.
      def held(head, last, low)
        over_min = low[last] - @minutes[last]
        ((1 << [low[head] - over_min, 0].max) - 1) << over_min
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
        busy = resource.users.each_index.select { |index| busy?(resource, index, minute, low) }
        away = resource.away.select { |one| one.bits[minute] == 1 }
        past_min = away.map { |one| one.bits.bit_length }.max
        Crowd.new(resource.users.values_at(*busy), resource.lasts.values_at(*busy),
                  resource.amounts.values_at(*busy), resource.there - away.sum(&:amount), past_min)
      end

      def busy?(resource, index, minute, low)
        head = resource.users[index]
        last = resource.lasts[index]
        return false unless low[head] > minute && low[last] - @minutes[last] <= minute

        own_head, own_last = resource.owns[index]
        own_head.nil? || low[own_head] <= minute || low[own_last] - @minutes[own_last] > minute
      end

      def meet?(one, two, low)
        low[one] > low[two] - @minutes[two] && low[two] > low[one] - @minutes[one]
      end
    end
  end
end
