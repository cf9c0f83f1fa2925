# frozen_string_literal: true

require_relative "../../measure/amounts"
require_relative "../../measure/units"

module FondKettle
  module Reading
    # How much of what lies in a vessel is kept back: "keep back 4 tablespoons", "take out a cup of it".
    module KeptAmount
      AMOUNT = /\b(?:keep|hold|reserve|take|ladle|spoon|scoop|set|put)\s+
                (?:(?:it|some|back|out|off|aside)\s+)?(?<amount>[\d½¼¾⅓⅔]\S*.*|(?:an?|two|three|four)\s.*)/ix
      # What may stand behind it: no name of another food.
      OF_IT = /\A(?:(?:of\s+)?(?:it|this|that|them)\b|for\b.*|back|aside|to\s+serve|\W)*\z/i

      # What is kept so is used when somebody speaks of it.
      LATER = /\b(?:reserv(?:e|ing)|(?:keep|hold)(?:ing)?\s+(?:[[:alpha:]]+\s+){0,3}back
               |for\s+(?:later|serving|the\s+(?:end|top|table)))\b/ix

      module_function

      # Grams, or nil where a text says none; what is measured by volume is as heavy as water.
      #
      #   KeptAmount.weight_g("Keep back 4 tablespoons.") # => 60.0
      def weight_g(text)
        said = AMOUNT.match(text)
        amount = said && Measure::Amounts.new.read(said[:amount].strip)
        return unless amount&.unit && amount.rest.strip.match?(OF_IT)

        Measure::Units.convert(amount.number, amount.unit, "g", g_per_ml: 1.0).round(1)
      rescue InvalidInput
        nil
      end
    end
  end
end
