# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/formats/stored_request"
require_relative "../../lib/fond_kettle/methods/planning/planner"

module FondKettle
  module App
    # Works out which of a pot's weights and taps would tell most of the kitchen, once, when it is put on the
    # stove (Log::Worth as hashes).
    class WorthOfPot
      # `household`: Store::Household.
      def initialize(household)
        @household = household
      end

      # Those of a Methods::Plan: of one pot by itself, in one boil; of others nothing is asked. `bag_id`,
      # `dish`: as Log::PotScopes has them.
      def call(plan, bag_id, dish)
        return [] if plan.request.pots > 1 || plan.phases.size > 1 || plan.ledger

        @household.lessons.worth(plan, bag_id, dish).map(&:to_h)
      end

      # Those of the text of a request that was kept (nil: nobody knows it); none where it cannot be planned.
      def of_stored(text, dish)
        return [] unless text

        request = Formats::StoredRequest.read(text)
        call(Methods::Planner.plan(request), @household.shelves.bag_of(request.grain)&.id, dish)
      rescue UserError, KeyError, ArgumentError, TypeError
        []
      end
    end
  end
end
