# frozen_string_literal: true

require_relative "../../lib/fond_kettle/house/plain_rice"
require_relative "../../lib/fond_kettle/methods/planner"

module FondKettle
  module App
    # Plain rice of a household's first bag, as it cooks it where nobody says more. Stores nothing.
    class PlainRice
      def initialize(household)
        @rice = House::PlainRice.new(household.shelves, log: household.cooks)
      end

      # What a pot (Kit::Vessel) takes of it, g.
      def takes_g(pot)
        @rice.takes_g(pot)
      end

      # How sure the water for the whole table is in a pot (Belief::Spread), or nil where nothing comes of
      # it.
      def spread(pot)
        request = @rice.for_table(pot)
        Methods::Planner.spread(request) if request
      end
    end
  end
end
