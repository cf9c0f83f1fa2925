# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "soak"

module FondKettle
  module Pot
    # How fast one batch of grain loses its white core and takes up water, fixed
    # at the moment its soak ends (65 °C on the way to the boil).
    #
    # core:   minutes at 100 °C until the core is gone, tc = full (1 - 0.3 s)
    # uptake: A(t) = 2a - (2a - a0) e^(-l t), l so that A = a when the core goes
    Kinetics = Value.define(:a0, :a, :core_min, :l) do
      # Time stages by this: the bed lags behind the boiling water, lid or none.
      const_set(:LAG, 1.15)
      # In plenty of water, and where the delay of layers is reckoned, nothing lags.
      const_set(:NO_LAG, 1.0)
      # Without free water the core goes at this share of the pace.
      const_set(:DRY_PACE, 0.6)
      const_set(:COOKS_ABOVE_C, 65.0)
      const_set(:AFTER_DRAINING_MIN, 0.5)
      # Activation energy over the gas constant, K, and the pace's own temperature, 1/K.
      const_set(:ACTIVATION_K, 79_500 / Soak::GAS_CONSTANT)
      const_set(:REFERENCE_PER_K, 1 / 373.15)

      # The Kinetics of `grain` after the gain `a0` (g/g) of its soak.
      def self.of(grain, a0)
        a = grain.uptake[:standard]
        core_min = grain.full_min * (1 - (0.3 * Soak.saturation(grain, a0)))
        new(a0: a0, a: a, core_min: core_min, l: Math.log(((2 * a) - a0) / a) / core_min)
      end

      # Pace of cooking at `temp_c` against 100 °C (Suzuki et al., Journal of Food
      # Science 41, 1976: 79.5 kJ/mol below 110 °C); nothing below 65 °C.
      def self.pace(temp_c)
        return 0.0 if temp_c < Kinetics::COOKS_ABOVE_C

        Math.exp(Kinetics::ACTIVATION_K * (Kinetics::REFERENCE_PER_K - (1 / (temp_c + 273.15))))
      end

      # Minutes at the boil until `uptake` (g/g) is in the grain; `time_factor` is lag / pace.
      def minutes_to_take(uptake, time_factor)
        time_factor * Math.log(((2 * a) - a0) / ((2 * a) - uptake)) / l
      end

      # Minutes more in plenty of boiling water, to be drained, for a grain of `load`
      # (Load) that has taken `taken` and come so far in `progress`: the core goes at
      # its own pace, however firm the rice is wanted. Drained, it goes on for half a
      # minute's worth. Par-cooked rice is wanted by its core alone.
      def minutes_in_plenty(load, time_factor, taken, progress)
        core_min_left = time_factor * core_min * (load.done - progress)
        water_min = 0.0
        unless load.done < 1
          water_min = minutes_to_take(load.uptake, time_factor) - minutes_to_take(taken, time_factor)
        end
        [[water_min, core_min_left].max - Kinetics::AFTER_DRAINING_MIN, 0.0].max
      end

      # Minutes on low from the boil for the wanted uptake of `load` (docs/model.md: Stage minutes and
      # verdict): the longer of the water's and the core's time, from how far the rice had come when it went
      # in; where the water goes before the core does, the rest of the core goes at the dry pace.
      def minutes_from_boil(load, time_factor)
        uptake = load.uptake
        water_min = minutes_to_take(uptake, time_factor) - taken_before_min(load, time_factor)
        core = time_factor * core_min * (1 - load.state.progress)
        core = water_min + ((core - water_min) / Kinetics::DRY_PACE) if uptake < a
        [water_min, core].max
      end

      # Minutes that the water in par-cooked rice stands for; 0 for raw rice.
      def taken_before_min(load, time_factor)
        load.state.kinetics ? minutes_to_take(load.state.taken_per_g, time_factor) : 0.0
      end
    end
  end
end
