# frozen_string_literal: true

require_relative "fire"
require_relative "heat"
require_relative "../stage"

module FondKettle
  module Pot
    # Minutes until a liquid is hot before it goes in (docs/model.md: Heat): in a pot of its own, lid on, on
    # high, or in an electric kettle.
    module HotLiquid
      # Steps of temperature in which the steam is taken for constant.
      STEP_C = 5.0
      # A liquid that the ring never makes hot is told to take so long.
      LONGEST_MIN = 720.0

      module_function

      # Minutes of `liquid_g` from `from_c` to `to_c` in the vessel of `setting`.
      #
      #   minutes(8000, gas_1200_w_pot_260_mm, 20, 100) # => 43.6
      def minutes(liquid_g, setting, from_c, to_c)
        fire = Fire.new(Stage.plain(key: "hot", heat: "high", lid: setting.vessel.lid), setting)
        capacity_j_k = (liquid_g * WATER_J_G_K) + setting.vessel.heat_capacity_j_k
        taken = marks(from_c, [to_c, setting.boil_c].min).each_cons(2).sum do |low_c, high_c|
          step_min(fire, capacity_j_k, low_c, high_c)
        end
        [taken, LONGEST_MIN].min
      end

      # Minutes in an electric kettle of `watts`.
      def in_kettle(liquid_g, watts, from_c, to_c)
        liquid_g * WATER_J_G_K * [to_c - from_c, 0.0].max / watts / 60
      end

      def step_min(fire, capacity_j_k, low_c, high_c)
        toward_c = fire.toward_c(fire.heating_g_min(low_c, false), false)
        return LONGEST_MIN unless toward_c > high_c

        Math.log((low_c - toward_c) / (high_c - toward_c)) / fire.per_min(capacity_j_k)
      end

      def marks(from_c, to_c)
        return [] unless to_c > from_c

        [*from_c.step(to_c, STEP_C), to_c].uniq
      end
      private_class_method :step_min, :marks
    end
  end
end
