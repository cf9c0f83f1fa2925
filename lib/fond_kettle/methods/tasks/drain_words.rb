# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../../pot/water/wash"

module FondKettle
  module Methods
    # How the washed rice of a Request is drained, and for how long, in words for its task.
    module DrainWords
      USUAL = { "quick" => "tip the water off", "shaken" => "shake the sieve well",
                "long" => "leave it 10 min in the sieve", "air-dried" => "spread it out and leave it an hour",
                Pot::Wash::COOKED_IN => "" }.freeze
      SPREAD = "air-dried"

      module_function

      # "shake the sieve well"; empty where it cooks in what it soaked in.
      def of(request)
        return USUAL.fetch(request.drained) if usual?(request)

        time = Measure::Rounding.duration(request.drain_min)
        request.drained == SPREAD ? "spread it out and leave it #{time}" : "leave it #{time} in the sieve"
      end

      # Nobody says how long, or nothing is drained.
      def usual?(request)
        request.drain_min.nil? || request.drained == Pot::Wash::COOKED_IN
      end
      private_class_method :usual?
    end
  end
end
