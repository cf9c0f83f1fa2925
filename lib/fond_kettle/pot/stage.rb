# frozen_string_literal: true

require_relative "../ground/value"
require_relative "attributes"

module FondKettle
  module Pot
    # Something that goes into the pot when a stage begins: liquid and food, with
    # their temperature. Names as in Load.
    Addition = Value.define(:liquid_g, :brought_g, :drink_g, :solids_j_k, :at_c)

    # A stage of cooking: what lid and heat do until it ends. It has every attribute
    # of Attributes; with minutes READY it takes until grain and water are reckoned
    # ready from the boil on, and `extra_min` longer.
    Stage = Value.define(:key, :extra_min, *Attributes.all.keys) do
      # A stage of which only what differs from the defaults is given.
      def self.plain(**attributes)
        new(extra_min: 0.0, **Attributes.defaults, **attributes)
      end

      # True when it is neither on a burner nor in an oven.
      def off?
        heat == "off" && oven_c.nil?
      end

      # True without a lid.
      def open?
        lid == "none"
      end

      # Attributes that are more than their default, by key.
      def set
        Attributes.all.to_h { |key, _| [key, public_send(key)] }
                  .select { |key, value| Attributes.all[key].set?(value) }
      end
    end

    # The kitchen round the pot: vessel, burner, boiling point, room and what the
    # losses, and what an oven gives, are multiplied by (1.0: as in the figures).
    Setting = Value.define(:vessel, :burner, :boil_c, :room_c, :lid_factor, :open_factor, :oven_factor)
  end
end
