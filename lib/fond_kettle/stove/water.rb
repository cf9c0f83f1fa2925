# frozen_string_literal: true

module FondKettle
  module Stove
    # What was poured and what got away, as the cook told it: for a Cook.
    module Water
      # How long a lid was off where nobody said, s.
      UNSAID_S = 30.0

      # How long a lid was lifted, s, by what was noted of it.
      def self.seconds(what)
        Float(what, exception: false) || UNSAID_S
      end

      # What was poured at first, g: as told, else as planned.
      def poured_g
        poured = last_told("poured")
        poured ? Float(poured.what) : plan[:liquid][:g]
      end

      # Small later pours, g in all.
      def added_g
        told("added").sum { |event| Float(event.what) }
      end

      # What is kept hot to be sprinkled or not, g; nil where nothing was, or it went in.
      def held_g
        held = last_told("held")
        g = held && Float(held.what)
        g if g&.positive?
      end

      # How long the lid was off each time, in this task, s.
      def lifted_s
        this_task.select { |event| event.kind == "lifted" }.map { |event| Water.seconds(event.what) }
      end

      # How long it was off in all, s.
      def all_lifted_s
        told("lifted").sum { |event| Water.seconds(event.what) }
      end

      # When the look is due at which the water that was held back goes in or not (a Time), or
      # nil.
      def look_at
        minutes = plan.dig(:act, :look_min)
        held_g && minutes && heat_on_at && (heat_on_at + (minutes * 60) + drift_s)
      end

      private

      def told(kind)
        @events.select { |event| event.kind == kind }
      end

      def last_told(kind)
        @events.reverse.find { |event| event.kind == kind }
      end
    end
  end
end
