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
        minutes = until_next_mark(most_min)
        falling = fall(@floor, loss, minutes)
        used = cook_floor(falling.mean { |c| Kinetics.pace(c) }, loss, minutes)
        cooled(falling, used)
        @off_min += used
        used
      end

      # Not beyond the minute at which the floor is no longer kept warm, or the steam is over.
      def until_next_mark(most_min)
        warm_min = Heat::FLOOR_WARM_MIN - @off_min
        return [most_min, warm_min].min if warm_min > Loss::HAIR_MIN

        steams_min = Loss::OFF_MIN - @off_min
        steams_min > Loss::HAIR_MIN ? [most_min, steams_min].min : most_min
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
        Heat::FLOOR_WARM_MIN - @off_min > Loss::HAIR_MIN ? @hearth.wall_j_min_k : @hearth.whole_j_min_k
      end

      def cooled(falling, used)
        k = off_conductance
        drifted(@floor, falling, used)
        @energy.takes { [0.0, k * (falling.mean(used) { |c| c } - @setting.room_c) * used] }
      end
    end
  end
end
