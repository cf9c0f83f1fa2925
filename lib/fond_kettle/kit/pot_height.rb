# frozen_string_literal: true

require_relative "../ground/limits"

module FondKettle
  module Kit
    # An estimate of a pot's height where only its width is known.
    module PotHeight
      # Of household pots and saucepans, inside; most lie within a fifth of it.
      SHARE = 0.53
      STEP_MM = 5

      module_function

      # Inside height in mm of a pot so many mm wide inside.
      #
      #   guess_mm(200) # => 105
      def guess_mm(width_mm)
        ((width_mm * SHARE / STEP_MM).round * STEP_MM).clamp(*Limits::HEIGHT_MM.minmax)
      end
    end
  end
end
