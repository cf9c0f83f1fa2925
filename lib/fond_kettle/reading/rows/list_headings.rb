# frozen_string_literal: true

require_relative "row_words"

module FondKettle
  module Reading
    # Rows of a list that only name a part of the dish: "Fish", "Rice", "Top", each above its own things.
    module ListHeadings
      HEADING = /\A[[:upper:]][[:alpha:]]+(?:\s[[:alpha:]]+){0,2}\z/
      # So many of them make a list of parts.
      FEW = 2
      BULLET = /\A[-*•–]\s+/

      module_function

      # Those of all rows (empty ones among them).
      def of(all)
        found = all.each_cons(3).filter_map do |before, row, following|
          row if before.empty? && row.match?(HEADING) && RowWords.amount?(following.sub(BULLET, ""))
        end
        found.size < FEW ? [] : found
      end
    end
  end
end
