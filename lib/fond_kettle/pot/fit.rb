# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Pot
    # How the batch sits in the pot: shares of the pot filled before it boils and
    # after, depth of the cooked bed in mm, and a list of problem codes.
    Fit = Value.define(:fill_before, :fill_after, :bed_mm, :problems, :batches) do
      # True where nothing is too much for the pot.
      def fits?
        !problems.intersect?(FondKettle::Pot::Fitting::TOO_MUCH)
      end

      # How full that is: 1 is as much as the pot takes, before it boils or after.
      def filled
        [fill_before / FondKettle::Pot::Fitting::BOIL_SHARE,
         fill_after / FondKettle::Pot::Fitting::COOKED_SHARE].max
      end

      # The first problem's code, or "fits".
      def verdict
        problems.first || "fits"
      end
    end

    # Will it fit (figures: Will it fit).
    module Fitting
      BOIL_SHARE = 2 / 3.0
      COOKED_SHARE = 0.9
      DEEPEST_MM = 100.0
      THINNEST_MM = 15.0
      TOO_MUCH = %w[pot-too-small boils-over].freeze
      MOST_BATCHES = 12

      module_function

      # `batches`: into how many equal pots of this size the batch must be split (1: none).
      def check(load, liquid_g, vessel)
        whole = shares(load, liquid_g, vessel, 1)
        batches = (1..MOST_BATCHES).find { |count| roomy?(shares(load, liquid_g, vessel, count)) } ||
                  MOST_BATCHES
        Fit.new(**whole, problems: problems(whole), batches: batches)
      end

      def shares(load, liquid_g, vessel, batches)
        volume = vessel.volume_ml * batches
        before_ml = load.bed_ml + load.bulk_ml + [liquid_g - load.left_ml, 0.0].max
        cooked_ml = cooked_ml(load)
        { fill_before: before_ml / volume, fill_after: (cooked_ml + load.bulk_ml) / volume,
          bed_mm: vessel.thick_mm(cooked_ml / batches, load.bulk_ml / batches) }
      end

      # How high a vessel may be filled before it boils, mm.
      def full_mm(vessel)
        vessel.depth_mm(vessel.volume_ml * BOIL_SHARE)
      end

      # Room the cooked rice takes, mL.
      def cooked_ml(load)
        load.rice_g * (1 + load.uptake) / load.grain.cooked_g_ml
      end

      def roomy?(shares)
        shares[:fill_before] <= BOIL_SHARE && shares[:fill_after] <= COOKED_SHARE
      end

      def problems(shares)
        [("pot-too-small" if shares[:fill_after] > COOKED_SHARE || shares[:fill_before] > 1),
         ("boils-over" if shares[:fill_before] > BOIL_SHARE),
         ("bed-too-deep" if shares[:bed_mm] > DEEPEST_MM),
         ("bed-too-thin" if shares[:bed_mm] < THINNEST_MM)].compact.freeze
      end

      private_class_method :shares, :roomy?, :problems
    end
  end
end
