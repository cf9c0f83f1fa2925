# frozen_string_literal: true

require_relative "../kit/atmosphere"
require_relative "../pot/charge"
require_relative "../pot/stage"
require_relative "../pot/wash"
require_relative "school"

module FondKettle
  module Method
    # Turns a Request and its School into what the pot model works on.
    module Charging
      ROOM_C = 20.0

      module_function

      # The Charge: rice as washed, and what the additions bring, drink and weigh.
      def charge(request)
        grain = request.taught_grain
        Pot::Charge.new(rice_g: request.rice_g, grain: grain, washed: washed(request, grain),
                        **additions(request.additions), uptake: grain.uptake_for(request.texture),
                        residue_g: 0.0, start_c: ROOM_C)
      end

      def setting(request)
        Pot::Setting.new(vessel: request.vessel, burner: request.burner, room_c: ROOM_C,
                         boil_c: Kit::Atmosphere.boiling_point_c(request.altitude_m),
                         lid_factor: 1.0, open_factor: 1.0)
      end

      # The Stages of `school` under this request's lid.
      def stages(request, school)
        school.stretches.map do |stretch|
          Pot::Stage.new(key: stretch.key, lid: stretch.lid || request.vessel.lid, heat: stretch.heat,
                         ends_at: stretch.until, extra_min: request.lesson.extra_min,
                         minutes: stretch.minutes == "ready" ? Pot::Stage::READY : stretch.minutes&.to_f)
        end
      end

      def washed(request, grain)
        Pot::Wash.call(grain, rinse_changes: request.rinse_changes, soak_min: request.soak_min,
                              water_c: request.water_c, drain: request.drain)
      end

      def additions(list)
        { brought_g: list.sum(0.0) { |addition| addition.g * addition.ingredient.brings },
          drink_g: list.sum(0.0) { |addition| addition.g * addition.ingredient.takes },
          solids_j_k: list.sum(0.0) { |addition| solids_j_k(addition) },
          bulk_ml: list.sum(0.0) { |addition| addition.g / addition.ingredient.g_ml } }
      end

      # Its own heat capacity without the water it brings, which is counted as water.
      def solids_j_k(addition)
        per_g = addition.ingredient.dry ? Pot::DRY_FOOD_J_G_K : Pot::MOIST_FOOD_J_G_K
        addition.g * (1 - addition.ingredient.brings) * per_g
      end

      private_class_method :washed, :additions, :solids_j_k
    end
  end
end
