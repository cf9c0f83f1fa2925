# frozen_string_literal: true

require_relative "../ground/value"
require_relative "vessel_kind"

module FondKettle
  module Kit
    # Net power into the pot on high, W, of a usual burner of each kind; a cooker's goes by
    # its bowl.
    BURNER_HIGH_W = { "gas" => 1200, "induction" => 1800, "ceramic" => 1100, "coil" => 1000,
                      "cooker" => 700 }.freeze
    # Share of that which a knob is left at (docs/model.md: Heat). A cooker has one heat only.
    HEAT_SHARE = { "off" => 0.0, "low" => 0.15, "medium" => 0.5, "high" => 1.0 }.freeze
    # Share that a setting gives at most, once the pot has boiled and a cook turns it.
    MOST_SHARE = { "off" => 0.0, "low" => 0.5, "medium" => 0.75, "high" => 1.0 }.freeze
    # A cooker's power by its bowl: W, W per litre, and between which.
    COOKER_W = 300.0
    COOKER_W_PER_L = 140.0
    COOKERS_W = (350.0..3000.0)
    # What of it is net once it boils.
    COOKER_NET = 0.35

    # What the pot stands on; `high_w` is net power into the pot on high, W.
    Burner = Value.define(:id, :name, :source, :high_w) do
      # A usual one of its kind (a key of BURNER_HIGH_W), or with a power of its own. A
      # cooker's power goes by its bowl, where that is known (Vessel).
      #
      #   usual("cooker", nil, bowl_190_mm).high_w # => 776.3
      def self.usual(source, high_w = nil, bowl = nil)
        high_w ||= cooker_w(bowl) if bowl && !VesselKinds.by_source(source).on_ring
        new(id: nil, name: source, source: source, high_w: (high_w || BURNER_HIGH_W.fetch(source)).to_f)
      end

      # Power of a cooker with this bowl, in W (docs/model.md: Heat).
      def self.cooker_w(bowl)
        (COOKER_W + (COOKER_W_PER_L * bowl.volume_ml / 1000)).clamp(COOKERS_W.min, COOKERS_W.max)
      end

      # The VesselKind that stands on it.
      def kind
        VesselKinds.by_source(source)
      end

      # Net power in J/min that a knob left on `heat` gives, on the way to the boil.
      def joule_per_min(heat)
        high_w * HEAT_SHARE.fetch(heat) * 60.0
      end

      # The highest power once the pot has boiled, in J/min.
      def most_joule_per_min(heat)
        high_w * (kind.regulated || heat == "off" ? MOST_SHARE.fetch(heat) : COOKER_NET) * 60.0
      end
    end
  end
end
