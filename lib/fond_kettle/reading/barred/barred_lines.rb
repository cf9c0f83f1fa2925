# frozen_string_literal: true

require_relative "../../dishes/text/quick_text"
require_relative "../../dishes/text/written"
require_relative "../../larder/names"

module FondKettle
  module Reading
    # Lines that a cook writes with bars, as a dish of schema 2 has them, and what is asked about them.
    class BarredLines
      UNKNOWN = "unknown"
      RAW = "raw"
      # What is no question of an amount: a word between bars that says nothing, shares of more than all.
      NO_AMOUNT = /\A(?:“|The shares)/

      # `rice`: [grain key, g] of a line that is the rice, or nil; `lines`: Dishes::Lines; `rows`: the cook's
      # words of each.
      attr_reader :rice, :lines, :rows

      # `text`: a line each; `names`: Larder::Names; `cups`: the house's own (Measure::Cup).
      def initialize(text, names: Larder::Names.ours, cups: [])
        @quick = Dishes::QuickText.new(names: names, cups: cups)
        @lines = []
        @rows = []
        @questions = []
        text.lines.map(&:strip).reject(&:empty?).each { |row| read(row) }
      end

      # The id of the line of an index.
      def id(index)
        "l#{index + 1}"
      end

      # Hashes of schema 2.
      def all
        @lines.each_index.map { |index| line(index) }
      end

      # Questions about amounts, hashes of `asked`.
      def asked
        @questions.reject { |_, one| one.ask.match?(NO_AMOUNT) }.map do |index, one|
          { "of" => id(index), "field" => "g", "question" => one.ask, "guess" => @lines[index].g }.compact
        end
      end

      # Remarks about them, hashes of `remarks`.
      def remarks
        @questions.select { |_, one| one.ask.match?(NO_AMOUNT) }
                  .map { |index, one| { "of" => id(index), "say" => one.ask } }
      end

      private

      def read(row)
        found = @quick.read(row)
        @rice ||= found.rice
        first = @lines.size
        @lines.concat(found.lines)
        words = row.split("|").first.to_s.strip
        @rows.concat(found.lines.map { |line| found.lines.one? ? words : Dishes::Written.plain(line) })
        @questions.concat(found.questions.first(1).map { |one| [first, one] }) if found.lines.any?
      end

      def line(index)
        line = @lines[index]
        food = line.ingredient
        { "id" => id(index), "text" => @rows[index], "food" => line.name,
          "ingredient" => (food.key unless food.key == UNKNOWN), **amount(line), **said(line),
          "unknown" => food.key == UNKNOWN, "not_checked" => (true if food.unchecked),
          "allergens" => food.allergens, "care" => food.care }.compact
      end

      def amount(line)
        { "amount" => line.amount, "unit" => (line.unit if line.amount), "g" => line.g&.round(3) }
      end

      def said(line)
        { "state" => (line.state unless line.state == RAW), "note" => (line.note unless line.note.empty?),
          "scales" => (line.scales unless line.scales == line.ingredient.scales),
          "optional" => (true if line.optional), "instead_of" => line.instead_of }
      end
    end
  end
end
