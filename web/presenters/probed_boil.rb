# frozen_string_literal: true

require "rack/utils"
require_relative "../../lib/fond_kettle/kit/atmosphere"
require_relative "../../lib/fond_kettle/pot/heat/kit_test"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # Reading of a probe when a pot boiled, where that says that the kitchen stands higher or lower than it
      # is written down.
      class ProbedBoil < Presenter
        # Salt in the water, and a probe's own error, °C.
        OFF_C = 0.5

        # `record`: a finished cook.
        def initialize(household, record)
          super(household)
          @boiled_c = record[:events].reverse.find { |event| event.kind == "boiled" }&.what&.to_f
        end

        # True where the kitchen's height does not fit.
        def any?
          !@boiled_c.nil? && (@boiled_c - Kit::Atmosphere.boiling_point_c(altitude_m)).abs >= OFF_C
        end

        # A sentence.
        def say
          "The probe showed **#{plain(@boiled_c)} °C** when it boiled: water boils so at about " \
            "**#{meant_m} m**; the kitchen is written down at #{plain(altitude_m)} m."
        end

        # The test that takes it.
        def address
          "/tests?#{Rack::Utils.build_query(test: 'height', boil_c: plain(@boiled_c))}#height"
        end

        private

        def altitude_m
          household.kitchen[:altitude_m]
        end

        # To the nearest ten: a probe reads no finer.
        def meant_m
          Pot::KitTest.altitude_m(@boiled_c).round(-1)
        end
      end
    end
  end
end
