# frozen_string_literal: true

require_relative "../errors"
require_relative "../pot/depth"

module FondKettle
  module Method
    # What the packet, the grandmother or the finger says, in grams of liquid.
    module OwnWay
      KINDS = { "volume" => "parts of water to 1 of rice, by cup", "weight" => "parts of water to 1 of rice, by weight",
                "depth" => "mm over the rice", "g" => "grams of water", "cup" => "cups of water" }.freeze

      module_function

      # `kind` of KINDS, its `amount`, the plan's `charge` and `vessel`, and the
      # house's `cup`. A depth below the floor is no liquid.
      #
      #   liquid_g("volume", 2.0, charge, vessel, cup) # => 769.2 for 300 g basmati
      def liquid_g(kind, amount, charge, vessel, cup)
        case kind
        when "volume" then amount * charge.rice_g / charge.grain.rho_g_ml
        when "weight" then amount * charge.rice_g
        when "depth" then [Pot::Depth.liquid_g(amount, charge, vessel), 0.0].max
        when "g" then amount
        when "cup" then amount * cup.ml
        else raise InvalidInput.at("own_kind", "must be one of: #{KINDS.keys.join(', ')}", received: kind)
        end
      end
    end
  end
end
