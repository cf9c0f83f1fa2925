# frozen_string_literal: true

module FondKettle
  module Stove
    # The water that was poured and that escaped, as the cook reported it. Only a Cook includes it.
    module Water
      # How long a lid was off where nobody said, s.
      UNSAID_S = 30.0

      # Seconds for which a lid was lifted, by the note of it.
      def self.seconds(what)
        Float(what, exception: false) || UNSAID_S
      end

      # Amount that was poured at first, in g: as reported, or as planned.
      def poured_g
        poured = last_told("poured")
        poured ? Float(poured.what) : plan[:liquid][:g]
      end

      # Small later pours, and what ways out have added or tipped off, g in all.
      def added_g
        events_of("added").sum { |event| Float(event.what) } +
          parts_done.sum { |_, part| part[:add_g] - part[:off_g] }
      end

      # Amount that is kept hot for sprinkling, in g; nil when there was none, or it went in.
      def held_g
        held = last_told("held")
        g = held && Float(held.what)
        g if g&.positive?
      end

      # Times for which the lid was off in this task, in s.
      def lifted_s
        this_task.select { |event| event.kind == "lifted" }.map { |event| Water.seconds(event.what) }
      end

      # Time for which it was off in all, in s.
      def all_lifted_s
        events_of("lifted").sum { |event| Water.seconds(event.what) }
      end

      # Time of the look at which the water that was held back goes in or not, or nil.
      def look_at
        minutes = plan.dig(:act, :look_min)
        held_g && minutes && heat_on_at && (heat_on_at + (minutes * 60) + drift_s)
      end

      private

      def events_of(kind)
        @events.select { |event| event.kind == kind }
      end

      def last_told(kind)
        @events.reverse.find { |event| event.kind == kind }
      end
    end
  end
end
