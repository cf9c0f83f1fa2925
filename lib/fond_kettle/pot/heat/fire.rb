# frozen_string_literal: true

require_relative "../attributes"
require_relative "heat"
require_relative "loss"

module FondKettle
  module Pot
    # The effect of one stage on the pot: heat in and steam out, in one kitchen. It is fixed for as long as
    # the stage lasts.
    #
    # While it heats up, the pot gets the burner's setting. After the boil, a cook turns the burner down so
    # that it boils as the table of losses says: the pot takes the heat that wall and steam need, up to the
    # most that the setting gives (docs/model.md: Heat).
    class Fire
      # At the boil, g/min; steam can carry off no more than is left when the wall is paid.
      attr_reader :boiling_g_min
      # To spare at the boil when the wall is paid, J/min: below 0 the pot falls below it.
      attr_reader :spare_j_min

      # `stage`: a Stage; `setting`: a Setting; `wall_j_min_k`: the heat that its vessel gives the room
      # (Heat), when it is known; `wetted_mm`: the depth of the food, for an oven (nil: to the brim).
      def initialize(stage, setting, wall_j_min_k: Heat.wall_conductance(setting.vessel), wetted_mm: nil)
        @stage = stage
        @setting = setting
        @room_c = setting.room_c
        @wall_j_min_k = wall_j_min_k
        @wetted_mm = wetted_mm || setting.vessel.height_mm
        @oven_c = stage.oven_c
        off = stage.off?
        @oven_c ? bake : burn
        @table_g_min = off ? 0.0 : table_g_min
        @spare_j_min = off ? 0.0 : spare
        @boiling_g_min = at_the_boil_g_min
        warm_up unless @oven_c
      end

      # Towards so many °C the pot goes with `loss_g_min` of steam, as Heat::Drift takes it. `boiled`: it has
      # boiled before.
      def toward_c(loss_g_min, boiled)
        steam_j_min = loss_g_min * Loss::LATENT_J_G
        return @oven_c - (steam_j_min / @oven_j_min_k) if @oven_c

        @room_c + (((boiled ? @most_j_min : @left_j_min) - steam_j_min) / @wall_j_min_k)
      end

      # How fast a pot that holds `capacity_j_k` (J/K) goes there, 1/min.
      def per_min(capacity_j_k)
        (@oven_j_min_k || @wall_j_min_k) / capacity_j_k
      end

      # Steam while it is not at the boil, at `temp_c`, g/min.
      def heating_g_min(temp_c, boiled)
        return warming_g_min(@oven_j_min_k * (@oven_c - temp_c)) if @oven_c

        boiled ? @most_g_min : @left_g_min
      end

      # The heat that comes in at `temp_c`, in J/min: an oven gives what the pot lets in.
      def power_j_min(temp_c, boiled)
        return @oven_j_min_k * (@oven_c - temp_c) if @oven_c

        boiled ? @most_j_min : @left_j_min
      end

      # The heat that a pot at the boil takes, in J/min.
      def held_j_min
        return power_j_min(@setting.boil_c, true) if @oven_c || @spare_j_min.negative?

        wall_j_min(@setting.boil_c) + (@boiling_g_min * Loss::LATENT_J_G)
      end

      # The heat that goes out through the wall at `temp_c`, in J/min; none in an oven.
      def wall_j_min(temp_c)
        @oven_c ? 0.0 : @wall_j_min_k * (temp_c - @room_c)
      end

      # Loss of steam off the heat, in g/min.
      def off_g_min
        Loss.off_g_min(@setting.vessel, @stage.lid) * factor
      end

      # Loss of steam with the lid lifted off, in g/min.
      def lifted_g_min
        heat = @stage.heat == "off" ? "low" : @stage.heat
        Loss.open_g_min(@setting.vessel, heat) * @setting.open_factor
      end

      # True when the heat can never bring the pot to the boil.
      def hopeless?
        return true if @stage.off?

        boil_c = @setting.boil_c
        toward_c(heating_g_min(boil_c, false), false) <= boil_c
      end

      private

      def bake
        @oven_j_min_k = Heat.oven_conductance(@setting, @wetted_mm)
      end

      # What the knob gives as it was left, and at most, J/min.
      def burn
        @left_j_min = @setting.burner.joule_per_min(@stage.heat)
        @most_j_min = @setting.burner.most_joule_per_min(@stage.heat)
      end

      # Steam on the way up to the boil, and back to it.
      def warm_up
        @left_g_min = warming_g_min(@left_j_min)
        @most_g_min = warming_g_min(@most_j_min)
      end

      # Steam on the way up with so much heat, g/min.
      def warming_g_min(joule_min)
        most = Loss::HEATING_SHARE * [joule_min, 0.0].max / Loss::LATENT_J_G
        [Loss::HEATING_SHARE * @table_g_min, most].min
      end

      def spare
        power_j_min(@setting.boil_c, true) - wall_j_min(@setting.boil_c)
      end

      # Nobody regulates a cooker or an oven: what the wall does not need goes off as steam.
      def at_the_boil_g_min
        most = [@spare_j_min, 0.0].max / Loss::LATENT_J_G
        regulated = !@oven_c && @setting.burner.kind.regulated
        regulated ? [@table_g_min, most].min : most
      end

      # As the tables of losses have it, with what multiplies them.
      def table_g_min
        free = @stage.open? ? open_g_min : lidded_g_min(@stage.lid)
        Attributes.loss_factors.each do |one|
          free *= one.effect.factor if one.set?(@stage.public_send(one.key))
        end
        free
      end

      # No lid is at least the loose lid's loss on the same heat.
      def open_g_min
        [Loss.open_g_min(@setting.vessel, heat) * @setting.open_factor, lidded_g_min("loose")].max
      end

      def lidded_g_min(lid)
        Loss.lidded_g_min(@setting.vessel, lid, heat, @setting.burner.source) * @setting.lid_factor
      end

      # On the way up an oven lets off as much as a low flame.
      def heat
        @oven_c ? "low" : @stage.heat
      end

      def factor
        @stage.open? ? @setting.open_factor : @setting.lid_factor
      end
    end
  end
end
