# frozen_string_literal: true

require_relative "../../lib/fond_kettle/house/plain_rice"
require_relative "../../lib/fond_kettle/methods/planning/planner"

module FondKettle
  module App
    # Plain rice of a household's first bag, as it cooks it where nobody says more. Stores nothing.
    class PlanPlainRice
      def initialize(household)
        @rice = House::PlainRice.new(household.shelves, log: household.lessons)
      end

      # Amount of rice that a pot (Kit::Vessel) takes, in g.
      def takes_g(pot)
        @rice.takes_g(pot)
      end

      # The spread of the water for the whole table in a pot (Belief::Spread), or nil when no plan comes of
      # it.
      def spread(pot)
        request = @rice.for_table(pot)
        Methods::Planner.plan(request).spread if request
      end
    end
  end
end
