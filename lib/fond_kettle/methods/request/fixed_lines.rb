# frozen_string_literal: true

require_relative "../../ground/value"

module FondKettle
  module Methods
    # Lines of plain rice, which has no dish.
    module NoLines
      # None.
      def self.provisions(_pots)
        []
      end
    end

    # What the lines of a dish put where, worked out once for so many pots as it is cooked in: a `list` of
    # Provisions.
    FixedLines = Value.define(:list) do
      # All of them.
      def provisions(_pots)
        list
      end
    end
  end
end
