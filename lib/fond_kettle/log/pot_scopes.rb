# frozen_string_literal: true

require_relative "../belief/scoped"

module FondKettle
  module Log
    # The names of what a pot of a household is made with, as a belief knows them (Belief::Scopes).
    module PotScopes
      module_function

      # Scopes of a Methods::Request. `bag_id`: nil where the rice came from no bag, and is its grain's;
      # `dish`: the dish's title, or nil.
      def of(request, bag_id, dish)
        vessel = request.vessel
        pot = { Belief::Scopes::BAG => bag_id || request.grain.key, "pot" => lidded(vessel.id, vessel.lid),
                "burner" => request.burner.id, "oven" => request.oven.id, "dish" => dish }
        pot.compact.transform_values(&:to_s).freeze
      end

      # The name of a pot (its id) under a lid of a kind: under foil or dough it is another.
      def lidded(id, lid)
        id && "#{id} #{lid}"
      end
    end
  end
end
