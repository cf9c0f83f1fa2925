# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../measure/rounding"
require_relative "../pot/cooling"

module FondKettle
  module Care
    # Cooked rice, or what was made of it, that is put away.
    #   g, depth_mm    how much, and how deep it lies
    #   vessel         a key of Pot::Cooling::SURFACES
    #   start_c        as it comes off the heat; `place_c` round it, and `then_c` round it after
    #                  `moved_after_min`
    Kept = Value.define(:g, :depth_mm, :vessel, :start_c, :place_c, :then_c, :moved_after_min)

    # How it cools, and whether that is safe (figures: Keep). Minutes are from the start; nil: never.
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
      # Reheated once, right through, °C.
      REHEAT_C = 74.0
      # What is tried where it is not safe: depths in mm, and when it is moved, min.
      SHALLOWER_MM = [40.0, 25.0, 20.0, 15.0, 10.0].freeze
      SOONER_MIN = [60.0, 30.0, 15.0, 0.0].freeze
      SPREAD = "tray"
      # A tray, cm2.
      TRAY_CM2 = 30 * 40

      # Of Kept.
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

      # Is it cold soon enough?
      def safe?
        hot, middle, cold = [HOT_C, MIDDLE_C, COLD_C].map { |to_c| min_to(to_c) }
        return false if [hot, middle, cold].any?(&:nil?)

        middle - hot <= MOST_TO_MIDDLE_MIN && cold - middle <= MOST_TO_COLD_MIN
      end

      # Is it put into a freezer?
      def frozen?
        kept.then_c <= FREEZER_C
      end

      # Hours from the start until it has to be eaten; 0 where it was not cold soon enough.
      def use_within_h
        return 0 unless safe?

        frozen? ? FREEZER_DAYS * 24 : USE_WITHIN_H
      end

      # The nearest way to keep it that is safe (Kept), tried; nil where there is none, or it is safe.
      def better
        return if safe?

        ways = sooner.product([kept.depth_mm, *shallower]).map do |moved_min, mm|
          kept.with(moved_after_min: moved_min, depth_mm: mm,
                    vessel: mm == kept.depth_mm ? kept.vessel : SPREAD)
        end
        ways.reject { |way| way == kept }.find { |way| Keeping.new(way).safe? }
      end

      # In words.
      def say
        times = { HOT_C => "60", MIDDLE_C => "21", COLD_C => "5" }.map do |to_c, word|
          min = min_to(to_c)
          min ? "#{word} °C after #{Measure::Rounding.duration(min)}" : "never #{word} °C"
        end.join(", ")
        "#{times}. #{safe? ? keeps : too_slow}"
      end

      private

      def shallower
        SHALLOWER_MM.select { |mm| mm < kept.depth_mm }
      end

      def sooner
        [kept.moved_after_min, *SOONER_MIN.select { |min| min < kept.moved_after_min }]
      end

      def keeps
        once = "reheat it once, to #{REHEAT_C.round} °C"
        return "Cold soon enough. Frozen flat it keeps for #{FREEZER_DAYS} days; #{once}." if frozen?

        "Cold soon enough. Use it within #{USE_WITHIN_H} h and #{once}."
      end

      def too_slow
        way = better
        return "Too slow to be safe: what stood like that is thrown away. #{NO_WAY}" unless way

        "Too slow to be safe: what stood like that is thrown away. #{told(way)} Then it is cold soon enough."
      end

      NO_WAY = "It has to stand colder than 5 °C in the end."
      private_constant :NO_WAY

      def told(way)
        mm = way.depth_mm
        spread = "spread it #{mm.round} mm deep (#{trays(way)})" unless mm == kept.depth_mm
        moved = moved(way) unless way.moved_after_min == kept.moved_after_min
        "#{[*spread, *moved].join(' and ').sub(/\A./, &:upcase)}."
      end

      def trays(way)
        count = (kept.g / Pot::Cooling::G_ML / (way.depth_mm / 10) / TRAY_CM2).ceil
        count == 1 ? "one tray of 30 by 40 cm" : "#{count} trays of 30 by 40 cm"
      end

      def moved(way)
        return "move it to #{kept.then_c.round} °C at once" if way.moved_after_min.zero?

        "move it to #{kept.then_c.round} °C after #{way.moved_after_min.round} min"
      end
    end
  end
end
