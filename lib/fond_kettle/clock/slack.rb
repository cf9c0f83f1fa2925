# frozen_string_literal: true

module FondKettle
  module Clock
    # The calm of a schedule as one number: the sum over the tasks with hands of the minutes by which each
    # could start later with all else where it stands, ten of each at the most. A cook who is interrupted for
    # less keeps everybody's time.
    class Slack
      # More than that is no calmer.
      MOST_MIN = 10

      # Places of the tasks with hands.
      attr_reader :hands

      # `hands`: places of the tasks with hands.
      def initialize(network, crowds, hands)
        @network = network
        @crowds = crowds
        @hands = hands
      end

      # The number for starts (minutes before serving, by place).
      def sum_min(starts)
        in_use = @crowds.in_use(starts)
        @hands.sum do |place|
          [@network.room_min(place, starts), @crowds.room_min(place, starts, in_use)].min.clamp(0, MOST_MIN)
        end
      end

      # The same where all orders are bounds of the network.
      def by_bounds_min(starts)
        @hands.sum { |place| @network.room_min(place, starts).clamp(0, MOST_MIN) }
      end
    end
  end
end
