# frozen_string_literal: true

module FondKettle
  module Reading
    # Words of a sentence that look like an amount of a thing, and are none.
    module NoAmount
      # "The 2 tbsp of fat" was spoken of before.
      KNOWN_AMOUNT = /\b(?:the|those|these|its)\s+\z/i
      # "Pour off all but 2 tablespoons of fat"
      LEFT = /\ball\s+but\s+(?:about\s+)?\z/i
      # What stands between brackets is said of something.
      INSIDE = /\([^()]{0,60}\z/
      # "Five of us"
      EATERS = /\A\w+\s+of\s+(?:us|you|them)\b/i
      # What it becomes is none: "cook it down to a jam".
      BECOMES = /\b(?:to|into|like|as)\s+\z/i
      # What only says how big a thing is names none: "the size of a walnut".
      SIZE_BEFORE = /\b(?:the\s+(?:size|bigness|thickness|length)\s+of|as\s+big\s+as)\s+\z/i

      module_function

      # True where what begins at a place is only what something is like, or was spoken of before.
      #
      #   at?("a knob of butter the size of a walnut", 29) # => true
      def at?(sentence, from)
        before = sentence[0...from]
        return true if [SIZE_BEFORE, KNOWN_AMOUNT, INSIDE, LEFT].any? { |words| before.match?(words) }

        return true if sentence[from..].match?(EATERS)

        before.match?(BECOMES) && sentence[from..].match?(/\Aan?\s/i)
      end
    end
  end
end
