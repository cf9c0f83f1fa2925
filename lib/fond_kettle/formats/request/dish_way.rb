# frozen_string_literal: true

require_relative "../../ground/errors"

module FondKettle
  module Formats
    # What a dish keeps of its own way, as fields of a request; the minutes of its steps that the way does
    # anyway are the way's.
    class DishWay
      LOW_MIN = "low_min"
      LOW = "low"
      # What a request has under the same name.
      SAME = %w[drain texture layers seal programme pieces filling style dressing_per_100g finish crust stir
                oven_c heat_to_boil parts].to_h do |key|
        [key, ->(one) { { key => one } }]
      end.freeze
      FIELDS = { "rinse" => ->(one) { { "rinse" => { "changes" => one } } },
                 "soak" => ->(one) { { "soak" => { "minutes" => one } } },
                 "lid" => ->(one) { { "vessel" => { "lid" => one } } },
                 "rest" => ->(one) { { "rest_minutes" => one } },
                 "done" => ->(one) { { "par_cook" => { "done" => one } } }, **SAME }.freeze

      # `graph`: a Dishes::GraphDish.
      def initialize(graph)
        @own = { **graph.minutes_of_the_way, **graph.way }
      end

      # The fields of a request, by name. Raises InvalidInput for one that is not known.
      def fields
        @own.except(LOW_MIN).reduce({}) { |found, (key, value)| found.merge(field(key).call(value)) }
      end

      # The Methods::Method with the dish's own minutes on low.
      def method_of(method)
        minutes = @own[LOW_MIN]
        return method unless minutes.is_a?(Numeric)

        last = method.last_phase
        stages = last.stages.map { |stage| stage.kind == LOW ? stage.with(minutes: minutes.to_f) : stage }
        method.with(phases: [*method.phases[0...-1], last.with(stages: stages.freeze)].freeze)
      end

      private

      def field(key)
        FIELDS[key] || raise(InvalidInput.at("dish.way.#{key}",
                                             "must be one of: #{[*FIELDS.keys, LOW_MIN].join(', ')}"))
      end
    end
  end
end
