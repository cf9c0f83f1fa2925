# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Kit
    # How rice lies in a steamer: in so many `tiers` at once, one batch after the other
    # (`batches`), each bed `bed_mm` thick and `across_mm` wide, with so many `holes` poked through it.
    SteamerLayout = Value.define(:tiers, :batches, :bed_mm, :across_mm, :holes) do
      # Area of one bed, in m2.
      def area_m2
        Math::PI * (across_mm**2) / 4e6
      end
    end

    # A steamer: inside width of its baskets, mm, and how many of them stand on each other at most.
    Steamer = Value.define(:id, :name, :diameter_mm, :tiers) do
      # A Steamer that is on no shelf.
      def self.of(diameter_mm, tiers)
        new(id: nil, name: "a steamer", diameter_mm: diameter_mm, tiers: tiers)
      end

      # Thicker, the steam does not get through; thinner, it dries (docs/model.md: Steaming sticky rice).
      const_set(:DEEPEST_MM, 50.0)
      const_set(:THINNEST_MM, 12.0)
      # One hole to every so many mm of the bed, each way.
      const_set(:HOLES_MM, 60.0)
      # So much wider than the pot under it a basket may be, mm: its rim has to close on it.
      const_set(:WIDER_MM, 60)

      # The widest that closes on a pot (Kit::Vessel), mm.
      def self.most_mm(vessel)
        vessel.diameter_mm + const_get(:WIDER_MM)
      end

      # True when it closes on a pot (Kit::Vessel).
      def on?(vessel)
        diameter_mm <= self.class.most_mm(vessel)
      end

      # Area of one bed, in cm2.
      def area_cm2
        Math::PI * (diameter_mm**2) / 400.0
      end

      # A bed of `ml`, spread over no more tiers and batches than it needs (SteamerLayout).
      #
      #   Steamer.of(240.0, 2).laid(3200.0) # => 2 tiers, 1 batch, 35.4 mm
      def laid(ml)
        whole_mm = ml / area_cm2 * 10
        used = (whole_mm / self.class::DEEPEST_MM).ceil.clamp(1, tiers)
        batches = [(whole_mm / (used * self.class::DEEPEST_MM)).ceil, 1].max
        SteamerLayout.new(tiers: used, batches: batches, bed_mm: whole_mm / (used * batches),
                          across_mm: diameter_mm, holes: holes)
      end

      private

      # Not at the wall.
      def holes
        [(area_cm2 * 100 / (2 * (self.class::HOLES_MM**2))).round, 3].max
      end
    end
  end
end
