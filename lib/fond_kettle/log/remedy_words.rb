# frozen_string_literal: true

require_relative "pot_at_hand"

module FondKettle
  module Log
    # A part of the way out of a wrong pot, in words for the vessel that its rice is in.
    class RemedyWords
      LOST = "It has drunk more than rice can hold, or its floor is burnt through: that cannot be " \
             "undone. Do not scrape; move what is good to a clean pot."

      # `hand`: PotAtHand.
      def initialize(hand)
        @load = hand.pot.load
        @on_ring = hand.pot.setting.burner.kind.on_ring
        @in_oven = hand.so_far.last&.oven_c
      end

      # Words of PotAtHand::Done.
      def say(done)
        measured = @load.stack ? ", and measure what went in raw" : ""
        "#{opened}#{water(done.g)}#{closed(done)}, #{minutes(done)}; then look and bite#{measured}."
      end

      private

      def minutes(done)
        done.minutes == 1 ? "1 minute" : "#{done.minutes} minutes"
      end

      def opened
        @load.stack ? "Open it away from you; do not stir, the layers cannot be put back. " : ""
      end

      def water(liquid_g)
        return "" if liquid_g.zero?
        return "Tip off about #{liquid_g.abs.round} g, the steam away from you. " if liquid_g.negative?

        turned = @load.steamed? ? " and turn it with a wet paddle" : ""
        "Sprinkle #{liquid_g.round} g of hot water over the rice#{turned}. "
      end

      def closed(done)
        return "Close it, the water below at a hard boil" if @load.steamed?

        "#{done.lid ? 'Lid on' : 'Lid off'}, #{heat(done)}"
      end

      def heat(done)
        return "start the cooker again" unless @on_ring || @in_oven
        return "off the heat" if done.heat == "off"

        "#{done.heat} heat#{' on the ring' if @in_oven}"
      end
    end
  end
end
