# frozen_string_literal: true

require_relative "../care/keeping"
require_relative "../kit/steamer"
require_relative "../pot/piece"
require_relative "dressing"
require_relative "piece_uses"
require_relative "steaming"
require_relative "whereto"

module FondKettle
  module Methods
    # What the done rice of a request is divided into: equal pieces by weight of the cooked and
    # seasoned rice, and what is left over; of parcels how thick they are, how they lie in the
    # steamer and how long they take until their heart is hot.
    class Portions
      # The kind of step that makes them hot, and the use that has one.
      STEAM = "steam"
      PARCEL = "parcel"
      # What they are steamed on.
      HEAT = "medium"
      # Kinds of step that put something into a piece.
      FILLED = %w[shape wrap].freeze
      # Kinds of step at which all of the rice is seasoned.
      SEASONED = %w[dress mix fold].freeze
      # Of what lies in a piece, g/mL.
      FILLING_G_ML = 1.0
      # °C that the heart of a parcel must reach: as for reheating.
      HEART_C = Care::Keeping::REHEAT_C
      START_C = { "fresh" => 20.0, "chilled" => 5.0, "frozen" => 5.0 }.freeze
      # Times the minutes from the refrigerator (figures: Parcels).
      FROZEN = 1.4
      # How much the heart of a slab lags at first (4/pi).
      LAGS = 1.273
      # What a leaf round it adds at most, minutes.
      LEAF_MIN = 7
      # A finger of room between two of them, mm, and what of a round basket squares can cover.
      ROOM_MM = 12.0
      COVERED = 0.8
      # Leaves for each, how far one overlaps, mm, and spare ones for those that tear, a share.
      OVERLAP_MM = 40.0
      SPARE = 0.15
      TWO_LEAVES_MM = 260.0

      # Of a Request whose rice ended in the `last` phase (Phases::Phase).
      def initialize(request, last)
        @request = request
        @last = last
        @making = request.making
      end

      # PieceUse, or nil where nothing is divided.
      def use
        key = @making.use || @request.method.pieces
        key && PieceUses.fetch(key)
      end

      # All of the cooked and seasoned rice, g.
      def seasoned_g
        load = @last.load
        food_g = @request.additions.select(&:stays?).sum { |one| one.g * (1 - one.ingredient.brings) }
        (load.rice_g * (1 + @last.run.uptake)) + @last.run.drunk_g + food_g + at_steps_g(SEASONED)
      end

      # How many.
      def count
        @count ||= @making.count || seats || [(seasoned_g / wanted_g).floor, 1].max
      end

      # Rice in each, whole g: as much as all of them can have alike.
      def rice_g_each
        @rice_g_each ||= @making.g_each ? wanted_g.floor : (seasoned_g / count).floor
      end

      # g in each beside it.
      def filling_g_each
        @making.filling_g || (at_steps_g(FILLED) / count)
      end

      # Rice that is left over, g.
      def left_g
        seasoned_g - (count * rice_g_each)
      end

      # How many are cut from it, where each is.
      def cut_count
        use.cut && (count * use.cut)
      end

      # How thick one is, mm.
      def thickness_mm
        volume_mm3 = 1000 * ((rice_g_each / @last.load.grain.cooked_g_ml) + (filling_g_each / FILLING_G_ML))
        Math.cbrt(volume_mm3 / (use.broad**2))
      end

      # How broad, mm.
      def across_mm
        use.broad * thickness_mm
      end

      # Minutes of steam until the heart is hot, the leaf not counted.
      def steam_min
        minutes = heart_min(START_C.fetch(from))
        from == "frozen" ? minutes * FROZEN : minutes
      end

      # °C of the heart after so many minutes of steam, the leaf not counted.
      def heart_c(minutes)
        minutes /= FROZEN if from == "frozen"
        start_c = START_C.fetch(from)
        steam_c = @last.setting.boil_c
        [steam_c - (LAGS * (steam_c - start_c) * Math.exp(-minutes / tau_min)), start_c].max
      end

      # The same from the freezer.
      def frozen_min
        heart_min(START_C.fetch("frozen")) * FROZEN
      end

      # All of it: the leaf too, and in upper tiers the steam comes later.
      def timed_min
        steam_min + LEAF_MIN + lag_min
      end

      # Water under the steamer for all rounds of it, g.
      def water_g
        joule_min = @request.burner.joule_per_min(HEAT)
        (joule_min * timed_min * layout[:batches] / Pot::Loss::LATENT_J_G) + Steaming::NEVER_DRY_G
      end

      # "fresh", "chilled" or "frozen".
      def from
        @making.from || "fresh"
      end

      # How many lie in one basket, how many baskets at once, how many rounds.
      def layout
        steamer = @making.steamer_on(@request.vessel)
        a_tier = [(COVERED * steamer.area_cm2 * 100 / ((across_mm + ROOM_MM)**2)).floor, 1].max
        tiers = (count / a_tier.to_f).ceil.clamp(1, steamer.tiers)
        { a_tier: a_tier, tiers: tiers, batches: (count / (a_tier * tiers).to_f).ceil }
      end

      # How they lie, in words: "6 at a time in 2 baskets, 2 rounds".
      def lies
        rounds = ", #{layout[:batches]} rounds" if layout[:batches] > 1
        baskets = " in each of #{layout[:tiers]} baskets" if layout[:tiers] > 1
        "#{[layout[:a_tier], count].min}#{baskets} at a time#{rounds}"
      end

      # Side of a leaf for one, mm; how many for each, and how many to soak in all.
      def leaves
        side_mm = (2 * (across_mm + thickness_mm)) + OVERLAP_MM
        each = side_mm > TWO_LEAVES_MM ? 2 : 1
        { side_mm: side_mm, each: each, all: (count * each * (1 + SPARE)).ceil }
      end

      private

      # Where everybody at the table gets one.
      def seats
        @request.eaters.size if use.per_person && @making.g_each.nil? && @request.eaters.any?
      end

      # What is put in at the steps after the rice of some kinds, g.
      def at_steps_g(kinds)
        whereto = Whereto.new(@request, @request.method.last_phase, last: true)
        stages = @request.method.after.select { |stage| kinds.include?(stage.kind) }
        stages.flat_map { |stage| whereto.at(stage) }.sum { |one| one.g.to_f }
      end

      # Rice in one as it is wanted, g.
      def wanted_g
        return use.rice_g.to_f unless @making.g_each

        @making.g_each - (@making.filling_g || 0.0)
      end

      # Until a slab that thick is hot to its heart (figures: Parcels), minutes.
      def heart_min(start_c)
        steam_c = @last.setting.boil_c
        tau_min * Math.log(LAGS * (steam_c - start_c) / (steam_c - [HEART_C, steam_c - 2].min))
      end

      def tau_min
        0.405 * ((thickness_mm / 2)**2) / Pot::Piece::ALPHA_MM2_MIN
      end

      # Each tier takes its steam from the one above it.
      def lag_min
        tiers = layout[:tiers]
        return 0.0 if tiers == 1

        heat_j = (rice_g_each + filling_g_each) * layout[:a_tier] * Pot::MOIST_FOOD_J_G_K *
                 (@last.setting.boil_c - START_C.fetch(from))
        heat_j * (tiers - 1) / @request.burner.most_joule_per_min(HEAT)
      end
    end
  end
end
