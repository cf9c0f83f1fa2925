# frozen_string_literal: true

require_relative "../measure/rounding"
require_relative "../pot/heat/cooling"
require_relative "keeping"

module FondKettle
  module Care
    # What a cook reads of Keeping.
    class KeepingText
      # A tray, cm2.
      TRAY_CM2 = 30 * 40
      COLDER = "It has to stand colder than 5 °C in the end."
      UNKNOWN_SINCE = "It is neither hot nor cold, and nobody knows since when it is below 60 °C: it is " \
                      "not safe to keep. Say how many minutes it has been below 60 °C, or throw it away."
      NOT_HEATED = "Where food is kept hot nothing gets hot: reheat it to 74 °C first, right through."
      private_constant :TRAY_CM2, :COLDER, :UNKNOWN_SINCE, :NOT_HEATED

      # `keeping`: Keeping.
      def initialize(keeping)
        @keeping = keeping
      end

      # Sentences on its cooling, how long it keeps, and what to do when that is not safe.
      def to_s
        return UNKNOWN_SINCE if @keeping.unknown_since?
        return NOT_HEATED if @keeping.not_heated?

        [*hot, *times, @keeping.safe? ? keeps : too_slow].join(" ")
      end

      private

      def kept
        @keeping.kept
      end

      def times
        return stands_out if kept.start_c <= @keeping.cold_c

        above_c = [Keeping::HOT_C, Keeping::MIDDLE_C, @keeping.cold_c].uniq.reject { |c| kept.start_c <= c }
        "#{above_c.map { |to_c| reached(to_c) }.join(', ')}."
      end

      def reached(to_c)
        min = @keeping.min_to(to_c)
        word = Measure::Rounding.plain(to_c)
        min ? "#{word} °C after #{Measure::Rounding.duration(min)}" : "never #{word} °C"
      end

      def stands_out
        return "It is cold already." unless kept.moved_after_min.positive? && kept.place_c > @keeping.cold_c

        "It is cold, and stands out for #{Measure::Rounding.duration(kept.moved_after_min)}."
      end

      def hot
        return unless @keeping.kept_hot?

        "Kept hot at #{kept.place_c.round} °C it is safe, and good for " \
          "#{Measure::Rounding.duration(Keeping::HOT_MIN)}; " \
          "below 60 °C the clock runs."
      end

      def keeps
        soon = "Cold soon enough. " if kept.start_c > @keeping.cold_c
        "#{soon}#{until_when}, to #{Keeping::REHEAT_C.round} °C."
      end

      def until_when
        return "Frozen flat it keeps for #{Keeping::FREEZER_DAYS} days; reheat it once" if @keeping.frozen?
        return "#{same_day} and reheat it once" if kept.then_c > Keeping::COLD_C

        "Use it within #{Keeping::USE_WITHIN_H} h and reheat it once"
      end

      def same_day
        "A place at #{Measure::Rounding.plain(kept.then_c)} °C is warmer than 5 °C: use it the same day"
      end

      def too_slow
        way = @keeping.better
        return "Too slow to be safe: what stood like that is thrown away. #{no_way}" unless way

        "Too slow to be safe: what stood like that is thrown away. #{advice(way)} " \
          "Then it is cold soon enough."
      end

      def no_way
        kept.then_c > Keeping::COLD_C ? COLDER : ""
      end

      def advice(way)
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
