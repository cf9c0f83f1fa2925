# frozen_string_literal: true

require_relative "../../dishes/graph/stand_in"
require_relative "../../ground/limits"
require_relative "../../ground/schema"
require_relative "../../larder/ingredients"
require_relative "checked"

module FondKettle
  module Formats
    # Reads the `components` of a request with a dish: what was made on another day and stands in for a vessel
    # tonight, `g` of it in all.
    class DishComponents
      SCHEMA = Schema.json(strict: true) do
        required(:vessel).filled(:string)
        required(:ingredient).filled(:string)
        required(:g).filled(Schema::Number, included_in?: (1..Limits::ADDITION_G.max))
        optional(:food).filled(:string, max_size?: Limits::NAME_LENGTH)
      end

      # `given`: a list of hashes. Raises InvalidInput where it is no list.
      def initialize(given)
        raise InvalidInput.at("components", "must be a list") unless given.is_a?(Array)

        @given = given
      end

      # `graph` (Dishes::GraphDish) with each in the place of its vessel; `factor`: times that the dish is
      # made tonight. Raises InvalidInput.
      def in(graph, factor)
        @given.each_with_index.reduce(graph) do |dish, (given, index)|
          known = Checked.call(SCHEMA, given, "components.#{index}")
          Dishes::StandIn.new(dish, known[:vessel], line(known, index, factor)).dish
        end
      end

      private

      def line(known, index, factor)
        food = Larder::Ingredients.fetch(known[:ingredient])
        Dishes::StandIn.line(index + 1, food, known[:g] / factor, **known.slice(:food))
      end
    end
  end
end
