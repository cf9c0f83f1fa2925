# frozen_string_literal: true

module FondKettle
  module Kit
    # Air pressure and boiling point at the height of the kitchen.
    module Atmosphere
      PA_PER_MMHG = 133.322

      module_function

      # Boiling point of water in °C at `altitude_m` (-430 to 6000 m): pressure by
      # the ICAO standard atmosphere, temperature by the Antoine equation.
      #
      #   boiling_point_c(2000) # => 93.4
      def boiling_point_c(altitude_m)
        pressure_pa = 101_325 * ((1 - (2.25577e-5 * altitude_m))**5.25588)
        (1730.63 / (8.07131 - Math.log10(pressure_pa / PA_PER_MMHG))) - 233.426
      end
    end
  end
end
