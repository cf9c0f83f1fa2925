# frozen_string_literal: true

module FondKettle
  module Clock
    # Tasks of a schedule that are released to be ordered anew, while all others keep their order (large
    # neighbourhood search: Shaw, 1998; for schedules Godard, Laborie and Nuijten, 2005).
    class Neighbourhood
      SHARES = [0.15, 0.25, 0.4, 0.6].freeze

      # `slots`: Slots; `random`: the random generator that picks.
      def initialize(slots, random)
        @slots = slots
        @minutes = slots.map(&:minutes)
        @random = random
      end

      # True, by place, for tasks that keep their order. Tasks around one of the `centres` (places; nil: any)
      # are released.
      def staying(starts, centres)
        centre = centres ? centres.sample(random: @random) : @random.rand(@slots.size)
        loose = send(%i[near near alike dishes].sample(random: @random), centre, starts)
        Array.new(@slots.size) { |place| !loose.include?(place) }
      end

      private

      # Those at work about when one of them is.
      def near(centre, starts)
        middle = starts[centre] - (@minutes[centre] / 2)
        @slots.each_index.min_by(count) { |place| (starts[place] - (@minutes[place] / 2) - middle).abs }
      end

      def alike(centre, _starts)
        names = @slots[centre].uses.keys
        @slots.each_index.select { |place| @slots[place].uses.keys.intersect?(names) }
              .sample(count, random: @random) | [centre]
      end

      # Its dish and another.
      def dishes(centre, _starts)
        other = @slots.sample(random: @random).dish
        @slots.each_index.select { |place| [@slots[centre].dish, other].include?(@slots[place].dish) }
      end

      def count
        [(@slots.size * SHARES.sample(random: @random)).ceil, 3].max
      end
    end
  end
end
