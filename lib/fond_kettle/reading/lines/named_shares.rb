# frozen_string_literal: true

require_relative "../words/said_share"
require_relative "../words/word_patterns"
require_relative "part_amount"

module FondKettle
  module Reading
    # How much of a line a text says where it names it: half of it, one of them, so many spoons of it.
    class NamedShares
      # `lines`: ReadLines; the block tells the words by which a line (its index) is named.
      def initialize(lines, &words)
        @lines = lines
        @words = words
        @patterns = WordPatterns.new
      end

      # The share (0.5, "rest") that stands before one of the names of a line (its index), or nil.
      def of(index, text)
        found = heads(index, text).lazy.filter_map { |head| before(head, index, text) }.first
        found unless found == PartAmount::ALL
      end

      # True where a text says all of a line by a measure.
      def all?(index, text)
        heads(index, text).any? do |head|
          PartAmount.all?(@lines[index], text[0...head].split(/[,;]/).last.to_s)
        end
      end

      private

      # The share of a line that stands before one of its names (`head`: where that begins), or nil.
      def before(head, index, text)
        before = text[0...head].split(/[,;:]|\b(?:and|with)\b/).last.to_s
        line = @lines[index]
        PartAmount.share(line, before) || PartAmount.of_count(line, before) ||
          PartAmount.of_one(line, before, text) || SaidShare.before(before)
      end

      # Where a line's names begin in a text.
      def heads(index, text)
        @words.call(index).flat_map do |word|
          text.to_enum(:scan, @patterns.of(word, WordPatterns::STARTS)).map { Regexp.last_match.begin(0) }
        end.sort
      end
    end
  end
end
