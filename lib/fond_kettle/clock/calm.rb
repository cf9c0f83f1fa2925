# frozen_string_literal: true

require_relative "chains"
require_relative "slack"

module FondKettle
  module Clock
    # Makes a schedule calmer (Slack) without making it longer: tasks with hands are moved to earlier minutes,
    # and what has to come before them with them, wherever that leaves more room in all. Those nearest to
    # serving are moved first: they move all that is before them, and each of these finds what room is left.
    class Calm
      # `network`, `crowds`, `slack`: of one Problem.
      def initialize(network, crowds, slack)
        @network = network
        @crowds = crowds
        @slack = slack
      end

      # Starts (by place) as calm as could be found with all orders of `starts`, no sooner than `limit`
      # minutes before serving: whole chains move.
      def in_order(starts, limit)
        laid = Chains.of(@crowds, @network.minutes, starts, Array.new(starts.size, true))
        calmed = Chains.laid(laid, @network) do
          windows = windows(limit)
          return starts unless windows && @network.settle(*windows, laid.flatten.uniq)

          moved(*windows) { |low| @slack.by_bounds_min(low) }.first(starts.size)
        end
        @crowds.at(calmed).empty? ? calmed : starts
      end

      # The same where a task may also change its place in the order.
      def among(starts, limit)
        high = windows(limit)&.last or return starts
        moved([*starts, 0], high) { |low| @slack.sum_min(low) if @crowds.at(low).empty? }.first(starts.size)
      end

      private

      def windows(limit)
        @network.windows(limit)&.map(&:dup)
      end

      # The starts `low` with tasks moved wherever the number that the block makes of them is more; it is nil
      # for what cannot be.
      def moved(low, high, &number)
        best = [low, number.call(low)]
        @slack.hands.sort_by { |place| low[place] }.each do |place|
          best = earlier(place, best, high, &number) || best
        end
        best.first
      end

      # [starts, their number] with a task so much earlier that it is more, or nil.
      def earlier(place, (low, least), high)
        by_min = Slack::MOST_MIN - @network.room_min(place, low).clamp(0, Slack::MOST_MIN)
        while by_min.positive?
          tried = pushed(place, by_min, low, high)
          found = tried && yield(tried)
          return [tried, found] if found && found > least

          by_min /= 2
        end
      end

      # The starts with a task so much earlier, and what has to be before it, or nil.
      def pushed(place, by_min, low, high)
        return if low[place] + by_min > high[place]

        low = low.dup
        low[place] += by_min
        low if @network.settle(low, high.dup, [place])
      end
    end
  end
end
