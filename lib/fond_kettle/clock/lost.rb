# frozen_string_literal: true

module FondKettle
  module Clock
    # No schedule was found in so many orders `looked` at; `shown`: none exists.
    class Lost < StandardError
      attr_reader :looked, :shown

      # As it says above.
      def initialize(looked, shown)
        super("none in #{looked} orders")
        @looked = looked
        @shown = shown
      end
    end
  end
end
