# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../pot/depth"

module FondKettle
  module Methods
    # A rule of a packet, a grandmother, a finger or a cooker's bowl, in grams of liquid for one pot, and
    # back.
    class OwnRule
      # What the finger joint is taken to be until the cook measures theirs, mm.
      FINGER_MM = 25.0
      KINDS = { "volume" => "parts of water to 1 of rice, by cup",
                "weight" => "parts of water to 1 of rice, by weight",
                "depth" => "mm over the rice", "finger" => "finger joints over the rice",
                "g" => "grams of water", "cup" => "cups of water",
                "mark" => "cups to the mark, as the empty bowl holds" }.freeze

      # The rules of a Plan's pot and cup, for a finger whose joint is `finger_mm`.
      def self.of(plan, finger_mm)
        new(plan.load, plan.request.vessel, plan.request.measures.cup, finger_mm: finger_mm)
      end

      # The plan's `load` (Pot::Load) and `vessel`, the house's `cup`.
      def initialize(load, vessel, cup, finger_mm: FINGER_MM)
        @load = load
        @vessel = vessel
        @cup = cup
        @finger_mm = finger_mm
      end

      # `amount` of a kind of KINDS; what lies below the floor is no liquid.
      #
      #   liquid_g("volume", 2.0) # => 769.2 for 300 g basmati
      def liquid_g(kind, amount)
        per_g, from_g = line(kind)
        [(amount * per_g) + from_g, 0.0].max
      end

      # Amount of that kind for `liquid_g`: the inverse, for a positive amount.
      def amount(kind, liquid_g)
        per_g, from_g = line(kind)
        (liquid_g - from_g) / per_g
      end

      private

      # Grams of one more, and of none at all: every way of saying it is a line. A mark
      # of the bowl counts the grains under it too.
      def line(kind)
        case kind
        when "volume" then [@load.rice_g / @load.grain.rho_g_ml, 0.0]
        when "weight" then [@load.rice_g, 0.0]
        when "depth" then [mm_g, level_g]
        when "finger" then [mm_g * @finger_mm, level_g]
        when "g" then [1.0, 0.0]
        when "cup" then [@cup.ml, 0.0]
        when "mark" then [@cup.ml, level_g - @load.bed_ml - @load.bulk_ml]
        else raise InvalidInput.at("own_kind", "must be one of: #{KINDS.keys.join(', ')}", received: kind)
        end
      end

      # Liquid that stands level with the rice, g.
      def level_g
        Pot::Depth.liquid_g(0.0, @load, @vessel)
      end

      # A millimetre more of it, g.
      def mm_g
        Pot::Depth.liquid_g(1.0, @load, @vessel) - level_g
      end
    end
  end
end
