# frozen_string_literal: true

module FondKettle
  module Reading
    # Shares of something as words say them: "half the onions", "the rest of the sauce".
    module SaidShare
      REST = "rest"
      SAYS_REST = /\b(?:rest|remaining|remainder|other
                   |last\s+(?:of|spoon(?:ful)?s?|tbsp|tsp|tablespoons?|teaspoons?|bit|drops?))\b/ix
      # "Half a teaspoon" is an amount.
      MEASURE = /\s+an?\s+(?:tea|table|dessert)?(?:spoon|tsp|tbsp|cup|glass|mug|litre|liter|pint|kilo
                 |kg|pound|lb|ounce|handful|ladle)/ix
      ALL = { /\bhalf\b(?!#{MEASURE})/i => 0.5,
              %r{\btwo[ -]thirds\b|\b2/3(?=\s+(?:of|over|on|in|into)\b)}i => 2.0 / 3,
              %r{\bthird\b|\b1/3(?=\s+(?:of|over|on|in|into)\b)}i => 1.0 / 3,
              /\bthree[ -]quarters?\b/i => 0.75, /\bquarter\b(?!\s+of\s+an\s+hour|\s+every)/i => 0.25,
              /\b(?:most\s+of|(?:nearly|almost)\s+all)\b/i => 0.75,
              SAYS_REST => REST }.freeze
      # Words before a name in which its share stands.
      REACH = 4

      module_function

      # Share that words say (0.5, REST), or nil.
      def in(words)
        ALL.find { |pattern, _| words.match?(pattern) }&.last
      end

      # Share in the last words before a name, or nil.
      #
      #   before("put in half the") # => 0.5
      def before(words)
        self.in(words.split.last(REACH).join(" "))
      end

      # Share that words say as a number, or nil.
      def part(words)
        ALL.find { |pattern, share| share.is_a?(Float) && words.match?(pattern) }&.last
      end
    end
  end
end
