# frozen_string_literal: true

require "set"
require_relative "../../measure/numeral"
require_relative "../lines/named_lines"
require_relative "../rows/part_labels"

module FondKettle
  module Reading
    # Clauses that only tell what there is, before anything is cooked: "A tin of pigeon peas. One onion, two
    # cloves of garlic." What they name goes in where it is named again.
    class RecitedClauses
      AMOUNT = /\A\W*(?:an?\s|half\s|\d|[½¼¾]|#{Measure::Numeral::WORD}\s)/i

      # What is put somewhere, or is made ready already.
      PUT = /\b(?:in|into|on|onto|to|too|soaked|over)\b/i

      # "Rice (1.5 cups jasmine). Soak half an hour": what is done next is done with it.
      RICE = /\A\W*(?:rice\s*\(
              |(?:an?|half|\d|[½¼¾]|#{Measure::Numeral::WORD})[^,.;]*\b(?:rice|basmati|jasmine)\b)
              [^,;]*\z/ix
      WASHES = %w[rinse soak].freeze

      # `clauses`: Clauses; `lines`: ReadLines.
      def initialize(clauses, lines)
        @clauses = clauses
        @lines = lines
        @recited = clauses.each_index.select do |at|
          rice?(at) || (recites?(clauses[at]) && before_fire?(at) && named_again?(at))
        end.to_set
      end

      # True for the clause at a position that is no more than the rice, which is washed or soaked next.
      def rice?(position)
        clause = @clauses[position]
        clause.verb.nil? && clause.minutes.nil? && clause.say.match?(RICE) &&
          WASHES.include?(@clauses[position + 1]&.kind) && lines_of(@clauses[position + 1]).empty?
      end

      # True for the clause at a position.
      def at?(position)
        @recited.include?(position)
      end

      # ReadLines: those that are recited are listed, as it were.
      def listed
        return @lines if @recited.empty?

        told = @recited.flat_map { |at| lines_of(@clauses[at]) }
        @lines.map.with_index { |line, index| told.include?(index) ? line.with(spoken: false) : line }
      end

      private

      def recites?(clause)
        return false unless [clause.verb, clause.minutes, clause.until].none?

        clause.say.sub(PartLabels::NAMED, "").match?(AMOUNT) && !clause.say.match?(PUT)
      end

      # True where it stands in a sentence of its own, and no verb but those that make ready stands before.
      def before_fire?(at)
        @clauses.none? { |one| one.sentence == @clauses[at].sentence && one.verb } &&
          @clauses.first(at).all? { |one| one.verb.nil? || one.verb.apart }
      end

      def named_again?(at)
        lines = lines_of(@clauses[at])
        later = @clauses.drop(at + 1).flat_map { |one| named.in(one.say, [], lines).map(&:index) }
        lines.any? && (lines - later).empty?
      end

      def lines_of(clause)
        named.in(clause.say).map(&:index)
      end

      # Made only where something is recited.
      def named
        @named ||= NamedLines.new(@lines)
      end
    end
  end
end
