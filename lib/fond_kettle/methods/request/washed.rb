# frozen_string_literal: true

require_relative "../../pot/grain_state"
require_relative "../../pot/water/wash"
require_relative "request"

module FondKettle
  module Methods
    # The rice of a Request as it comes out of rinsing, soaking and draining.
    module Washed
      module_function

      # A Pot::GrainState.
      def state(request)
        raw = Pot::GrainState.dry(request.grain, request.rice_g, temp_c: ROOM_C)
        Pot::Wash.call(raw, rinse_changes: request.rinse_changes, rinse_min: request.rinse_min,
                            soak_min: request.soak_min, water_c: request.soaked_c, drain: request.drained,
                            drain_min: request.drain_min)
      end
    end
  end
end
