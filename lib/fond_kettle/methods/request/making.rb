# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../kit/steamer"

module FondKettle
  module Methods
    # How a bed is cooled: `depth_mm` of it, turned over or not, fanned or not.
    Cool = Value.define(:turned, :fanned, :depth_mm) do
      # Turned and fanned, as thin as it is usually spread.
      def self.of(turned: true, fanned: true, depth_mm: 20.0)
        new(turned: turned, fanned: fanned, depth_mm: depth_mm)
      end
    end

    # What is made of the rice, as it was asked for (nil: nobody said).
    #   steamer    Kit::Steamer; `tiers` how many of its baskets there are today
    #   count      of pieces or parcels; `g_each` what one weighs with what is in it, g
    #   use        a key of PieceUses: what the pieces are for
    #   filling_g  in each of them, g
    #   from       "fresh", "chilled" or "frozen": how parcels go into the steamer
    #   style      a key of Dressings; `dressing` (DressingPer) in its place
    #   cool       Cool
    Making = Value.define(:steamer, :tiers, :count, :g_each, :use, :filling_g, :from, :style, :dressing,
                          :cool) do
      const_set(:FROM, %w[fresh chilled frozen].freeze)
      const_set(:USUAL_TIERS, 1)

      # A Making with the given attributes; the others are nil.
      def self.of(**said)
        new(**members.to_h { |name| [name, nil] }, **said)
      end

      # The steamer over a pot (Kit::Vessel): as asked for, else one as wide.
      def steamer_on(vessel)
        found = steamer || Kit::Steamer.of(vessel.diameter_mm, self.class::USUAL_TIERS)
        tiers ? found.with(tiers: tiers) : found
      end
    end
  end
end
