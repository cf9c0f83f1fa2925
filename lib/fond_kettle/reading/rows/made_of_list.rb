# frozen_string_literal: true

require_relative "../words/food_words"
require_relative "run_together"

module FondKettle
  module Reading
    # A row of things behind which stands what is made of them: "1 tsp soy, 1/2 tsp sugar - marinade for the
    # beef".
    module MadeOfList
      MADE_OF_IT = /(?<=[[:alpha:]])\s+[-–—]\s+(?:(?:for|this\s+is)\s+)?(?:the\s+)?
                    (?:(?:pounded|ground|blended|mashed)\s+(?:in)?to\s+an?\s+)?
                    (?<part>#{FoodWords::MADE_OF_PARTS})(?:\s+for\b[^.]{0,40})?\z/ix
      DASH = /\s[-–—]\s/
      # "6 peppers, 2 onions, 1 tin tomatoes: blended"
      BLENDED = /(?<=[[:alpha:]])(?:\s*:|\s+[-–—])\s+(?:all\s+)?
                 (?:blended|blitzed)(?:\s+(?:together|smooth))?\W*\z/ix
      BLEND = "blend"

      module_function

      # [its things, what they make], or nil for any other row.
      def apart(row)
        tail = MADE_OF_IT.match(row) if row.match?(DASH)
        return [RunTogether.things(row[0...tail.begin(0)]), tail[:part]] if tail

        blended = BLENDED.match(row)
        blended && [RunTogether.things(blended.pre_match), BLEND]
      end
    end
  end
end
