# frozen_string_literal: true

require_relative "../beds/bed"
require_relative "../heat/heat"
require_relative "../water/kinetics"
require_relative "../beds/layer"
require_relative "../piece"
require_relative "../span"

module FondKettle
  module Pot
    # A layer in its place in a sealed pot: what of the wall is its own, what food lies in it,
    # and when it was hot, safe and tender. It changes while the pot cooks.
    class Stacked
      # Where food gets tender, °C, or so many below the boil.
      TENDER_C = 90.0
      TENDER_BELOW_BOIL_C = 3.0
      HAIR = 1e-9
      # `bound_g`: water bound in its food that can still make steam. `hot_min`, `safe_min`,
      # `tender_at_min`: when it was so, nil until then. `tender_min`: minutes that it was
      # hot enough to get tender.
      attr_reader :layer, :tier, :bound_g, :hot_min, :safe_min, :tender_at_min, :tender_min

      # `tier` (Tier) as `layer` (Layer or Bed); `wall_j_min_k` and `oven_j_min_k`: what its
      # part of the outside gives to the room, and takes from an oven.
      def initialize(tier, layer, wall_j_min_k:, oven_j_min_k:, pot_j_k:, setting:)
        @tier = tier
        @layer = layer
        @wall_j_min_k = wall_j_min_k
        @oven_j_min_k = oven_j_min_k
        @pot_j_k = pot_j_k
        @room_c = setting.room_c
        @tender_c = [TENDER_C, setting.boil_c - TENDER_BELOW_BOIL_C].min
        @piece = tier.cut && Piece.new(tier.cut, tier.start_c)
        @bound_g = tier.bound_g
        @tender_min = 0.0
        note(0.0, 0.0, core_c, 0.0)
      end

      # °C.
      def temp_c
        @layer.temp_c
      end

      # °C in the middle of the thickest piece, or nil where there is none.
      def core_c
        @piece&.core_c
      end

      # The heat capacity of the layer and, at the floor, of the pot, in J/K.
      def capacity_j_k
        @layer.heat_capacity_j_k + @pot_j_k
      end

      # The heat that it gives to the room now, in J/min.
      def wall_j_min
        @wall_j_min_k * (temp_c - @room_c)
      end

      # The heat that it takes from an oven of `oven_c` now, in J/min.
      def oven_j_min(oven_c)
        @oven_j_min_k * (oven_c - temp_c)
      end

      # Its way for at most `most_min` with `joule_min` of heat from the fire, on a burner
      # (`oven_c` nil) or in an oven (Heat::Drift); ends at `goal_c`.
      def drift(joule_min, oven_c, most_min, goal_c: nil)
        per_k = oven_c ? @oven_j_min_k : @wall_j_min_k
        Heat::Drift.new(temp_c, (oven_c || @room_c) + (joule_min / per_k), per_k / capacity_j_k, most_min,
                        goal_c: goal_c)
      end

      # Water that can still make steam in it, g.
      def steam_water_g
        @layer.free_g + @bound_g
      end

      # Removes water that goes off as steam, in g, free water first.
      def lose(grams)
        free(grams)
        @layer.lose(grams)
      end

      # The water that its rice still wants to hold `uptake` g/g, beyond its free water, in g.
      def wants_g(uptake)
        [((uptake - @layer.uptake) * @layer.rice_g) - @layer.free_g, 0.0].max
      end

      # Removes and returns water that runs down to the floor, in g.
      def give(grams)
        free(grams)
        @layer.give(grams)
        grams
      end

      # Adds water of `at_c` that runs into it, in g.
      def take(grams, at_c)
        mixed(at_c) { @layer.condense(grams) }
      end

      # An Addition goes into its rice.
      def pour(addition)
        mixed(addition.at_c) { @layer.add(addition) }
      end

      # The free water beyond the gravy that stays, in g; `kept_g`: the gravy of the whole pot.
      def spare_g(kept_g)
        [@layer.free_g - (@tier.kept_share * kept_g), 0.0].max
      end

      # Warms it to `to_c` in `minutes` that ended at minute `min`. Its rice takes up water from `pools` too
      # (Stacked), the nearest first, at most `quota_g`, and leaves the gravy of the whole pot, `kept_g`.
      def follow(to_c, minutes, min, pools, kept_g, quota_g)
        from_c = temp_c
        core_c = self.core_c
        if @layer.bed?
          to_c += drink(from_c, to_c, minutes, quota_g) { |lacking_g| draw(lacking_g, to_c, pools, kept_g) } /
                  capacity_j_k
        end
        @piece&.follow(from_c, to_c, minutes)
        above_min = minutes_above(@tender_c, from_c, to_c, minutes)
        @tender_min += above_min
        @layer.temp_c = to_c
        note(min, minutes, core_c, above_min)
      end

      # Records that it is hot at minute `min`; the first time counts.
      def hot(min)
        return if @hot_min

        @hot_min = min
      end

      private

      def mixed(at_c)
        before_j_k = capacity_j_k
        yield
        @layer.temp_c = Heat.mixed_c(temp_c, at_c, before_j_k, capacity_j_k)
      end

      # So much of its water is free, if need be of what was bound, g.
      def free(grams)
        released_g = (grams - @layer.free_g).clamp(0.0, @bound_g)
        @bound_g -= released_g
        @bound_g = 0.0 if @bound_g < HAIR
        @layer.release(released_g)
      end

      # When it was safe and tender, by straight lines within the last step of `minutes`, of which
      # `above_min` were hot enough to get tender.
      def note(min, minutes, before_c, above_min)
        cut = @tier.cut
        return unless cut

        @safe_min ||= min - (minutes * past(cut.safe_c, before_c)) if cut.safe_c.nil? || core_c >= cut.safe_c
        over_min = @tender_min - cut.tender_min
        @tender_at_min ||= min - [over_min, above_min].min if over_min >= -HAIR
      end

      # Share of the last step in which its core was past `mark_c`.
      def past(mark_c, before_c)
        return 0.0 if mark_c.nil? || core_c <= before_c

        ((core_c - mark_c) / (core_c - before_c)).clamp(0.0, 1.0)
      end

      def minutes_above(mark_c, from_c, to_c, minutes)
        if from_c >= mark_c
          to_c >= mark_c ? minutes : minutes * (from_c - mark_c) / (from_c - to_c)
        else
          to_c < mark_c ? 0.0 : minutes * (to_c - mark_c) / (to_c - from_c)
        end
      end

      # No lag: the delay is reckoned. Below 65 °C raw grain soaks in what is on it. Returns the
      # heat, J, that came with what it drew: what the block, which draws so much, answers.
      def drink(from_c, to_c, minutes, quota_g, &)
        span = Span.new(from_c, to_c)
        unless @layer.cooking? || to_c >= Kinetics::COOKS_ABOVE_C
          @layer.soak(span, minutes, 0.0)
          return 0.0
        end

        pace = span.mean { |c| Kinetics.pace(c) }
        return 0.0 unless pace.positive?

        cook(pace, minutes, quota_g, &)
      end

      def cook(pace, minutes, quota_g)
        @layer.begin_cooking
        lacking_g = [@layer.thirst_g(pace, minutes) - @layer.free_g, quota_g].min
        joule = lacking_g.positive? ? yield(lacking_g) : 0.0
        left = minutes
        left -= @layer.cook(pace, 0.0, left) while left > HAIR
        joule
      end

      def draw(lacking_g, to_c, pools, kept_g)
        pools.sum(0.0) do |pool|
          grams = [pool.spare_g(kept_g), pool.layer.free_g, lacking_g].min
          next 0.0 unless grams.positive?

          pool.layer.give(grams)
          @layer.condense(grams)
          lacking_g -= grams
          grams * WATER_J_G_K * (pool.temp_c - to_c)
        end
      end
    end
  end
end
