# frozen_string_literal: true

module FondKettle
  module Clock
    # Raised when no schedule was found in `looked` orders. `shown`: it is proved that none exists; `nearest`:
    # starts by id with which finished food waits `over_min` minutes longer than it may, or nil.
    class Lost < StandardError
      attr_reader :looked, :shown, :nearest, :over_min

      # The arguments are the attributes described above.
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
