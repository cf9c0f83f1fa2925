# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../pot/heat/cooling"

module FondKettle
  module Care
    # Cooked rice, or what was made of it, that is put away.
    #   g, depth_mm    how much, and how deep it lies
    #   vessel         a key of Pot::Cooling::SURFACES
    #   start_c        as it comes off the heat, or as it is when it is told; `place_c` round it, and `then_c`
    #                  round it after `moved_after_min`
    #   below_60_min   minutes that it was below 60 °C before that; nil: nobody knows
    Kept = Value.define(:g, :depth_mm, :vessel, :start_c, :below_60_min, :place_c, :then_c, :moved_after_min)

    # The cooling of stored food, and whether that is safe (docs/model.md: Keep). Minutes count from the
    # start; nil means never.
    class Keeping
      # Cooked rice must not stay between these, °C …
      HOT_C = 60.0
      MIDDLE_C = 21.0
      COLD_C = 5.0
      # … longer than so many minutes from the first to the second (the two-hour rule), and on to the third.
      MOST_TO_MIDDLE_MIN = 120.0
      MOST_TO_COLD_MIN = 240.0
      # Then it keeps for so many hours in the refrigerator, and days in the freezer.
      USE_WITHIN_H = 24
      FREEZER_C = -15.0
      FREEZER_DAYS = 60
      # A refrigerator is no warmer than that, °C; in one above COLD_C it is used the same day.
      WARMEST_FRIDGE_C = 8.0
      SAME_DAY_H = 12
      # What stands colder than COLD_C is cold there; in any other place, this much above it, °C.
      ABOVE_PLACE_C = 1.0
      # Hot food keeps its texture for so long, minutes.
      HOT_MIN = 240.0
      # Reheated once, right through, °C.
      REHEAT_C = 74.0
      # What is tried where it is not safe: depths in mm, and when it is moved, min.
      SHALLOWER_MM = [40.0, 25.0, 20.0, 15.0, 10.0].freeze
      SOONER_MIN = [60.0, 30.0, 15.0, 0.0].freeze
      SPREAD = "tray"
      # `kept`: the food and its place (Kept).
      def initialize(kept)
        @kept = kept
        @tau_min = Pot::Cooling.kept_tau_min(kept.vessel, kept.depth_mm)
      end

      attr_reader :kept

      # Minutes until it is as cold as `to_c`, or nil.
      def min_to(to_c)
        here = Pot::Cooling.minutes(@tau_min, kept.start_c, to_c, kept.place_c)
        return here if here && here <= kept.moved_after_min

        later = Pot::Cooling.minutes(@tau_min, after(kept.moved_after_min), to_c, kept.then_c)
        later && (kept.moved_after_min + later)
      end

      # °C after so many minutes.
      def after(minutes)
        before_min = [minutes, kept.moved_after_min].min
        moved_c = Pot::Cooling.after(@tau_min, kept.start_c, before_min, kept.place_c)
        return moved_c if minutes <= kept.moved_after_min

        Pot::Cooling.after(@tau_min, moved_c, minutes - kept.moved_after_min, kept.then_c)
      end

      # Temperature that is cold enough in the final place, in °C; a refrigerator at 5 °C is cold enough.
      def cold_c
        [COLD_C, kept.then_c + ABOVE_PLACE_C].max
      end

      # True when the food is cold soon enough. Unknown times are unsafe; minutes below 60 °C before it was
      # recorded count, and so does standing of every kind.
      def safe?
        return false if unknown_since? || not_heated? || kept.then_c > WARMEST_FRIDGE_C

        warm, cooling = [[MIDDLE_C, HOT_C], [cold_c, MIDDLE_C]].map do |low_c, high_c|
          minutes_between(low_c, high_c)
        end
        return false if warm.nil? || cooling.nil?

        kept.below_60_min.to_f + warm <= MOST_TO_MIDDLE_MIN && cooling <= MOST_TO_COLD_MIN
      end

      # True for food that is neither hot nor cold, when nobody knows since when.
      def unknown_since?
        kept.below_60_min.nil? && kept.start_c > COLD_C && kept.start_c < HOT_C
      end

      # True for food in the hot place that is not hot.
      def not_heated?
        kept.place_c >= HOT_C && kept.start_c < HOT_C
      end

      # True for food that is kept hot first.
      def kept_hot?
        kept.place_c >= HOT_C && kept.start_c >= HOT_C
      end

      # True for food that goes into a freezer.
      def frozen?
        kept.then_c <= FREEZER_C
      end

      # Hours from the start until it has to be eaten; 0 where it was not cold soon enough.
      def use_within_h
        return 0 unless safe?

        return FREEZER_DAYS * 24 if frozen?

        kept.then_c > COLD_C ? SAME_DAY_H : USE_WITHIN_H
      end

      # The nearest way to keep it that is safe (Kept), tried; nil where there is none, or it is safe.
      def better
        return if safe? || unknown_since? || not_heated?

        ways = sooner.product([kept.depth_mm, *shallower]).map do |moved_min, mm|
          kept.with(moved_after_min: moved_min, depth_mm: mm,
                    vessel: mm == kept.depth_mm ? kept.vessel : SPREAD)
        end
        ways.reject { |way| way == kept }.find { |way| Keeping.new(way).safe? }
      end

      private

      # Minutes in which it is between two temperatures, before it is moved and after; nil: for good.
      def minutes_between(low_c, high_c)
        first = Pot::Cooling.minutes_between(@tau_min, kept.start_c, kept.moved_after_min, kept.place_c,
                                             low_c, high_c)
        then_min = Pot::Cooling.minutes_between(@tau_min, after(kept.moved_after_min), nil, kept.then_c,
                                                low_c, high_c)
        then_min && (first + then_min)
      end

      def shallower
        SHALLOWER_MM.select { |mm| mm < kept.depth_mm }
      end

      def sooner
        [kept.moved_after_min, *SOONER_MIN.select { |min| min < kept.moved_after_min }]
      end
    end
  end
end
