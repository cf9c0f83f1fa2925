# frozen_string_literal: true

require_relative "method_blocks"
require_relative "row_words"

module FondKettle
  module Reading
    # Rows of a list that only name a part of the dish: "Fish", "Rice", "Top", each above its own things.
    module ListHeadings
      HEADING = /\A[[:upper:]][[:alpha:]]+(?:\s[[:alpha:]]+){0,2}\z/
      # So many of them make a list of parts.
      FEW = 2

      module_function

      # Those of all rows (empty ones among them).
      def of(all)
        found = all.each_cons(3).filter_map do |before, row, following|
          bare = following.sub(MethodBlocks::BULLET, "")
          row if before.empty? && row.match?(HEADING) && RowWords.amount?(bare)
        end
        found.size < FEW ? [] : found
      end
    end
  end
end
