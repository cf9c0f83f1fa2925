# frozen_string_literal: true

module FondKettle
  module Pot
    # Water taken in by grain that lies in water (Peleg, Journal of Food Science
    # 53, 1988): M(t) = t / (k1' + k2 t), g per g of rice. Written for
    # u = 1 / (1 - k2 M), which grows by k2 t / k1', so that a soak at another
    # temperature simply goes on from where the last one ended.
    module Soak
      GAS_CONSTANT = 8.314
      ACTIVATION_J = 27_000.0
      REFERENCE_K = 293.15
      ACTIVATION_K = ACTIVATION_J / GAS_CONSTANT
      REFERENCE_PER_K = 1 / REFERENCE_K
      # Above this the curve no longer holds; warmer water counts as this warm.
      WARMEST_C = 60.0

      module_function

      # k1' in minutes for water at `water_c`.
      def k1(grain, water_c)
        kelvin = [water_c, WARMEST_C].min + 273.15
        grain.k1_min * Math.exp(ACTIVATION_K * ((1 / kelvin) - REFERENCE_PER_K))
      end

      # Gain in g/g after `minutes` more in water at `water_c`, from `gain`.
      #
      #   after(basmati, 30, 20.0) # => 0.25
      def after(grain, minutes, water_c, gain = 0.0)
        advance(grain, gain, grain.k2 * minutes / k1(grain, water_c))
      end

      # Gain after `u` has grown by `growth` (k2 times the sum of minutes / k1').
      def advance(grain, gain, growth)
        u = (1 / (1 - (grain.k2 * gain))) + growth
        (1 - (1 / u)) / grain.k2
      end

      # 0 (dry) to 1 (can take no more cold water).
      def saturation(grain, gain)
        grain.k2 * gain
      end
    end
  end
end
