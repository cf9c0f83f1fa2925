# frozen_string_literal: true

require_relative "../../care/keeping"
require_relative "../../ground/value"
require_relative "../../pot/heat/loss"
require_relative "../../pot/heat/slab"
require_relative "../loads/hot_start"
require_relative "water_below"

module FondKettle
  module Methods
    # So many parcels that are steamed at once, in the round of a `number` `of` all; the water below is topped
    # up with `top_up` (TopUp, or nil) then.
    Round = Value.define(:number, :of, :count, :top_up) do
      # Values for the texts, by their names there.
      def words
        { round: "Round #{number} of #{of}", next: count.to_s }
      end
    end

    # Place of equal parcels in a steamer, and the minutes until their centre is hot (docs/model.md: Parcels).
    class Parcels
      # The kind of step that makes them hot, and what they are steamed on.
      STEAM = "steam-parcels"
      HEAT = "medium"
      # °C that the heart of a parcel must reach: as for reheating.
      HEART_C = Care::Keeping::REHEAT_C
      START_C = { "fresh" => 20.0, "chilled" => 5.0, "frozen" => 5.0 }.freeze
      # What a leaf round it adds at most, minutes.
      LEAF_MIN = 7
      # A finger of room between two of them, mm, and what of a round basket squares can cover.
      ROOM_MM = 12.0
      COVERED = 0.8
      # Leaves for each, how far one overlaps, mm, and spare ones for those that tear, a share.
      OVERLAP_MM = 40.0
      SPARE = 0.15
      TWO_LEAVES_MM = 260.0

      # `request`: its rice ended in the `last` phase (Phases::Phase); `count` parcels, each of `g_each`,
      # `thickness_mm` thick and `across_mm` broad.
      def initialize(request, last, count:, g_each:, thickness_mm:, across_mm:)
        @request = request
        @last = last
        @making = request.making
        @count = count
        @g_each = g_each
        @thickness_mm = thickness_mm
        @across_mm = across_mm
      end

      # Minutes of steam until the heart is hot, the leaf not counted.
      def steam_min
        from == "frozen" ? frozen_min : heart_min(from)
      end

      # °C of the heart after so many minutes of steam, the leaf not counted.
      def heart_c(minutes)
        minutes /= Pot::Slab::FROZEN if from == "frozen"
        Pot::Slab.heart_c(half_mm, START_C.fetch(from), steam_c, minutes)
      end

      # The same from the freezer.
      def frozen_min
        heart_min("frozen") * Pot::Slab::FROZEN
      end

      # All of it: the leaf too, and in upper tiers the steam comes later.
      def timed_min
        steam_min + LEAF_MIN + lag_min
      end

      # Water under the steamer (WaterBelow) for all rounds.
      def below
        @below ||= WaterBelow.new(
          g_min: @request.burner.joule_per_min(HEAT) / Pot::Loss::LATENT_J_G,
          minutes: timed_min * layout[:batches], most_g: WaterBelow.most_g(@last.setting.vessel),
          openings: (2..layout[:batches]).map { |number| opened_min(number) }
        )
      end

      # Minutes until the water under them boils.
      def heat_min
        HotStart.boil_min(@request, @last, below.first_g)
      end

      # The rounds (Round), one after the other.
      def rounds
        at_once = layout[:a_tier] * layout[:tiers]
        of = layout[:batches]
        (1..of).map do |number|
          top_up = below.top_ups.find { |one| one.at_min == opened_min(number) }
          left = @count - (at_once * (number - 1))
          Round.new(number: number, of: of, count: [at_once, left].min, top_up: top_up)
        end
      end

      # "fresh", "chilled" or "frozen".
      def from
        @making.from || "fresh"
      end

      # Number in one basket, the number of baskets at once, the number of rounds.
      def layout
        steamer = @making.steamer_on(@request.vessel)
        a_tier = [(COVERED * steamer.area_cm2 * 100 / ((@across_mm + ROOM_MM)**2)).floor, 1].max
        tiers = (@count / a_tier.to_f).ceil.clamp(1, steamer.tiers)
        { a_tier: a_tier, tiers: tiers, batches: (@count / (a_tier * tiers).to_f).ceil }
      end

      # Their place as a text: "6 at a time in 2 baskets, 2 rounds".
      def lies
        rounds = ", #{layout[:batches]} rounds" if layout[:batches] > 1
        "#{at_once}#{rounds}"
      end

      # The same of one round.
      def at_once
        baskets = " in each of #{layout[:tiers]} baskets" if layout[:tiers] > 1
        "#{[layout[:a_tier], @count].min}#{baskets} at a time"
      end

      # Side of a leaf for one, mm; how many for each, and how many to soak in all.
      def leaves
        side_mm = (2 * (@across_mm + @thickness_mm)) + OVERLAP_MM
        each = side_mm > TWO_LEAVES_MM ? 2 : 1
        { side_mm: side_mm, each: each, all: (@count * each * (1 + SPARE)).ceil }
      end

      private

      def opened_min(number)
        timed_min * (number - 1)
      end

      def heart_min(from)
        Pot::Slab.minutes(half_mm, START_C.fetch(from), steam_c, [HEART_C, steam_c - 2].min)
      end

      def half_mm
        @thickness_mm / 2
      end

      def steam_c
        @last.setting.boil_c
      end

      # Each tier takes its steam from the one above it.
      def lag_min
        tiers = layout[:tiers]
        return 0.0 if tiers == 1

        heat_j = @g_each * layout[:a_tier] * Pot::MOIST_FOOD_J_G_K *
                 (steam_c - START_C.fetch(from))
        heat_j * (tiers - 1) / @request.burner.most_joule_per_min(HEAT)
      end
    end
  end
end
