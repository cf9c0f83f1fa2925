# frozen_string_literal: true

require_relative "../piece"

module FondKettle
  module Pot
    # The further minutes for a piece whose core was measured and is not hot enough.
    module MoreHeat
      # Its layer, under the lid again, is that much below the boil.
      BELOW_BOIL_C = 4.0
      STEP_MIN = 0.5
      MOST_MIN = 120.0

      module_function

      # Whole minutes until the core of a Cut, measured at `read_c`, is at `wanted_c`, where water boils
      # at `boil_c`: reckoned as if all of it were as cold as its core.
      #
      #   minutes(chicken_of_40_mm, 66.0, 74.0, 100.0) # => 6
      def minutes(cut, read_c, wanted_c, boil_c)
        piece = Piece.new(cut, read_c)
        layer_c = boil_c - BELOW_BOIL_C
        piece.follow(read_c, layer_c, STEP_MIN)
        minutes = STEP_MIN
        while piece.core_c < wanted_c && minutes < MOST_MIN
          piece.follow(layer_c, layer_c, STEP_MIN)
          minutes += STEP_MIN
        end
        minutes.ceil
      end
    end
  end
end
