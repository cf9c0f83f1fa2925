# frozen_string_literal: true

require_relative "../value"

module FondKettle
  module Pot
    # One stretch of cooking with the same lid and heat. It ends at `ends_at`
    # ("boil" or "dry"), or after `minutes`, or, with minutes READY, when grain
    # and water are reckoned ready from the boil on, and `extra_min` later.
    Stage = Value.define(:key, :lid, :heat, :ends_at, :minutes, :extra_min) do
      const_set(:READY, :ready)

      def off?
        heat == "off"
      end
    end

    # The kitchen round the pot: vessel, burner, boiling point, room and what the
    # losses are multiplied by (1.0: as in the figures).
    Setting = Value.define(:vessel, :burner, :boil_c, :room_c, :lid_factor, :open_factor)
  end
end
