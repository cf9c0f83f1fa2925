# frozen_string_literal: true

require_relative "bounds"
require_relative "calm"
require_relative "chains"
require_relative "crowds"
require_relative "first_schedule"
require_relative "lost"
require_relative "neighbourhood"
require_relative "network"
require_relative "paths"
require_relative "search"
require_relative "slack"
require_relative "slot"
require_relative "worth"

module FondKettle
  module Clock
    # The search from no schedule to a good one. It first finds any schedule, or proves that there is none;
    # then shortens it by searches half-way to the bound and by ordering parts anew; then raises the bound by
    # proving that no shorter one exists. The rest of the effort improves it at the same span.
    class Descent
      include FirstSchedule

      # Orders looked at for a first schedule at the bound itself, for each task and in all; for each task
      # that is ordered anew.
      AT_BOUND_EACH = 4
      AT_BOUND = (60..120)
      ANEW = 2
      # Of these, for each task, in one search half-way to the bound.
      HALF = 3
      # Of the effort, until there is a schedule in which nothing waits too long.
      PATIENCE = 2
      # Of the effort after that, until the span is halved, shortened, the bound raised.
      HALVES = 0.35
      SHORTER = 0.6
      PROOF = 0.75
      # So much of it in all where a shorter one may exist, and for what is better at the same span.
      UNPROVED = 2.5
      POLISH = 0.25

      attr_reader :bound_min

      # `problem`: one whose bounds do not contradict one another; `effort`: orders looked at; `stop`:
      # asked now and then whether that is enough.
      def initialize(problem, network, crowds, effort, stop, seed = 0)
        @problem = problem
        @effort = effort
        @stop = stop
        @network = network
        @crowds = crowds
        @random = Random.new(problem.slots.size + (seed << 16))
        @search = Search.new(@network, @crowds, @random, @stop)
        slack = Slack.new(network, crowds, Worths.hands(problem.slots))
        @calm = Calm.new(network, crowds, slack)
        @worths = Worths.new(problem, network.place, slack)
        @near = Neighbourhood.new(problem.slots, @random)
        @idle = @before = 0
        look
      end

      # Takes starts (by place), or finds some; nothing waits too long in the end. Raises Lost.
      def begin(from = nil)
        return keep(from) if from

        at_bound = (AT_BOUND_EACH * @problem.slots.size).clamp(AT_BOUND)
        found = within(@bound_min, at_bound)
        return keep(found.low) if found.low

        first
        sooner
        return if @over_min.zero?

        raise Lost.new(@search.nodes, false, nearest: starts, over_min: @over_min)
      end

      # Shortens the schedule as far as the effort allows, and raises the bound; what is not proved then is
      # worth more.
      def shorten
        halve
        order_anew(SHORTER)
        prove
        order_anew(UNPROVED)
      end

      # The same span, and better for the hands and the food.
      def better
        calm(@best)
        spent = used
        until used - spent >= @effort * POLISH || @stop.call
          low = anew(span_min)
          calm(low) if low
        end
        keep(@calm.among(@best, span_min))
      end

      # Starts of the best, by id.
      def starts
        @network.place.transform_values { |place| @best[place] }
      end

      # Its span.
      def span_min
        @worth.span_min
      end

      private

      def look
        @wanted = @network.widest
        @bound_min = Bounds.span_min(@crowds, @network.minutes, @wanted.first, Paths.tails(@network))
      end

      # Takes starts if they are better than what there is.
      def keep(low)
        low = low.first(@problem.slots.size)
        over_min = @network.over_min(low)
        worth = @worths.of(low)
        return if @worth && ([over_min, worth] <=> [@over_min, @worth]) >= 0

        @best = low
        @over_min = over_min
        @worth = worth
      end

      def calm(starts)
        keep(@calm.in_order(starts.first(@problem.slots.size), span_min))
        @idle += 1
      end

      # Until nothing waits too long: by half as much each time. That a schedule exists is worth more
      # than that it is short.
      def sooner
        until @over_min.zero? || spent?(PATIENCE)
          low = anew(@network.horizon_min, over_min: @over_min / 2, centres: @network.late(@best),
                                           sharp: true)
          keep(low) if low
        end
        @before = used
      end

      # Between the bound and the span, half-way each time: what is found is kept, what cannot be
      # raises the bound.
      def halve
        least_min = @bound_min
        while least_min < span_min && !spent?(HALVES)
          half = (least_min + span_min - 1) / 2
          found = within(half, HALF * @problem.slots.size)
          found.low ? keep(found.low) : least_min = half + 1
          @bound_min = half + 1 if found.low.nil? && found.complete
        end
      end

      def order_anew(share)
        until span_min <= @bound_min || spent?(share)
          low = anew(span_min - 1)
          keep(low) if low
        end
      end

      # Raises the bound as long as it can be shown that nothing is so short.
      def prove
        until span_min <= @bound_min || spent?(PROOF)
          found = within(@bound_min, left(PROOF))
          return keep(found.low) if found.low
          return unless found.complete

          @bound_min += 1
        end
      end

      def within(limit, most_nodes)
        windows = @network.windows(limit)
        return Search::SearchResult.new(low: nil, complete: true) unless windows

        @search.run(*windows, most_nodes: most_nodes, sharp: true)
      end

      # Latest starts within the limits with part of the order let go, or nil.
      def anew(limit, over_min: 0, centres: nil, sharp: false)
        low, high = root(limit, over_min).map(&:dup)
        kept = @near.staying(@best, centres)
        laid = Chains.of(@crowds, @network.minutes, @best, kept)
        Chains.laid(laid, @network) do
          unless @network.settle(low, high, laid.flatten.uniq)
            @idle += 1
            next
          end

          @search.run(low, high, most_nodes: (ANEW * kept.count(false)) + 5, sharp: sharp,
                                 noise: @random.rand(2) * FirstSchedule::NOISE).low
        end
      end

      # Windows within the limits, kept as long as these are.
      def root(*limits)
        @root = [limits, @network.windows(*limits)] unless @root&.first == limits
        @root.last
      end

      def left(share)
        [(@effort * share).ceil - used, 1].max
      end

      # Orders looked at, and parts that could not even be ordered anew.
      def used
        @search.nodes + @idle - @before
      end

      def spent?(share)
        used >= @effort * share || @stop.call
      end
    end
  end
end
