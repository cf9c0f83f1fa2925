# frozen_string_literal: true

require_relative "../measure/amounts"

module FondKettle
  module Reading
    # Broth that a text made in one vessel and pours into another: "3 cups of the chicken broth".
    module BrothGiven
      WORD = /\b(?:broth|stock|liquor|cooking\s+water|the\s+liquid)\b/i
      # What stands before it where its amount is said.
      OF = /\s+of\s+(?:the|its|that|their)\s+(?:[[:alpha:]]+\s+){0,2}\z/i
      START = /(?<![\d.,½¼¾⅓⅔⅛])(?:\d|[½¼¾⅓⅔⅛]|\b(?:an?|half|one|two|three)\s)/i

      module_function

      # True where a text pours broth.
      def in?(text)
        text.match?(WORD)
      end

      # How much of it a text says, g; nil: it does not.
      #
      #   BrothGiven.weight_g("pour in 800 ml of the broth") # => 800.0
      def weight_g(text)
        before = text[0...(text.index(WORD) || 0)]
        amount = before[0...(before.index(OF) || 0)]
        from = amount.to_enum(:scan, START).map { Regexp.last_match.begin(0) }.last
        said = from && Measure::Amounts.new.read(amount[from..])
        said&.unit && Measure::Units.convert(said.number, said.unit, "g", g_per_ml: 1.0)
      rescue InvalidInput
        nil
      end
    end
  end
end
