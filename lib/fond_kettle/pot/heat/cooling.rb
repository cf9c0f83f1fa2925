# frozen_string_literal: true

module FondKettle
  module Pot
    # The cooling of cooked rice towards its surroundings, by Newton's law (docs/model.md: Keep).
    # Temperatures in °C, thicknesses in mm, minutes.
    module Cooling
      # Cooked rice, loosely spread: g/mL, J/g K.
      G_ML = 0.75
      J_G_K = 3.4
      HEAT_J_M3_K = G_ML * J_G_K * 1e6
      # W/m2K of a spread bed that is left, turned over, or fanned.
      STILL = 25.0
      TURNED = 40.0
      FANNED = 70.0
      # W/m K through rice.
      CONDUCTS = 0.36
      # What of a bed's own resistance counts beside its surface's.
      WITHIN = 0.36
      # W/m2K: a tray has its top and its floor free, a lid or a wrapping keeps the air still.
      SURFACES = { "tray" => 10.0, "pot" => 7.0, "parcel" => 8.0 }.freeze

      module_function

      # Time constant of a spread bed `depth_mm` thick, minutes.
      def spread_tau_min(depth_mm, turned:, fanned:)
        surface = if fanned then FANNED
                  else
                    turned ? TURNED : STILL
                  end
        HEAT_J_M3_K * depth_mm / 1000 / surface / 60
      end

      # Time constant of what is kept in a "tray", "pot" or "parcel" so deep, minutes:
      #   tau = C H/h + 0.36 C H2/k, H half the depth.
      #
      #   kept_tau_min("tray", 25) / 60 # => 1.0 (h)
      def kept_tau_min(vessel, depth_mm)
        half_m = depth_mm / 2000.0
        at_surface = HEAT_J_M3_K * half_m / SURFACES.fetch(vessel)
        within = WITHIN * HEAT_J_M3_K * (half_m**2) / CONDUCTS
        (at_surface + within) / 60
      end

      # Minutes from one temperature to another in surroundings at `round_c`; nil: never.
      def minutes(tau_min, from_c, to_c, round_c)
        return 0.0 if from_c <= to_c
        return if round_c >= to_c

        tau_min * Math.log((from_c - round_c) / (to_c - round_c).to_f)
      end

      # Minutes, of `minutes` (nil: for good) in surroundings at `round_c`, in which it is between `low_c` and
      # `high_c`; nil: it stays there for good.
      #
      #   minutes_between(60.0, 90.0, nil, 4.0, 21.0, 60.0) # => 71.6…
      def minutes_between(tau_min, from_c, minutes, round_c, low_c, high_c)
        first, last = (round_c < from_c ? [high_c, low_c] : [low_c, high_c]).map do |to_c|
          reached_min(tau_min, from_c, to_c, round_c)
        end
        last = [last, minutes].compact.min
        first = [first, last].compact.min if last
        return 0.0 if first.nil?

        last && (last - first)
      end

      # Minutes until it has passed a temperature, warming or cooling; nil: never.
      def reached_min(tau_min, from_c, to_c, round_c)
        return 0.0 if (from_c - to_c) * (from_c - round_c) <= 0 && from_c != round_c
        return if (to_c - round_c) * (from_c - to_c) <= 0

        tau_min * Math.log((from_c - round_c) / (to_c - round_c).to_f)
      end

      # °C after so many minutes.
      def after(tau_min, from_c, minutes, round_c)
        round_c + ((from_c - round_c) * Math.exp(-minutes / tau_min))
      end
      private_class_method :reached_min
    end
  end
end
