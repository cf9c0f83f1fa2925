# frozen_string_literal: true

require_relative "run"
require_relative "steamer_pot"

module FondKettle
  module Pot
    # Looks at a SteamerPot after every step and notes when something can first be seen. It
    # changes nothing. To Cooking it is what a Watch is.
    class SteamerWatch
      # Rice in a steamer lies on no floor that burns.
      NOT_BURNT = 0.0

      # `pot`: SteamerPot.
      def initialize(pot)
        @pot = pot
        @beds = pot.column.beds
        @seen = {}
      end

      # As for the class.
      def burnt
        NOT_BURNT
      end

      # After a step that ended at minute `min`.
      def look(min, used, _temp_c, stage)
        see("boil", min - used, !stage.off?)
        see("first-steam", min, @pot.hot?)
        see("core-gone", min, @beds.all? { |bed| bed.core <= SteamerPot::CORE_LEFT })
      end

      # It is turned each time it is sprinkled.
      def stirred; end

      # No liquid stands over it.
      def craters(_min); end

      # Cue values in the order in which they came.
      def cues
        @seen.map { |cue, at_min| Cue.new(cue: cue, at_min: at_min) }.sort_by(&:at_min).freeze
      end

      private

      # The first time that something is so.
      def see(cue, min, is_so)
        @seen[cue] ||= min if is_so
      end
    end
  end
end
