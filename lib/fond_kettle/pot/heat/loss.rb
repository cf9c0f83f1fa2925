# frozen_string_literal: true

require_relative "../../kit/vessel_kind"

module FondKettle
  module Pot
    # The rate at which a pot loses water as steam, in g/min (docs/model.md: Loss of water).
    module Loss
      LATENT_J_G = 2257.0
      REFERENCE_MM = 240.0
      # Lid on, low heat, for a 240 mm pot; in proportion to the diameter.
      LID_G_MIN = { "dough" => 0.3, "foil" => 1.0, "tight" => 1.5, "cooker" => 2.0, "ordinary" => 3.0,
                    "loose" => 6.0 }.freeze
      HEAT_FACTOR = { "low" => 1.0, "medium" => 1.5, "high" => 2.5 }.freeze
      # Open pot, g/min per cm2 of surface.
      OPEN_G_MIN_CM2 = { "low" => 0.015, "medium" => 0.035, "high" => 0.06 }.freeze
      HEATING_SHARE = 0.4
      OFF_G_MIN = 0.5
      OFF_MIN = 10.0
      # So long after it was taken off, a warm grate still keeps the floor warm.
      FLOOR_WARM_MIN = 3.0
      # Less than this is over.
      HAIR_MIN = 1e-9

      module_function

      # Loss at the boil under a lid, before the cap by the burner's power. A cooker has one heat and its
      # figure is at that heat; any lid put on it is treated the same way, so that a tighter lid never loses
      # more.
      def lidded_g_min(vessel, lid, heat, source)
        factor = Kit::VesselKinds.by_source(source).on_ring ? HEAT_FACTOR.fetch(heat) : 1.0
        LID_G_MIN.fetch(lid) * factor * vessel.diameter_mm / REFERENCE_MM
      end

      # Loss at the boil without a lid, before the cap by the burner's power.
      def open_g_min(vessel, heat)
        OPEN_G_MIN_CM2.fetch(heat) * vessel.area_cm2
      end

      # The step after `off_min` off the heat, at most `most_min`: not beyond the minute at which the floor is
      # no longer kept warm, or the steam is over.
      def off_step_min(off_min, most_min)
        warm_min = FLOOR_WARM_MIN - off_min
        return [most_min, warm_min].min if warm_min > HAIR_MIN

        steams_min = OFF_MIN - off_min
        steams_min > HAIR_MIN ? [most_min, steams_min].min : most_min
      end

      # The loss off the heat: closed, for the first OFF_MIN minutes; an open pot loses what an open simmer
      # would, while there is free water.
      def off_g_min(vessel, lid)
        return open_g_min(vessel, "low") if lid == "none"

        OFF_G_MIN * vessel.diameter_mm / REFERENCE_MM
      end
    end
  end
end
