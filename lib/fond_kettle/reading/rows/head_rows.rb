# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../../methods/library"

module FondKettle
  module Reading
    # Rows of a text that say something of the whole dish by its name: "Way: oven pilaf", "Pot: 24 cm",
    # "Note: taste it first".
    class HeadRows
      WAY = /\A(?:way|cooked\s+like)\s*:\s*(?<said>.+)\z/i
      POT = /\Apot\s*:\s*(?<number>\d{1,4}(?:[.,]\d)?)\s*(?<unit>mm|cm)\b/i
      NOTE = /\Anotes?\s*:\s*(?<said>.+)\z/i
      ALL = [WAY, POT, NOTE].freeze

      # The rows that are none of these, and the texts of notes.
      attr_reader :rest, :notes

      # `text`: as the cook wrote it; `library`: the methods by their keys.
      def initialize(text, library: Methods::Library.ours)
        head, @rest = text.lines.map(&:strip).partition { |row| ALL.any? { |one| row.match?(one) } }
        @head = head
        @library = library
        @notes = said(NOTE)
      end

      # The key of the method that is named, by its key or its name; nil: none.
      def method
        words = plain(said(WAY).first.to_s)
        @library.all.find { |key, one| [key.tr("-", " "), one.name.downcase].include?(words) }&.first
      end

      # How wide the rice's pot is, mm, or nil.
      def pan_mm
        found = @head.filter_map { |row| POT.match(row) }.first
        found && (found[:number].tr(",", ".").to_f * (found[:unit].casecmp?("cm") ? 10 : 1))
      end

      # The rows for these, as they are read; each nil or empty: not said.
      def self.write(method: nil, pan_mm: nil, note: nil)
        [method && "Way: #{method.tr('-', ' ')}", pan_mm && "Pot: #{Measure::Rounding.plain(pan_mm.to_f)} mm",
         ("Note: #{note.split.join(' ')}" unless note.to_s.strip.empty?)].compact
      end

      private

      def said(row)
        @head.filter_map { |one| row.match(one)&.[](:said) }
      end

      def plain(words)
        words.downcase.tr("-", " ").strip.delete_suffix(".")
      end
    end
  end
end
