# frozen_string_literal: true

require_relative "../words/amount_forms"

module FondKettle
  module Reading
    # Rows of a text that somebody's program may have broken.
    module WrappedRows
      # Letters of such a row.
      LONG = 60
      # "another 3 onions" is a row of its own.
      FURTHER = /\Aanother\s+\d/
      # So is "sauce: 2 tbsp soy, …".
      LABELLED = /\A[[:alpha:]]+(?:\s[[:alpha:]]+)?:\s/
      ENDS = /[.!?:]\s*\z/

      module_function

      # Rows; a sentence that was broken at the end of a long row goes on.
      def joined(rows)
        return rows if rows.none? { |row| row.size >= LONG && row.match?(/\A[[:upper:]]/) }

        rows.slice_when { |before, row| before.empty? || row.empty? }.flat_map { |block| unbroken(block) }
      end

      # The rows of a block; in a list, what begins with an amount is a row of its own.
      def unbroken(block)
        width = block.map(&:size).max
        list = block.count { |row| row.match?(AmountForms::BEGINS) } * 2 > block.size
        block.each_cons(2).with_object([block.first.dup]) do |(before, row), done|
          own = list && row.match?(AmountForms::BEGINS)
          !own && broken?(before, row, width) ? done.last << " " << row : done << row.dup
        end
      end

      # True where the next row does not begin with a capital, and its first word had no room on the one
      # before in a block of so many letters (`width`).
      def broken?(before, row, width)
        before.size >= LONG && !before.match?(ENDS) && row.match?(/\A[[:lower:]]/) &&
          [FURTHER, LABELLED].none? { |words| row.match?(words) } && before.size + row[/\A\S+/].size >= width
      end
      private_class_method :unbroken, :broken?
    end
  end
end
