# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/dishes/side/side"
require_relative "../../../lib/fond_kettle/formats/request/graph_dish_reader"
require_relative "../../../lib/fond_kettle/ground/errors"
require_relative "../../../lib/fond_kettle/meals/jotted_dishes"
require_relative "../../../lib/fond_kettle/meals/meal_dish"
require_relative "../../../lib/fond_kettle/meals/stored_tasks"
require_relative "../../../lib/fond_kettle/reading/reader"

module FondKettle
  module Forms
    # The dishes of a meal beside its rice, as Meals::MealDishes: sides of the house, and what is jotted down.
    # A dish that is told in plain sentences with what goes in is a side too: its allergens and cautions are
    # known.
    class BesideDishes
      BAR = "|"

      # `eaters`: Table::Eaters at the table, `heads` in all.
      def initialize(household, heads, eaters)
        @household = household
        @heads = heads
        @eaters = eaters
      end

      # Sides of these ids for all at the table, keyed from `first` on.
      def sides(ids, first:)
        ids.each_with_index.map do |id, index|
          graph = @household.dish(@household.dishes.find(id.to_i))
          Meals::MealDish.new(key: "d#{first + index}", title: graph.title, cook_ids: [],
                              plan: plan(graph, @heads / graph.serves))
        end
      end

      # Dishes that a text jots down. Raises InvalidInput.
      def jotted(text, first:)
        Meals::JottedDishes.read(text, first: first) { |title, lines| told(title, lines) }
      end

      private

      # The plan of a dish told in plain sentences, as much as they say; nil where they name nothing that goes
      # in, or it is rice.
      def told(title, lines)
        return if lines.any? { |line| line.include?(BAR) }

        text = [title, *lines.map { |line| line.sub(/[^.!?]\z/, '\0.') }].join("\n")
        read = Reading::Reader.new(text, names: @household.names, cups: @household.values(:cups)).dish
        return if read["lines"].empty? || Formats::GraphDishReader::RICE.any? { |key| read.key?(key) }

        plan(Formats::GraphDishReader.new(read, names: @household.names).dish, 1.0)
      rescue InvalidInput
        nil
      end

      def plan(graph, factor)
        side = Dishes::Side.new(graph, factor, @household.shelves.measures, eaters: @eaters)
        Meals::StoredTasks.plan(side.tasks, side.cautions)
      end
    end
  end
end
