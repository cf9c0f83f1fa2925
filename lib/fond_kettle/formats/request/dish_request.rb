# frozen_string_literal: true

require_relative "../../dishes/graph/planned_graph"
require_relative "../../dishes/supper"
require_relative "../../ground/errors"
require_relative "../../methods/library"
require_relative "dish_components"
require_relative "dish_kit"
require_relative "dish_way"
require_relative "dish_wishes"
require_relative "graph_dish_reader"
require_relative "request_reader"

module FondKettle
  module Formats
    # A request with a `dish` in place of grain, method and rice: the dish laid for an evening
    # (Dishes::Supper). Raises InvalidInput with the path of each fault.
    class DishRequest
      PLACED = %w[dish for kit assume components].freeze
      # What a dish says, and the request no more.
      OF_THE_DISH = %w[grain method rice].freeze

      # `data`: the parsed JSON; `library`: the methods to choose from.
      def initialize(data, library: Methods::Library.ours)
        @data = data
        @library = library
        @graph = GraphDishReader.new(hash("dish")).dish
        told_once
        answerable(@graph.open)
        @wishes = DishWishes.new(data["for"], @graph)
        @graph = DishComponents.new(data.fetch("components", [])).in(@graph, factor)
        @kit = DishKit.new(data.fetch("kit", []))
        @way = DishWay.new(@graph, @library.all[way_key])
      end

      # The Dishes::GraphDish.
      attr_reader :graph

      # The Dishes::Supper.
      def supper
        @supper ||= Dishes::Laying.supper(planned.dish, factor, kitchen, servings: servings)
      end

      # Amount that the cook poured, in g. Raises InvalidInput when it is not given.
      def liquid_g
        reader.liquid_g
      end

      # Lines that nothing takes, in the cook's words.
      def unplaced
        names = @graph.lines.to_h { |line| [line.id, line.food] }
        @graph.unplaced.map { |id| names.fetch(id) }
      end

      private

      def hash(key)
        given = @data[key]
        return given if given.is_a?(Hash)

        raise InvalidInput.at(key, "must be given as a JSON object", received: (given if given.is_a?(String)))
      end

      # Nothing is dropped in silence.
      def told_once
        twice = OF_THE_DISH & @data.keys
        raise InvalidInput.at(twice.first, "must be left out: the dish has it") if twice.any?
      end

      # A question that nobody has answered stops the plan, unless the likeliest is wanted.
      def answerable(asked)
        return if @data["assume"] == true

        open = asked.map { |one| { field: "dish.#{one['of']}", message: one["question"] } }
        open += unplaced.map { |food| { field: "dish.lines", message: "Where does the #{food} go in?" } }
        open += idle.map do |name|
          { field: "dish.vessels", message: "Where does what is in the #{name} go?" }
        end
        raise InvalidInput, open if open.any?
      end

      # Vessels of which nobody says where their content goes.
      def idle
        @graph.idle_vessels.map { |vessel| vessel.name || vessel.kind.tr("-", " ") }
      end

      def way_key
        Dishes::PlannedWay.key(@graph)
      end

      def planned
        @planned ||= Dishes::PlannedGraph.new(@graph, @library.all[way_key])
      end

      # The Methods::Request of this kitchen, with nothing of the dish in it but where it is made.
      def kitchen
        @kitchen ||= begin
          request = reader.request
          request.with(method: @way.method_of(request.method), kit: @kit.pots.freeze, eaters: @wishes.eaters,
                       made_in: planned.made_in(request.vessel, @kit.vessels))
        end
      end

      # The rest of the request, as one without a dish.
      def reader
        @reader ||= begin
          fields = @way.fields
          own = { "grain" => @graph.grain, "method" => way_key,
                  "rice" => { "amount" => @wishes.rice_g, "unit" => "g" } }
          rest = { **fields, **@data.except(*PLACED), **own, **pot(fields["vessel"]) }
          RequestReader.new(rest, library: @library)
        end
      end

      # The kitchen's pot, closed as the dish has it where it does not say.
      def pot(closed)
        given = @data["vessel"]
        return {} if given.nil? && closed.nil?

        { "vessel" => given.nil? || given.is_a?(Hash) ? { **closed.to_h, **given.to_h } : given }
      end

      def factor
        @wishes.rice_g / @graph.rice_g
      end

      def servings
        @graph.serves * factor
      end
    end
  end
end
