# frozen_string_literal: true

require_relative "../heat/heat"
require_relative "../heat/loss"

module FondKettle
  module Pot
    # A SealedPot off the heat, and with its lid off.
    module SealedOffHeat
      # Less of a lifted lid is over.
      SHORT_MIN = 1e-9

      private

      # Off the heat all of it falls alike (docs/model.md: Off the heat).
      def cool(most_min)
        g_min = Loss::OFF_MIN - @off_min > Loss::HAIR_MIN && !@floor.layer.dry? ? @fire.off_g_min : 0.0
        minutes = Loss.off_step_min(@off_min, most_min)
        k = off_conductance
        ends_c = @places.to_h { |place| [place, fallen(place, g_min, k, minutes)] }
        wall_j = k * (mean_c - @setting.room_c)
        lose([g_min * minutes, @floor.layer.free_g].min)
        @off_min += minutes
        moved(minutes, ends_c, 0.0, wall_j)
      end

      def fallen(place, g_min, conductance, minutes)
        room_c = @setting.room_c
        return place.temp_c unless place.temp_c > room_c

        Heat::Drift.new(place.temp_c, room_c - (g_min * Loss::LATENT_J_G / conductance),
                        conductance / @column.heat_capacity_j_k, minutes).after(minutes)
      end

      def off_conductance
        warm = Loss::FLOOR_WARM_MIN - @off_min > Loss::HAIR_MIN
        warm ? @hearth.wall_j_min_k : @hearth.whole_j_min_k
      end

      def mean_c
        @places.sum { |place| place.capacity_j_k * place.temp_c } / @column.heat_capacity_j_k
      end

      # The lid is off: the open rate, paid for by the pot's own heat where the fire cannot.
      def opened(minutes)
        taken_j = taken_j_min
        wall_j = walls_j_min
        lost_g = [@fire.lifted_g_min * minutes, @floor.layer.free_g].min
        lose(lost_g)
        spent_j = (lost_g * Loss::LATENT_J_G) + ((wall_j - taken_j) * minutes)
        fall_c = [spent_j / @column.heat_capacity_j_k, 0.0].max
        taken_j = [taken_j, wall_j + (lost_g * Loss::LATENT_J_G / minutes)].min
        @lifted_min = @lifted_min - minutes < SHORT_MIN ? 0.0 : @lifted_min - minutes
        moved(minutes, @places.to_h { |place| [place, place.temp_c - fall_c] }, taken_j, wall_j)
      end
    end
  end
end
