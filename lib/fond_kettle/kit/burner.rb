# frozen_string_literal: true

require_relative "../ground/value"
require_relative "vessel_kind"

module FondKettle
  module Kit
    # Net power into the pot on high, W, of a usual burner of each kind.
    BURNER_HIGH_W = { "gas" => 1200, "induction" => 1800, "ceramic" => 1100, "coil" => 1000,
                      "cooker" => 700 }.freeze
    # Share of that on each setting (figures: Heat). A cooker has one heat only.
    HEAT_SHARE = { "off" => 0.0, "low" => 0.15, "medium" => 0.5, "high" => 1.0 }.freeze

    # What the pot stands on; `high_w` is net power into the pot on high, W.
    Burner = Value.define(:id, :name, :source, :high_w) do
      # A usual one of its kind (a key of BURNER_HIGH_W), or with a power of its own.
      def self.usual(source, high_w = nil)
        new(id: nil, name: source, source: source, high_w: (high_w || BURNER_HIGH_W.fetch(source)).to_f)
      end

      # The VesselKind that stands on it.
      def kind
        VesselKinds.by_source(source)
      end

      # Net power in J/min on `heat`.
      def joule_per_min(heat)
        high_w * HEAT_SHARE.fetch(heat) * 60.0
      end
    end
  end
end
