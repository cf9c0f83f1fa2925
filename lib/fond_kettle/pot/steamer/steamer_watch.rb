# frozen_string_literal: true

require_relative "../sightings"

module FondKettle
  module Pot
    # Looks at a SteamerPot after every step and notes when something can first be seen. It
    # changes nothing. To Cooking it is what a Watch is.
    class SteamerWatch
      include Sightings

      # Rice in a steamer lies on no floor that burns.
      NOT_BURNT = 0.0

      # `pot`: SteamerPot.
      def initialize(pot)
        @pot = pot
        @beds = pot.column.beds
        @seen = {}
      end

      # The same as for the class.
      def burnt
        NOT_BURNT
      end

      # Looks after a step that ended at minute `min`.
      def look(min, used, _temp_c, stage)
        see("boil", min - used, !stage.off?)
        see("first-steam", min, @pot.hot?)
        see("core-gone", min, @beds.all? { |bed| bed.core <= CORE_LEFT })
      end

      # Does nothing: it is turned each time it is sprinkled.
      def stirred; end

      # Does nothing: no liquid stands over it.
      def craters(_min); end
    end
  end
end
