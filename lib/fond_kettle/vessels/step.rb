# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../kit/atmosphere"
require_relative "../kit/burner"
require_relative "../pot/heat/heat"
require_relative "../pot/heat/loss"
require_relative "food"

module FondKettle
  module Vessels
    # What is done in a vessel: `kind` (Care::Kind's key); `minutes`; `heat`; `lid` (Vocabulary::LIDS);
    # `state` to which food is fried, or a liquid reduced; `to_g`: of liquid that is left; `foods`: indexes
    # that it takes (nil: all); `share`, `g`: how much is taken out.
    Step = Value.define(:kind, :minutes, :heat, :lid, :state, :to_g, :foods, :share, :g) do
      # A Step with the given attributes; the others are usual.
      def self.of(kind, **given)
        new(kind: kind, minutes: nil, heat: "medium", lid: "none", state: nil, to_g: nil, foods: nil,
            share: nil, g: nil, **given)
      end
    end

    # Where a step is done: a Kit::Vessel on a Kit::Burner, where water boils at `boil_c`.
    Setting = Value.define(:vessel, :burner, :boil_c, :room_c) do
      # A Setting at a height above the sea.
      def self.of(vessel, burner, altitude_m: 0)
        new(vessel: vessel, burner: burner, boil_c: Kit::Atmosphere.boiling_point_c(altitude_m),
            room_c: Food::ROOM_C)
      end

      # Heat that the vessel's wall gives to the room at the boil, in J/min.
      def wall_j_min
        Pot::Heat.wall_conductance(vessel) * (boil_c - room_c)
      end

      # Steam that leaves at the boil on `heat` under `lid`, in g/min: by the tables, and no more than the
      # fire pays for.
      def steam_g_min(heat, lid)
        paid_j_min = burner.most_joule_per_min(heat) - wall_j_min
        table_g_min(heat, lid).clamp(0.0, [paid_j_min / Pot::Loss::LATENT_J_G, 0.0].max)
      end

      private

      def table_g_min(heat, lid)
        return Pot::Loss.open_g_min(vessel, heat) if lid == "none"

        Pot::Loss.lidded_g_min(vessel, lid, heat, burner.source)
      end
    end

    # What a step changed: the `contents` then, the `steam_g` that left, what was taken `out` (Contents, or
    # nil) and the `minutes` that it takes.
    Change = Value.define(:contents, :steam_g, :out, :minutes)
  end
end
