# frozen_string_literal: true

require_relative "../ground/value"
require_relative "keeping"
require_relative "reheating"

module FondKettle
  module Care
    # Something that was cooked and is kept: so many `portions` of `g_each`, as deep as in Kept, since
    # `made_at` (a Time, when it came off the heat), now in its `place`. It went into the cold at `moved_at`
    # (nil: it still cools), into `cooled_in` (a place, nil: where it is), where it is so cold (`place_c`,
    # °C, nil: as it usually is); `below_60_min` as of Kept; `thawed_at`: since when it is out of the freezer
    # (nil: it never was in).
    PutAway = Value.define(:portions, :g_each, :depth_mm, :vessel, :start_c, :below_60_min, :made_at,
                           :moved_at, :place,
                           :place_c, :cooled_in, :thawed_at) do
      const_set(:PLACES, %w[cooling fridge freezer].freeze)
      const_set(:COLD, %w[fridge freezer].freeze)
      const_set(:FREEZER, "freezer")
      const_set(:KITCHEN_C, 20.0)
      const_set(:PLACE_C, { "cooling" => 4.0, "fridge" => 4.0, "freezer" => -18.0 }.freeze)
      # So long before it has to be eaten it is told first, s.
      const_set(:SOON_S, 6 * 3600)
      # How near the last moment to move it is found, minutes, and the latest that is looked at.
      const_set(:STEP_MIN, 5)
      const_set(:LATEST_MIN, FondKettle::Care::Keeping::MOST_TO_MIDDLE_MIN.to_i)

      # All of it, g.
      def g
        portions * g_each
      end

      # Keeping of it, moved so many minutes after it was made.
      def keeping(moved_after_min)
        FondKettle::Care::Keeping.new(
          FondKettle::Care::Kept.new(g: g, depth_mm: depth_mm, vessel: vessel, start_c: start_c,
                                     below_60_min: below_60_min, place_c: self.class::KITCHEN_C,
                                     then_c: place_c || self.class::PLACE_C.fetch(cooled_in || place),
                                     moved_after_min: moved_after_min)
        )
      end

      # Keeping as it really went: as if it was moved `now` where it was not yet.
      def really(now)
        keeping(((moved_at || now) - made_at) / 60.0)
      end

      # The present temperature, in °C.
      def temp_c(now)
        really(now).after((now - made_at) / 60.0)
      end

      # The last moment (Time) at which it may be moved so that it is cold soon enough; nil: none, it
      # lies too deep.
      def move_by
        latest = (0..self.class::LATEST_MIN).step(self.class::STEP_MIN).select do |min|
          keeping(min).safe?
        end.max
        latest && (made_at + (latest * 60))
      end

      # Was it, or can it still be, cold soon enough?
      def safe?(now)
        really(now).safe?
      end

      # Time until which it has to be eaten; nil when it must not be.
      def use_by(now)
        return unless safe?(now)

        (thawed_at || made_at) + (use_within_h * 3600)
      end

      # Hours that it keeps where it is: the same day in a refrigerator that is too warm.
      def use_within_h
        keeping = FondKettle::Care::Keeping
        return keeping::FREEZER_DAYS * 24 if frozen?

        too_warm = place_c && place_c > keeping::COLD_C && cooled_in != self.class::FREEZER
        too_warm ? keeping::SAME_DAY_H : keeping::USE_WITHIN_H
      end

      # True when it needs attention before anything else: it is cooling, its time is near, or its time is
      # over.
      def due?(now)
        place == "cooling" || !safe?(now) || use_by(now) - now < self.class::SOON_S
      end

      # True when it must be thrown away.
      def past?(now)
        !safe?(now) || use_by(now) <= now
      end

      # True for frozen food.
      def frozen?
        place == self.class::FREEZER
      end

      # The places it may be moved to now; thawed food is not frozen again.
      def places
        self.class::COLD - [place, *(self.class::FREEZER if thawed_at)]
      end

      # Minutes to reheat so many portions, by way (Reheating).
      def reheat_min(count)
        FondKettle::Care::Reheating.minutes(count * g_each, depth_mm, frozen: frozen?)
      end
    end
  end
end
