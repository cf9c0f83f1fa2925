# frozen_string_literal: true

require_relative "row_words"

module FondKettle
  module Reading
    # A row of a list that goes on with what is done to its thing: "Sticky rice 350 g – soak 4 h, then drain".
    module InstructedThing
      WHOLE = /\A(?<thing>[^.;:,]{3,70}?)(?:\s*;|\s[-–—])\s+(?<told>[[:alpha:]-]+\b)[^.\n]*\.?\z/

      # "6 dried shiitake, soaked in 300 ml hot water for 30 minutes": their water is there later.
      SOAKED = /\A(?<thing>[^.;:]{3,70}?),\s+(?:soaked|steeped)\s+in\s+(?:about\s+)?
                [\d½¼¾][\d.,\s½¼¾]*(?:ml|dl|l|litres?|cups?)\b[^.\n]{0,30}\bwater\b[^.\n]*\.?\z/ix

      module_function

      # Its thing, or nil for any other row.
      #
      #   thing("Rice 350 g – soak 4 h") # => "Rice 350 g"
      def thing(row)
        soaked = SOAKED.match(row)
        return soaked[:thing] if soaked && RowWords.amount?(soaked[:thing])

        found = WHOLE.match(row)
        found[:thing] if found && RowWords.amount?(found[:thing]) && RowWords.begun?(found[:told])
      end
    end
  end
end
