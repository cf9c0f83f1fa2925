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
        data = answered(graph, answers, names: names, cups: cups, library: library)
        of(data, names: names, library: library, stored: true)
      end

      # The Dishes::GraphDish of a side; the arguments are those of `read`.
      def side(graph, answers, names:, cups:, library:)
        data = answered(graph, answers, names: names, cups: cups, library: library)
        GraphDishReader.new(data, names: names, stored: true).dish
      end

      # Attributes that a household keeps of a dish of schema 2 (a hash) as it was `read` and as it is once
      # answered; `answers`: Reading::Answers; `way`: its own settings (a hash).
      def record(read, dish, answers: [], way: {})
        { title: dish["title"], serves: dish["serves"] || GraphDishReader::SERVES,
          method: dish.fetch("method", ""), grain: dish.fetch("grain", ""), rice_g: dish["rice_g"] || 0.0,
          pan_mm: nil, note: dish.fetch("not_read", []).join("\n"), lines: texts(dish["lines"], "text"),
          steps: texts(dish["steps"], "say"), way: JSON.generate(way), graph: JSON.generate(read),
          answers: JSON.generate(answers.map(&:to_h)) }
      end

      def texts(list, field)
        list.filter_map { |one| one[field] }.join("\n")
      end

      def answered(graph, answers, **given)
        Reading::Answers.new(JSON.parse(graph), answers(answers), **given).dish
      end

      # Reading::Answers of a JSON text.
      def answers(text)
        JSON.parse(text, symbolize_names: true).map { |one| Reading::Answer.new(**one) }
      end

      # The Dishes::Dish of a hash of schema 2; `stored`: it passed its schema before. Raises InvalidInput
      # with the path of each fault.
      def of(data, names:, library:, stored: false)
        graph = GraphDishReader.new(data, names: names, stored: stored).dish
        method = library.all[Dishes::PlannedWay.key(graph)]
        way = method ? DishWay.new(graph, method).way(graph.grain, library) : Dishes::Way.of
        Dishes::PlannedGraph.new(graph, method, way: way).dish
      end
      private_class_method :answered, :texts
    end
  end
end
