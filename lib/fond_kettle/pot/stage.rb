# frozen_string_literal: true

require_relative "../value"

module FondKettle
  module Pot
    # Something that goes into the pot when a stage begins: liquid and food, with
    # their temperature. Names as in Charge.
    Addition = Value.define(:liquid_g, :brought_g, :drink_g, :solids_j_k, :at_c)

    # One stretch of cooking with the same lid and heat. It ends at `ends_at`
    # ("boil", "level" or "dry"), or after `minutes`, or, with minutes READY, when
    # grain and water are reckoned ready from the boil on, and `extra_min` later.
    #   oven_c    in an oven of that temperature, else nil
    #   parchment a disc on the surface; cloth, one under the lid
    #   drain     poured off when the stage begins
    #   lifted_s  the lid is off for so many seconds when it begins
    #   stirred   stirred from the floor up when it begins, the lid off for that
    #   add       an Addition when it begins, or nil
    Stage = Value.define(:key, :lid, :heat, :ends_at, :minutes, :extra_min, :oven_c, :parchment, :cloth, :drain,
                         :lifted_s, :stirred, :add) do
      const_set(:READY, :ready)
      const_set(:PLAIN, { ends_at: nil, minutes: nil, extra_min: 0.0, oven_c: nil, parchment: false, cloth: false,
                          drain: false, lifted_s: 0.0, stirred: false, add: nil }.freeze)

      # A stage of which only what differs from a plain one is given.
      def self.plain(**attributes)
        new(**Stage::PLAIN, **attributes)
      end

      def off?
        heat == "off" && oven_c.nil?
      end

      def open?
        lid == "none"
      end
    end

    # The kitchen round the pot: vessel, burner, boiling point, room and what the
    # losses are multiplied by (1.0: as in the figures).
    Setting = Value.define(:vessel, :burner, :boil_c, :room_c, :lid_factor, :open_factor) do
      const_set(:UNTESTED, 1.0)
    end
  end
end
