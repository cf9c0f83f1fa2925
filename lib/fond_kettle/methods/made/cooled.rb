# frozen_string_literal: true

require_relative "../../care/keeping"
require_relative "../../pot/heat/cooling"
require_relative "../request/making"

module FondKettle
  module Methods
    # The cooling of done rice to the temperature at which it is worked: how thin it is spread, whether it is
    # turned or fanned, when it is folded over (docs/model.md: Sushi rice).
    class Cooled
      # As it comes out of the pot, and as warm as a hand.
      FROM_C = 95.0
      HAND_C = 37.0
      # Below that it gets firm and no longer clings.
      WORKABLE_C = 28.0
      # It is folded over at so many even steps of temperature on the way.
      FOLDS = 4
      # No longer than that at room temperature, whatever dressing is on it (docs/model.md: Keep).
      MOST_MIN = Care::Keeping::MOST_TO_MIDDLE_MIN
      # A damp cloth keeps the air still, W/m2K.
      COVERED = 7.0

      # `cool`: a request's Cool (nil: turned and fanned), in a room at `room_c`, down to `to_c`.
      def initialize(cool, room_c, to_c = HAND_C)
        @cool = cool || Cool.of
        @room_c = room_c
        @to_c = to_c
      end

      # Cool, and how warm it is wanted, °C.
      attr_reader :cool, :to_c

      # Minutes until it is as warm as that, or as `to_c`.
      def minutes(to_c = @to_c)
        Pot::Cooling.minutes(tau_min, FROM_C, to_c, @room_c)
      end

      # Minutes from the start at which it is folded over, the last when it is as warm as wanted.
      def folds
        return [] unless @cool.turned

        step_c = (FROM_C - @to_c) / FOLDS
        (1..FOLDS).map { |number| Pot::Cooling.minutes(tau_min, FROM_C, FROM_C - (step_c * number), @room_c) }
      end

      # °C after so many minutes.
      def after(minutes)
        Pot::Cooling.after(tau_min, FROM_C, minutes, @room_c)
      end

      # Minutes for which it stays workable under a damp cloth: never longer than is safe.
      def workable_min
        tau = Pot::Cooling::HEAT_J_M3_K * @cool.depth_mm / 1000 / COVERED / 60
        [Pot::Cooling.minutes(tau, @to_c, WORKABLE_C, @room_c) || MOST_MIN, MOST_MIN].min
      end

      private

      def tau_min
        Pot::Cooling.spread_tau_min(@cool.depth_mm, turned: @cool.turned, fanned: @cool.fanned)
      end
    end
  end
end
