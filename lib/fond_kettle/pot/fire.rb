# frozen_string_literal: true

require_relative "attributes"
require_relative "heat"
require_relative "kinetics"
require_relative "loss"

module FondKettle
  module Pot
    # What one stage does to the pot: the heat that comes in and the steam that
    # goes out, in one kitchen. Fixed for as long as the stage lasts.
    class Fire
      # Time runs slower by this for the rice.
      attr_reader :lag
      # At the boil, g/min; steam can carry off no more than the heat pays for.
      attr_reader :boiling_g_min

      # Of a Stage in a Setting.
      def initialize(stage, setting)
        @stage = stage
        @setting = setting
        @lag = stage.open? ? 1.0 : Kinetics::LIDDED_LAG
        @oven_j_min_k = stage.oven_c ? Heat.oven_conductance(setting.vessel) : nil
        @burner_j_min = setting.burner.joule_per_min(stage.heat)
        @boiling_g_min = stage.off? ? 0.0 : [steam_g_min, Loss.cap_g_min(joule_min(setting.boil_c))].min
      end

      # Net power into a pot at `temp_c`, J/min; an oven gives what the pot lets it.
      def joule_min(temp_c)
        @oven_j_min_k ? [@oven_j_min_k * (@stage.oven_c - temp_c), 0.0].max : @burner_j_min
      end

      # While still heating up, g/min.
      def heating_g_min
        Loss::HEATING_SHARE * @boiling_g_min
      end

      # Off the heat, g/min.
      def off_g_min
        Loss.off_g_min(@setting.vessel, @stage.lid) * factor
      end

      # With the lid lifted off, g/min.
      def lifted_g_min
        heat = @stage.heat == "off" ? "low" : @stage.heat
        Loss.boiling_g_min(@setting.vessel, "none", heat, nil) * @setting.open_factor
      end

      # Off the heat nothing comes to the boil, nor in an oven too cool.
      def hopeless?
        @stage.off? || (@stage.oven_c && @stage.oven_c <= @setting.boil_c)
      end

      private

      def steam_g_min
        free = Loss.boiling_g_min(@setting.vessel, @stage.lid, @stage.oven_c ? "low" : @stage.heat,
                                  @setting.burner.source)
        free *= Loss::OVEN_FACTOR if @stage.oven_c
        Attributes.loss_factors.each do |one|
          free *= one.effect.factor if one.set?(@stage.public_send(one.key))
        end
        free * factor
      end

      def factor
        @stage.open? ? @setting.open_factor : @setting.lid_factor
      end
    end
  end
end
