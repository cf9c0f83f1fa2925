# frozen_string_literal: true

module FondKettle
  module Reading
    # "Salt, pepper" is the ground one, and no vegetable that is listed.
    module GroundPepper
      SAID = /(?<=\bsalt)(?:\s*[,&]|\s+(?:and|\+))?\s+
              (?:(?:some|a|little|lots|plenty|twist|grind|good|of|black|white|freshly|ground|milled
                |cracked)\s+)*
              pepper\b(?=\s*(?:[,.;:!)&]|\z)|\s+(?:and|in|to|on|over|inside|all|well|generously
                |both|before|then|as)\b)/ix
      KEYS = /\A(?:black|white)-pepper/

      module_function

      # The text without it, where none of some lines (ReadLine) is ground pepper.
      #
      #   without("Rub in salt, pepper and oil.", []) # => "Rub in salt and oil."
      def without(text, lines)
        lines.any? { |line| line.ingredient&.key&.match?(KEYS) } ? text : text.gsub(SAID, "")
      end
    end
  end
end
