# frozen_string_literal: true

require "json"
require_relative "../dishes/graph/planned_graph"
require_relative "../dishes/way"
require_relative "../reading/answers"
require_relative "request/dish_way"
require_relative "request/graph_dish_reader"

module FondKettle
  module Formats
    # A dish of schema 2 as a household keeps it: what was read, and what the cook answered.
    module StoredDish
      module_function

      # The Dishes::Dish of a `graph` and `answers` (JSON texts that were checked before); `names`:
      # Larder::Names; `cups`: Measure::Cups; `library`: the methods to choose from. A way that the library
      # has no more leaves it without one.
      def read(graph, answers, names:, cups:, library:)
        given = answers(answers)
        dish = Reading::Answers.new(JSON.parse(graph), given, names: names, cups: cups, library: library).dish
        of(dish, names: names, library: library, stored: true)
      end

      # Reading::Answers of a JSON text.
      def answers(text)
        JSON.parse(text, symbolize_names: true).map { |one| Reading::Answer.new(**one) }
      end

      # The Dishes::Dish of a hash of schema 2; `stored`: it passed its schema before. Raises InvalidInput
      # with the path of each fault.
      def of(data, names:, library:, stored: false)
        graph = GraphDishReader.new(data, names: names, stored: stored).dish
        method = library.all[graph.method]
        way = method ? DishWay.new(graph, method).way(graph.grain, library) : Dishes::Way.of
        Dishes::PlannedGraph.new(graph, method, way: way).dish
      end
    end
  end
end
