# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/graph/stand_in"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/value"

module FondKettle
  module Forms
    # What was made on another day and stands in for vessels of a dish tonight, as its form sends it: a list
    # of "pan:3:312", the vessel's key, the id of the component's ingredient, grams for the dish as it is
    # written.
    class KeptComponents
      FORM = /\A(?<vessel>[A-Za-z0-9_-]+):(?<own>\d+):(?<g>\d+(?:\.\d+)?)\z/
      GONE = "is not in the house any more: choose another"
      # One of them; `ingredient`: Larder::Ingredient, nil: it is not in the house any more.
      Component = Value.define(:text, :vessel, :ingredient, :g)

      # `typed`: the list; `household`: Store::Household.
      def initialize(typed, household)
        @typed = typed
        @household = household
      end

      # The Components.
      def all
        @all ||= @typed.filter_map { |text| FORM.match(text) }.map do |found|
          Component.new(text: found[0], vessel: found[:vessel], g: found[:g].to_f,
                        ingredient: @household.own_food(found[:own].to_i))
        end
      end

      # What keeps them from standing in, once they were asked to; or nil.
      attr_reader :problem

      # A Dishes::Dish with them in the places of its vessels; as it is where that cannot be (`problem`).
      def in(dish)
        return dish if all.empty? || dish.graph.nil?

        in_vessels(dish)
      rescue InvalidInput => e
        @problem = e.problems.first[:message]
        dish
      end

      private

      def in_vessels(dish)
        raise InvalidInput.at("kept", GONE) if all.any? { |one| one.ingredient.nil? }

        graph = all.each_with_index.reduce(dish.graph.graph) do |now, (one, index)|
          line = Dishes::StandIn.line(index + 1, one.ingredient, one.g)
          Dishes::StandIn.new(now, one.vessel, line).dish
        end
        dish.graph.of(graph).dish
      end
    end
  end
end
