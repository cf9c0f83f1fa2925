# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/dishes/side/side"
require_relative "../../../lib/fond_kettle/formats/request/graph_dish_reader"
require_relative "../../../lib/fond_kettle/ground/errors"
require_relative "../../../lib/fond_kettle/meals/jotted_dishes"
require_relative "../../../lib/fond_kettle/meals/meal_dish"
require_relative "../../../lib/fond_kettle/care/kind"
require_relative "../../../lib/fond_kettle/meals/stored_tasks"
require_relative "../../../lib/fond_kettle/reading/barred/barred_steps"
require_relative "../../../lib/fond_kettle/reading/reader"

module FondKettle
  module Forms
    # The dishes of a meal beside its rice, as Meals::MealDishes: sides of the house, and what is jotted down.
    # A dish that is told with what goes in, in plain sentences or by rows with bars, is a side too: its
    # allergens and cautions are known.
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

      # The plan of a dish that is told, as much as it says; nil where it names nothing that goes in, or it is
      # rice.
      def told(title, lines)
        read = read(title, lines.map { |line| line.split(BAR).first.strip })
        return if read["lines"].empty? || Formats::GraphDishReader::RICE.any? { |key| read.key?(key) }

        read = barred(read, lines) if lines.any? { |line| line.include?(BAR) }
        plan(Formats::GraphDishReader.new(read, names: @household.names).dish, 1.0) if read
      rescue InvalidInput
        nil
      end

      def read(title, sentences)
        text = [title, *sentences.map { |line| line.sub(/[^.!?]\z/, '\0.') }].join("\n")
        Reading::Reader.new(text, names: @household.names, cups: @household.values(:cups)).dish
      end

      # A dish with what the bars of its lines say in place of what their words are read as; nil where a line
      # is not one step.
      def barred(read, lines)
        rows = Reading::BarredSteps.read(lines.join("\n"))
        return unless rows.size == read["steps"].size

        read.merge("steps" => read["steps"].zip(rows).map { |step, row| step.merge(said(row)) })
      end

      # What a row's bars say of its step: what is done, how long and how hot, until when.
      def said(row)
        { "kind" => (row.kind unless row.kind == Care::Kinds::OWN), "oven_c" => row.oven_c,
          "minutes" => (row.minutes if row.minutes.positive?), "hands_on" => row.hands_on,
          "until" => (row.cue unless row.cue.empty?) }.compact
      end

      def plan(graph, factor)
        side = Dishes::Side.new(graph, factor, @household.shelves.measures, eaters: @eaters)
        Meals::StoredTasks.plan(side.tasks, side.cautions)
      end
    end
  end
end
