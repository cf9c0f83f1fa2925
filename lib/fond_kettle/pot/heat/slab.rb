# frozen_string_literal: true

require_relative "../piece"

module FondKettle
  module Pot
    # The heart of a slab of cooked rice that is heated from both sides, by the first term of its series
    # (docs/model.md: Parcels). Half thicknesses in mm, temperatures in °C, minutes.
    module Slab
      # How much the heart lags at first (4/pi), and its time by the half thickness squared (4/pi^2).
      LAGS = 1.273
      SLOW = 0.405
      # From the freezer it takes so many times as long as from the refrigerator.
      FROZEN = 1.4

      module_function

      # Minutes until its middle is at `to_c`, from `from_c` in surroundings at `round_c`.
      #
      #   minutes(15, 5, 100, 74) # => 16.7
      def minutes(half_mm, from_c, round_c, to_c)
        tau_min(half_mm) * Math.log(LAGS * (round_c - from_c) / (round_c - to_c))
      end

      # °C of it after so many minutes, never colder than it was.
      def heart_c(half_mm, from_c, round_c, minutes)
        [round_c - (LAGS * (round_c - from_c) * Math.exp(-minutes / tau_min(half_mm))), from_c].max
      end

      def tau_min(half_mm)
        SLOW * (half_mm**2) / Piece::ALPHA_MM2_MIN
      end
      private_class_method :tau_min
    end
  end
end
