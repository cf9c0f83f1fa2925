# frozen_string_literal: true

require_relative "../../dishes/text/line_tags"
require_relative "../../measure/rounding"
require_relative "../barred/barred_steps"
require_relative "head_rows"
require_relative "../words/amount_forms"
require_relative "row_headings"
require_relative "../words/verbs"

module FondKettle
  module Reading
    # A text in which what goes in, and what is done, have words between bars: "2 onions | base | browned",
    # "Brown the onions | fry | 12 min". What goes in comes first.
    class BarredText
      BAR = "|"
      # What stands over a part of a page.
      HEADING = RowHeadings::PAGE_PART

      # `rows`: the rows of a text below its title and head.
      def initialize(rows)
        @rows = rows.reject { |row| row.empty? || row.match?(HEADING) }
      end

      # True where a bar says what only bars say.
      def barred?
        @rows.any? { |row| row.include?(BAR) && (BarredSteps.step?(row) || tags?(row)) }
      end

      # Rows that say what goes in.
      def lines
        @rows.first(begun).join("\n")
      end

      # Rows that say what is done.
      def steps
        @rows.drop(begun).join("\n")
      end

      # The text of a dish: `rows` of its head, lines and steps as they are written.
      def self.write(rows, lines, steps)
        [rows.join("\n"), lines, steps].map(&:strip).reject(&:empty?).join("\n\n")
      end

      # The same, of its `head` as a BarredDish has it, and its note.
      def self.of(head, note, lines, steps)
        rice = "#{plain(head[:rice_g])} g #{head[:grain].tr('-', ' ')} rice"
        rows = [head[:title], "Serves #{plain(head[:serves])}", rice,
                *HeadRows.write(method: head[:method], pan_mm: head[:pan_mm], note: note)]
        write(rows, lines, steps)
      end

      # Whole numbers without their point.
      def self.plain(number)
        Measure::Rounding.plain(number, 3)
      end
      private_class_method :plain

      private

      # Index of the first row that says what is done.
      def begun
        @begun ||= @rows.index { |row| step?(row) } || @rows.size
      end

      def step?(row)
        return true if BarredSteps.heading?(row) || BarredSteps.step?(row)
        return false if row.match?(AmountForms::BEGINS) || tags?(row)

        row.include?(BAR) || Verbs.found(row).first&.from&.zero?
      end

      # True where all between the bars is said of a thing.
      def tags?(row)
        _, *words = row.split(BAR).map(&:strip)
        words.any? && Dishes::LineTags.read(words).unknown.empty?
      end
    end
  end
end
