# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../pot/fit"

module FondKettle
  module Methods
    # When a steamer is opened, minutes after it was first set on, and g of boiling water that its pot is
    # topped up with then.
    TopUp = Value.define(:at_min, :g)

    # The water under a steamer (docs/model.md: Steaming sticky rice): what goes in first, and what at which
    # opening, so that there is always some left.
    class WaterBelow
      # So much is always left, g.
      NEVER_DRY_G = 300.0
      # Of the pot under it, what water may fill: it must not boil up into the rice.
      FULL = Pot::Fitting::BOIL_SHARE
      # What opening it has to say of it.
      LOOK = ". Look at the water below"
      FILL_UP = ". Top up the water below with what boils, down the side, away from you"
      # Less than that is lost in what clings to a jug, g.
      LEAST_G = 1.0

      # The most water that a pot (Kit::Vessel) may hold under a steamer, in g.
      def self.most_g(vessel)
        FULL * vessel.volume_ml
      end

      # The water as a text, with a TopUp or none.
      def self.say(top_up)
        top_up ? FILL_UP : LOOK
      end

      # Steam of `g_min` for `minutes` in all, opened at `openings` (minutes, from the first on); a pot that
      # may hold `most_g`.
      def initialize(g_min:, minutes:, openings:, most_g:)
        @g_min = g_min
        @minutes = minutes
        @openings = openings
        @most_g = most_g
      end

      # All that it takes, and what is left, g.
      def needed_g
        (@g_min * @minutes) + NEVER_DRY_G
      end

      # The water that goes in first, in g: no more than the pot may hold.
      def first_g
        [needed_g, @most_g].min
      end

      # Minutes after which it must have been topped up; nil: never.
      def top_up_min
        lasts(first_g) if needed_g > first_g + LEAST_G
      end

      # TopUps, each at the last opening before it is needed and as much as the pot may hold then.
      def top_ups
        @top_ups ||= filled_up
      end

      # The first minute at which there is less than must be left, although it is topped up whenever it is
      # opened; nil: there is always enough.
      def short_min
        from = [0.0, *top_ups.map(&:at_min)]
        added_g = [first_g, *top_ups.map(&:g)]
        from.each_index do |i|
          gone_min = lasts(added_g.take(i + 1).sum)
          return gone_min if gone_min < [*from, @minutes][i + 1] - (LEAST_G / @g_min)
        end
        nil
      end

      private

      def filled_up
        left_g = first_g
        before_min = 0.0
        @openings.zip([*@openings.drop(1), @minutes]).filter_map do |at_min, next_min|
          left_g = [left_g - (@g_min * (at_min - before_min)), 0.0].max
          before_min = at_min
          next if lasts(left_g) >= next_min - at_min

          more_g = [@most_g, needed_g - (@g_min * at_min)].min - left_g
          left_g += more_g
          TopUp.new(at_min: at_min, g: more_g) if more_g > LEAST_G
        end
      end

      # For how many minutes so much steams, g.
      def lasts(grams)
        (grams - NEVER_DRY_G) / @g_min
      end
    end
  end
end
