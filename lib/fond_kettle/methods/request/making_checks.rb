# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "request"

module FondKettle
  module Methods
    # Contradictions in a Request's pieces, found before anything is solved.
    module MakingChecks
      module_function

      # Raises InvalidInput at `field` where the filling of a piece weighs more than the rice that is to
      # close round it.
      def call(request, field:)
        making = request.making
        return unless making.filling_g && making.count

        rice_g = request.rice_g * (1 + request.grain.uptake_for(request.texture_here)) / making.count
        return if making.filling_g <= rice_g

        raise InvalidInput.at(field, "must be at most what the rice of one weighs (#{rice_g.floor} g)",
                              received: making.filling_g)
      end
    end
  end
end
