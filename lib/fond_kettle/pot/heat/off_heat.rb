# frozen_string_literal: true

require_relative "heat"
require_relative "../water/kinetics"
require_relative "loss"

module FondKettle
  module Pot
    # The cooling of a Simulation off the heat (docs/model.md: Off the heat).
    module OffHeat
      private

      # The floor stays warm on its grate at first; a lid lets steam off for ten minutes, an
      # open pot as long as there is free water.
      def cool(most_min)
        loss = steams_off_heat? && !@floor.dry? ? @fire.off_g_min : 0.0
        minutes = Loss.off_step_min(@off_min, most_min)
        falling = fall(@floor, loss, minutes)
        used = cook_floor(falling.mean { |c| Kinetics.pace(c) }, loss, minutes)
        cooled(falling, used)
        @off_min += used
        used
      end

      def steams_off_heat?
        @stage.open? || Loss::OFF_MIN - @off_min > Loss::HAIR_MIN
      end

      # Towards the room, and below it by what the steam carries off; never below the room.
      def fall(layer, loss, minutes)
        room_c = @setting.room_c
        return Heat::Drift.new(layer.temp_c, layer.temp_c, 1.0, minutes) unless layer.temp_c > room_c

        k = off_conductance
        Heat::Drift.new(layer.temp_c, room_c - (loss * Loss::LATENT_J_G / k), k / @column.heat_capacity_j_k,
                        minutes, goal_c: room_c)
      end

      def off_conductance
        Loss::FLOOR_WARM_MIN - @off_min > Loss::HAIR_MIN ? @hearth.wall_j_min_k : @hearth.whole_j_min_k
      end

      def cooled(falling, used)
        k = off_conductance
        drifted(@floor, falling, used)
        @energy.takes { [0.0, k * (falling.mean(used) { |c| c } - @setting.room_c) * used] }
      end
    end
  end
end
