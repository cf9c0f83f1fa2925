# frozen_string_literal: true

require_relative "../../dishes/graph/planned_way"
require_relative "../../dishes/way"
require_relative "../../ground/errors"
require_relative "../../ground/field_schema"
require_relative "checked"
require_relative "request_reader"

module FondKettle
  module Formats
    # What a dish keeps of its own way, as fields of a request and as a Dishes::Way; what its steps say of
    # stages that the way has anyway is the way's.
    class DishWay
      # What a request has under the same name.
      SAME = %w[drain texture layers seal programme pieces filling style dressing_per_100g finish crust stir
                oven_c heat_to_boil parts].to_h do |key|
        [key, ->(one) { { key => one } }]
      end.freeze
      FIELDS = { "rinse" => ->(one) { { "rinse" => { "changes" => one } } },
                 "rinse_min" => ->(one) { { "rinse" => { "minutes" => one } } },
                 "drain_min" => ->(one) { { "drain_minutes" => one } },
                 "soak" => ->(one) { { "soak" => { "minutes" => one } } },
                 "soak_c" => ->(one) { { "soak" => { "water_c" => one } } },
                 "lid" => ->(one) { { "vessel" => { "lid" => one } } },
                 "rest" => ->(one) { { "rest_minutes" => one } },
                 "heat" => ->(one) { { "heat_to_boil" => one } },
                 "cover" => ->(one) { { one => true } },
                 "done" => ->(one) { { "par_cook" => { "done" => one } } }, **SAME }.freeze
      # What a request has no field for: it changes the method.
      OF_THE_METHOD = %w[start low_min].freeze
      NAMES = [*FIELDS.keys, *OF_THE_METHOD].freeze
      AIR_DRIED = "air-dried"
      SHAKEN = "shaken"
      # Enough rice to read a way by, g.
      SOME_G = 300
      MADE = %w[pieces filling style dressing_per_100g].freeze
      OWN = Dishes::WAY_FIELDS.map { |field| field.key.to_s }.freeze
      SCHEMA = Schema.json(strict: true) do
        FieldSchema.declare(self, Dishes::WAY_FIELDS.select do |field|
          OF_THE_METHOD.include?(field.key.to_s)
        end,
                            optional: true)
      end

      # `graph`: a Dishes::GraphDish; `method`: the Methods::Method that it names, nil: nobody knows it.
      # Raises InvalidInput for a field that is not known.
      def initialize(graph, method)
        @method = method
        @own = { **Dishes::PlannedWay.of_rolls(graph), **drained(graph),
                 **graph.minutes_of_the_way(under_seal: method&.sealed?), **graph.way }
        unknown = (@own.keys - NAMES).first
        raise InvalidInput.at("dish.way.#{unknown}", "must be one of: #{NAMES.join(', ')}") if unknown

        Checked.call(SCHEMA, graph.way.slice(*OF_THE_METHOD), "dish.way")
      end

      # The fields of a request, by name.
      def fields
        @own.except(*OF_THE_METHOD).reduce({}) do |found, (key, value)|
          found.merge(FIELDS.fetch(key).call(value)) { |_, one, more| one.merge(more) }
        end
      end

      # The Methods::Method with what only that can keep.
      def method_of(method)
        Dishes::Way.of(@own.slice(*OF_THE_METHOD)).method_of(method)
      end

      # All of it as a Dishes::Way, of a `grain` (a key). Raises InvalidInput where its method does not take
      # it.
      def way(grain, library)
        request = whole_request(grain, library)
        Dishes::Way.of({ **@own.slice(*OWN),
                         "lid" => @own["lid"] || @own["seal"], "heat" => @own["heat"] || @own["heat_to_boil"],
                         "texture" => (request.texture if @own.key?("texture")),
                         "layered" => request.layered, "making" => (request.making if makes?) })
      end

      private

      # Rice that a cook washes or soaks, and says no more of, is not left an hour to dry.
      def drained(graph)
        dries = @method&.drain == AIR_DRIED && graph.washes_rice?
        dries ? { "drain" => SHAKEN } : {}
      end

      def makes?
        @own.keys.intersect?(MADE)
      end

      def whole_request(grain, library)
        rice = { "amount" => SOME_G, "unit" => "g" }
        whole = { **fields, "grain" => grain, "method" => @method.key, "rice" => rice }
        RequestReader.new(whole, library: library).request
      end
    end
  end
end
