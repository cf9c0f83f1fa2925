# frozen_string_literal: true

require_relative "rice_clauses"

module FondKettle
  module Reading
    # What is cooked before the rice and then put aside, all of it, is cooked in a pan of its own where the
    # rice goes into a pot.
    class SetAside
      ALL = /\b(?:put|set|keep|leave|scrape)\s+(?:it|that|this|everything|all(?:\s+of\s+it)?)\s+
             (?:(?:to\s+)?one\s+side|aside|into\s+a\s+(?:small\s+)?(?:bowl|dish|saucer))\b/ix
      INTO_POT = /\b(?:in|into)\s+(?:the|a|your)\s+(?:[[:alpha:]]+\s+)?(?:pot|saucepan|cooker|casserole)\b/i
      RICE_OR_IT = /\b(?:rice|it|basmati|jasmine)\b/i
      # Clauses after what is cooked.
      SOON = 4

      # `clauses`: Clauses.
      def initialize(clauses)
        @says = clauses.map(&:say)
      end

      # True where what is cooked at a position is put aside before the rice goes into its pot.
      def at?(position)
        aside = (position..(position + SOON)).find { |at| @says[at]&.match?(ALL) }
        !aside.nil? && @says.drop(aside + 1).any? { |say| say.match?(INTO_POT) && say.match?(RICE_OR_IT) }
      end
    end
  end
end
