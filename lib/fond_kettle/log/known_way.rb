# frozen_string_literal: true

require_relative "../care/signs"
require_relative "remedy_part"

module FondKettle
  module Log
    # The way out that every cook knows (data/signs.yml), of a pot that no model explains, or that nothing
    # which was tried puts right: what the cook sees counts for more.
    class KnownWay
      # `hand`: PotAtHand.
      def initialize(hand)
        @hand = hand
        @load = hand.pot.load
      end

      # The RemedyPart, nil where a cook would call it right.
      def part
        return unless row

        add_g = row[:water_share] * @load.rice_g
        RemedyPart.new(say: say, add_g: add_g, tip_off_g: 0.0, heat: heat, lid: !wet?,
                       minutes: spread? ? 0 : row[:minutes], look: !spread?)
      end

      private

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
