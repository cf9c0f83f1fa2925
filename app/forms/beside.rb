# frozen_string_literal: true

require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/measure/unit_table"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/methods/request/request"
require_relative "../../lib/fond_kettle/dishes/text/quick_text"
require_relative "../../lib/fond_kettle/dishes/text/written"

module FondKettle
  module Forms
    # Food that goes into the pot beside plain rice. Each line is written like a line of a dish ("400 g
    # tomatoes", "1 onion, browned").
    class Beside
      MOST_LETTERS = 4000

      # The same text from the fields that addresses had before there were lines.
      def self.before_lines(grams, kind)
        "#{grams} g #{kind.to_s.tr('-', ' ')}" if grams.to_s != ""
      end

      # `text` as typed; `household` knows names and cups.
      def initialize(text, household)
        reader = Dishes::QuickText.new(names: household.names, cups: household.values(:cups))
        @read = reader.read(text.to_s[0, MOST_LETTERS])
      end

      # Lines that were understood (Dishes::Line).
      def lines
        @read.lines
      end

      # The Additions of a Methods::Request by a Methods::Method: liquids are poured with the
      # water, and only from a broth can anything be lifted out.
      def additions(method)
        lines.select(&:in_pot?).map do |line|
          Methods::Addition.of(line.ingredient, line.g, label: label(line), poured: line.poured?,
                                                        out: (line.out if method.broth), state: line.state)
        end.freeze
      end

      # The line as it was written, with its weight.
      def label(line)
        weighed = Measure::UnitTable.mass?(line.unit)
        if weighed
          Dishes::Written.plain(line)
        else
          "#{Dishes::Written.plain(line)} (#{Measure::Rounding.grams(line.g)} g)"
        end
      end

      # All of it, in the pot or not: cautions and allergens count.
      def company
        lines.map(&:ingredient).freeze
      end

      # The reason why no plan can be made, as a sentence, or nil.
      def problem
        return "must have at most #{Limits::ADDITIONS} lines" if lines.size > Limits::ADDITIONS

        heavy = lines.find { |line| line.g && !Limits::ADDITION_G.cover?(line.g) }
        "must be at most #{Limits::ADDITION_G.max / 1000} kg each: #{heavy.name}" if heavy
      end

      # Sentences on lines that are not counted yet, and how to write them so that they are.
      def asked
        rice = ["Rice is given above; the line of rice is not counted."] if @read.rice
        [*rice, *@read.questions.group_by(&:text).map do |text, questions|
          "Not counted yet, “#{text}”: #{questions.map(&:ask).join(' ')}"
        end]
      end
    end
  end
end
