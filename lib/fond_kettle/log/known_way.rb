# frozen_string_literal: true

require_relative "../care/signs"
require_relative "pot_at_hand"
require_relative "remedy_part"
require_relative "remedy_words"

module FondKettle
  module Log
    # The way out that every cook knows (data/signs.yml), of a pot that no model explains, or that nothing
    # which was tried puts right: what the cook sees counts for more.
    class KnownWay
      BOILED_ON_MIN = 2

      # `hand`: PotAtHand.
      def initialize(hand)
        @hand = hand
        @load = hand.pot.load
      end

      # The RemedyPart, nil where a cook would call it right.
      def part
        return boiled_on if @hand.in_plenty?
        return unless row

        add_g = row[:water_share] * @load.rice_g
        RemedyPart.new(say: say, add_g: add_g, tip_off_g: spread? ? loose_g : 0.0, heat: heat, lid: !wet?,
                       minutes: row[:minutes], look: !spread?)
      end

      private

      # In plenty of water it boils on, a little at a time; with a pin of white it is drained.
      def boiled_on
        return if @hand.nearly?

        done = PotAtHand.boiled_on(BOILED_ON_MIN)
        RemedyPart.new(say: RemedyWords.new(@hand).say(done), add_g: 0.0, tip_off_g: 0.0, heat: done.heat,
                       lid: done.lid, minutes: done.minutes, look: true)
      end

      # Spread thin and fanned, steamed rice loses what shines on it.
      def loose_g
        @hand.mean { |run| run.free_g - @load.residue_g }.clamp(0.0, nil)
      end

      def say
        words = row.fetch(@load.lies_in)
        spread? || words.match?(/bite again/i) ? words : "#{words} Then look and bite."
      end

      def row
        @row ||= @hand.sign && Care::Signs.all.fetch(@hand.sign).otherwise
      end

      def wet?
        @hand.sign == "wet"
      end

      # Steamed rice that is wet is taken off and spread.
      def spread?
        wet? && @load.steamed?
      end

      def heat
        return "off" if spread?

        @load.steamed? ? "high" : "low"
      end
    end
  end
end
