# frozen_string_literal: true

require_relative "row_words"

module FondKettle
  module Reading
    # A row of a list that goes on with what is done to its thing: "Sticky rice 350 g – soak 4 h, then drain".
    module InstructedThing
      WHOLE = /\A(?<thing>[^.;:,]{3,70}?)(?:\s*;|\s[-–—])\s+(?<told>[[:alpha:]-]+\b)[^.\n]*\.?\z/

      module_function

      # Its thing, or nil for any other row.
      #
      #   thing("Rice 350 g – soak 4 h") # => "Rice 350 g"
      def thing(row)
        found = WHOLE.match(row)
        found[:thing] if found && RowWords.amount?(found[:thing]) && RowWords.begun?(found[:told])
      end
    end
  end
end
