# frozen_string_literal: true

require_relative "../kit/atmosphere"
require_relative "../pot/charge"
require_relative "../pot/stage"
require_relative "../pot/wash"
require_relative "school_schema"

module FondKettle
  module Method
    # Turns a Request and its School into what the pot model works on.
    module Charging
      ROOM_C = 20.0

      module_function

      # The Charge: rice as washed, and what the additions bring, drink and weigh.
      def charge(request)
        grain = request.taught_grain
        residue_g = residue_g(request)
        Pot::Charge.new(rice_g: request.rice_g, grain: grain, washed: washed(request, grain),
                        **additions(request.additions), uptake: grain.uptake_for(request.texture),
                        residue_g: residue_g, kept_g: residue_g, parts: request.choices.parts || request.school.parts,
                        crust: crust?(request), start_c: ROOM_C, liquid_c: request.school.liquid_c || ROOM_C)
      end

      def setting(request)
        Pot::Setting.new(vessel: request.vessel, burner: request.burner, room_c: ROOM_C,
                         boil_c: Kit::Atmosphere.boiling_point_c(request.altitude_m),
                         lid_factor: request.vessel.lid_factor, open_factor: 1.0)
      end

      # An oven stage as hot as chosen, or as the school has it, and no hotter than
      # this oven gets; nil for any other stage.
      def oven_c(stretch, request)
        stretch.oven_c && [request.choices.oven_c || stretch.oven_c, request.oven.most_c].min
      end

      # Stirred once, when it boils.
      def stirred?(request)
        (request.choices.stir || request.school.stir) == "at-boil"
      end

      # The Stages of the request's school under its lid.
      def stages(request)
        request.school.stretches.each_with_index.map do |stretch, index|
          Pot::Stage.plain(key: stretch.key, lid: stretch.lid || request.vessel.lid, heat: stretch.heat,
                           ends_at: stretch.until, extra_min: request.lesson.extra_min, oven_c: oven_c(stretch, request),
                           minutes: stretch.minutes == READY ? Pot::Stage::READY : stretch.minutes&.to_f,
                           drain: stretch.drain, stirred: index == 1 && stirred?(request), **covers(stretch, request))
        end
      end

      # A cloth goes under a lid off the heat or on low; a disc onto the surface.
      def covers(stretch, request)
        closed = (stretch.lid || request.vessel.lid) != "none"
        quiet = closed && %w[off low].include?(stretch.heat)
        cloth, parchment = request.choices.to_h.values_at(:cloth, :parchment)
        { cloth: cloth.nil? ? stretch.cloth : cloth && quiet, parchment: parchment.nil? ? stretch.parchment : parchment }
      end

      def residue_g(request)
        request.choices.residue_g || (request.school.residue_per_g * request.rice_g)
      end

      def crust?(request)
        request.choices.crust.nil? ? request.school.crust : request.choices.crust
      end

      def washed(request, grain)
        Pot::Wash.call(grain, rinse_changes: request.rinse_changes, soak_min: request.soak_min,
                              water_c: request.water_c, drain: request.drain)
      end

      # What a list of Method::Addition brings, drinks, weighs and fills.
      def additions(list)
        { brought_g: list.sum(0.0) { |addition| addition.g * addition.ingredient.brings },
          drink_g: list.sum(0.0) { |addition| addition.g * addition.ingredient.takes },
          solids_j_k: list.sum(0.0) { |addition| solids_j_k(addition) },
          bulk_ml: list.sum(0.0) { |addition| addition.g / addition.ingredient.g_ml * addition.ingredient.room } }
      end

      # Its own heat capacity without the water it brings, which is counted as water.
      def solids_j_k(addition)
        per_g = addition.ingredient.dry ? Pot::DRY_FOOD_J_G_K : Pot::MOIST_FOOD_J_G_K
        addition.g * (1 - addition.ingredient.brings) * per_g
      end

      private_class_method :covers, :residue_g, :crust?, :washed, :solids_j_k
    end
  end
end
