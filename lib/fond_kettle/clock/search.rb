# frozen_string_literal: true

require_relative "../ground/value"
require_relative "crowds"
require_relative "network"
require_relative "overload"

module FondKettle
  module Clock
    # Orders tasks that ask too much together until none do, depth first: the crowd that is
    # hardest to order is taken, and each order of two of it is tried, the one that leaves
    # most room first (precedence branching: Laborie, Complete MCS-based search, 2005).
    # Orders that failed before are tried first among equals, as they fail again (weights of
    # Boussemart, Hemery, Lecoutre and Sais, 2004).
    class Search
      # What a search came to: latest starts (nil: none), and whether it looked at everything.
      SearchResult = Value.define(:low, :complete)

      # Nodes looked at in all searches.
      attr_reader :nodes

      # `stop` is asked every so many nodes.
      ASKS = 16
      TWO = [0, 1].freeze

      # `random`: breaks ties; `stop`: asked whether that is enough.
      def initialize(network, crowds, random, stop = -> { false })
        @stop = stop
        @network = network
        @crowds = crowds
        @random = random
        @weight = Array.new(network.serve + 1, 0)
        @nodes = 0
      end

      # The first of the latest starts within the windows with which nothing is crowded, looking at
      # no more than so many nodes; `noise`: minutes that an order may seem better than it is;
      # `sharp`: looks for stretches with too much work at the first node, and from the first failure on.
      def run(low, high, most_nodes:, noise: 0, sharp: false)
        @end = @nodes + most_nodes
        @looks = @sharp = sharp
        @failed = false
        @noise = noise
        found = deeper(low, high)
        SearchResult.new(low: found, complete: !found.nil? || looked_at_all?)
      end

      private

      def looked_at_all?
        @nodes < @end && !@network.gave_up && !@crowds.partial?
      end

      def deeper(low, high)
        count
        return if overfull?(low, high)

        crowds = @crowds.at(low)
        return low if crowds.empty?

        crowd, orders = hardest(crowds, low, high)
        orders.each do |first, second, _|
          found = try(first, second, crowd, low.dup, high.dup)
          return found if found
          return nil if @nodes >= @end
        end
        nil
      end

      def count
        @nodes += 1
        @end = @nodes if (@nodes % ASKS).zero? && @stop.call
      end

      # Is there a stretch with too much work? Not asked again while every order that is tried goes well.
      def overfull?(low, high)
        return false unless @looks

        @looks = @failed
        @crowds.resources.any? { |one| Overload.of(one, @network.minutes, low, high) }
      end

      # The crowd with the fewest orders that are open, and these; of equals, what has failed most
      # and has least room.
      def hardest(crowds, low, high)
        best = nil
        crowds.each do |crowd|
          orders = branches(crowd, low, high)
          return [crowd, orders] if orders.size < 2

          score = (orders.first.last + 1) / (1.0 + weight(orders.first))
          best = [crowd, orders, score] if best.nil? || score < best.last
        end
        best
      end

      def weight((first, second, _))
        @weight[first] + (second ? @weight[second] : 0)
      end

      def try(first, second, crowd, low, high)
        return moved(first, crowd.past_min, low, high) unless second

        found = deeper(low, high) if @network.order(first, second, low, high)
        @network.drop(first, second)
        fail_of(first, second) unless found
        found
      end

      def moved(place, past_min, low, high)
        low[place] = past_min + @network.minutes[place]
        return if low[place] > high[place]

        deeper(low, high) if @network.settle(low, high, [place])
      end

      def fail_of(first, second)
        @failed = true
        @looks = @sharp
        @weight[first] += 1
        @weight[second] += 1
      end

      # Orders of two that the windows leave open, best first: [first, second, room]; without a
      # second where the first only goes past what is away.
      def branches(crowd, low, high)
        users = fewest(crowd, low, high)
        orders = users.permutation(2).filter_map do |one, other|
          order(crowd.lasts[one], crowd.places[other], low, high)
        end
        if crowd.past_min
          lasts = users.map { |one| crowd.lasts[one] }
          orders += lasts.map { |last| [last, nil, high[last] - crowd.past_min] }
        end
        orders.sort_by!(&:last).reverse!
      end

      def order(first, second, low, high)
        room = high[first] - low[second] - @network.minutes[first]
        return if room.negative?

        room += @random.rand(@noise) if @noise.positive?
        [first, second, room]
      end

      # So few of the crowd (their indexes) that they are just too many, those that fail most and have least
      # room.
      def fewest(crowd, low, high)
        return TWO if crowd.places.size == 2 && !crowd.past_min

        taken = 0
        ranked = crowd.places.each_index.sort_by { |i| rank(crowd.places[i], low, high) }
        most = ranked.take_while { |i| (taken += crowd.amounts[i]) <= crowd.room }.size
        ranked.first(most + 1)
      end

      def rank(place, low, high)
        (high[place] - low[place]) / (1.0 + @weight[place])
      end
    end
  end
end
