# frozen_string_literal: true

module FondKettle
  module Clock
    # No schedule was found in so many orders `looked` at; `shown`: none exists; `nearest`: starts by id
    # with which what is ready waits `over_min` minutes longer than it may, or nil.
    class Lost < StandardError
      attr_reader :looked, :shown, :nearest, :over_min

      # As it says above.
      def initialize(looked, shown, nearest: nil, over_min: nil)
        super("none in #{looked} orders")
        @looked = looked
        @shown = shown
        @nearest = nearest
        @over_min = over_min
      end
    end
  end
end
