# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../kit/steamer"

module FondKettle
  module Pot
    # How the batch sits in the pot: shares of the pot filled before it boils and
    # after, depth of the cooked bed in mm, and a list of problem codes.
    # `most_before`: how full it may be before; less where it boils up.
    Fit = Value.define(:fill_before, :fill_after, :bed_mm, :problems, :batches, :most_before) do
      # True where nothing is too much for the pot.
      def fits?
        !problems.intersect?(FondKettle::Pot::Fitting::TOO_MUCH)
      end

      # Share of its room that is filled, before or after the boil; 1 is as much as the pot takes.
      def filled
        [fill_before / most_before,
         fill_after / FondKettle::Pot::Fitting::COOKED_SHARE].max
      end

      # The first problem's code, or "fits".
      def verdict
        problems.first || "fits"
      end
    end

    # The check whether it fits (docs/model.md: Will it fit).
    module Fitting
      BOIL_SHARE = 2 / 3.0
      # Where rice boils open in plenty of water (docs/model.md: Food in a vessel).
      OPEN_SHARE = 3 / 4.0
      COOKED_SHARE = 0.9
      DEEPEST_MM = 100.0
      THINNEST_MM = 15.0
      TOO_MUCH = %w[pot-too-small boils-over].freeze
      MOST_BATCHES = 12
      # What cannot scorch: its water is poured off.
      THIN = %w[bed-too-thin].freeze
      # What cannot go wrong under a seal, over a base.
      OPEN_ONLY = %w[boils-over bed-too-thin].freeze

      module_function

      # `batches`: into how many equal pots of this size the batch must be split (1: none).
      def check(load, liquid_g, vessel)
        whole = shares(load, liquid_g, vessel, 1)
        most_before = most_before(load)
        batches = (1..MOST_BATCHES).find do |count|
          roomy?(count == 1 ? whole : shares(load, liquid_g, vessel, count), most_before)
        end || MOST_BATCHES
        problems = problems(whole, most_before) - (load.stack || load.steamed? ? OPEN_ONLY : [])
        problems -= THIN if load.plenty?
        Fit.new(**whole, problems: problems.freeze, batches: batches, most_before: most_before)
      end

      # The largest share of a pot that may be filled before it boils.
      def most_before(load)
        return COOKED_SHARE if load.stack

        load.plenty? ? OPEN_SHARE : BOIL_SHARE
      end

      def shares(load, liquid_g, vessel, batches)
        return layered(load, vessel, batches) if load.stack
        return in_steamer(load) if load.steamed?

        volume = vessel.volume_ml * batches
        before_ml = load.bed_ml + load.bulk_ml + [liquid_g - load.left_ml, 0.0].max
        cooked_ml = cooked_ml(load)
        { fill_before: before_ml / volume, fill_after: (cooked_ml + load.bulk_ml) / volume,
          bed_mm: vessel.thick_mm(cooked_ml / batches, load.bulk_ml / batches) }
      end

      # Layers under a seal do not boil up; the deepest of rice counts.
      def layered(load, vessel, batches)
        volume = vessel.volume_ml * batches
        cooked_ml = cooked_ml(load)
        beds_mm = load.stack.tiers.zip(load.stack.spans(vessel, cooked_ml / batches))
                      .select { |tier, _| tier.rice? }.map { |_, (from, to)| to - from }
        { fill_before: (load.layered_ml + load.bulk_ml) / volume, bed_mm: beds_mm.max,
          fill_after: (cooked_ml + load.bulk_ml) / volume }
      end

      # A steamer takes what it takes, one batch after the other: of what its baskets hold at the deepest.
      def in_steamer(load)
        laid = load.steamer
        share = laid.bed_mm / Kit::Steamer::DEEPEST_MM
        swollen = cooked_ml(load) / load.bed_ml
        { fill_before: share * BOIL_SHARE, fill_after: [share * swollen * BOIL_SHARE, COOKED_SHARE].min,
          bed_mm: laid.bed_mm * swollen }
      end

      # Height to which a vessel may be filled before it boils, in mm.
      def full_mm(vessel)
        vessel.depth_mm(vessel.volume_ml * BOIL_SHARE)
      end

      # Room the cooked rice takes, mL.
      def cooked_ml(load)
        load.rice_g * (1 + load.uptake) / load.grain.cooked_g_ml
      end

      # Range of heights of each tier of a Stack in `vessel` with the rice of `load` cooked, in mm over
      # the floor.
      def spans(stack, load, vessel)
        stack.spans(vessel, cooked_ml(load))
      end

      def roomy?(shares, most_before)
        shares[:fill_before] <= most_before && shares[:fill_after] <= COOKED_SHARE
      end

      def problems(shares, most_before)
        [("pot-too-small" if shares[:fill_after] > COOKED_SHARE || shares[:fill_before] > 1),
         ("boils-over" if shares[:fill_before] > most_before),
         ("bed-too-deep" if shares[:bed_mm] > DEEPEST_MM),
         ("bed-too-thin" if shares[:bed_mm] < THINNEST_MM)].compact.freeze
      end

      private_class_method :most_before, :shares, :layered, :in_steamer, :roomy?, :problems
    end
  end
end
