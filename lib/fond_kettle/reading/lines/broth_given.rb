# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../../measure/amounts"

module FondKettle
  module Reading
    # Broth that a text made in one vessel and pours into another: "3 cups of the chicken broth".
    module BrothGiven
      # "The bean water" is what beans were boiled in; "the cold water" is not.
      PLAIN = /(?:cold|hot|warm|boiling|salted|salty|iced?|fresh|clean|clear|same|whole|other|rinsing
                  |running|measured|remaining|extra|reserved|kept|own)\b/ix
      OF_FOOD = /(?<=the\s|their\s|its\s)(?!#{PLAIN})[[:alpha:]]+\s+water/i
      WORD = /\b(?:broth|yakhni|stock(?!\s+(?:cubes?|pots?|powder)\b)|liquor
              |the\s+(?:(?:poaching|cooking|braising)\s+)?liquid|cooking\s+water
              |#{OF_FOOD})\b/ix
      # "Water to cover": nobody says how much lies in it.
      TO_COVER = /\bwater\s+to\s+cover\b/i
      # Without one of these it speaks of none.
      ANY = /broth|yakhni|stock|liquor|liquid|water/i
      # "Boil them and keep the water."
      KEPT = /\b(?:keep|keeping|reserve|reserving|save|saving)\s+
              (?:(?:about\s+)?(?:[\d½¼¾][\d\s.,½¼¾]*|an?\s+)[[:alpha:]]+\s+of\s+)?
              (?:the|its|their|that)\s+(?:[[:alpha:]]+\s+)?(?:and\s+(?:the|its|their)\s+)?
              (?:water|liquid|liquor|broth|stock|milk)\b/ix
      WAS_KEPT = /\b(?:kept|reserved|saved)\s+(?:[[:alpha:]]+\s+)?(?:water|liquid|liquor|broth|stock)\b/i
      # "Return 420 ml to the pot", of what was spoken of before.
      BACK = /\b(?:return|put|pour|tip|measure)\s+(?:back\s+)?
              (?=\d[\d\s.,½¼¾]*\s?(?:ml|l|dl|cl|lit(?:re|er)s?|cups?|pints?)\s+
              (?:of\s+it\s+)?(?:back\s+)?(?:in)?to\s+(?:the|its|that)\b)/ix
      # Kinds at which food leaves its liquor.
      LIFTS = %w[take-out drain].freeze
      # What stands before it where its amount is said.
      OF = /\s+(?:of\s+(?:(?:the|its|that|their)\s+(?:[[:alpha:]]+\s+){0,2})?)?\z/i
      # Between an amount and the word for it nothing else is named.
      NOTHING = /\A\s*(?:(?:hot|warm|cold|more|extra|reserved|strained)\s*)*\z/i
      START = /(?<![\d.,½¼¾⅓⅔⅛])(?:\d|[½¼¾⅓⅔⅛]|\b(?:an?|half|one|two|three)\s)/i

      module_function

      # True where a text pours broth.
      def in?(text)
        (text.match?(ANY) && text.match?(WORD)) || text.match?(BACK)
      end

      # True where it is the water of some food.
      def of_food?(text)
        text.match?(OF_FOOD)
      end

      # The word for that food, small and singular; nil: none.
      #
      #   food("900 ml of the bean water") # => "bean"
      def food(text)
        Larder::Names.ours.words(text[OF_FOOD].to_s).first
      end

      # True where a text keeps it for later.
      def kept?(text)
        text.match?(KEPT)
      end

      # The vessel in which a liquor stays; `from`: those that give something at that step.
      def left_in(kind, vessel, from)
        LIFTS.include?(kind) ? from.first || vessel : vessel
      end

      # How much of it a text says, g; nil: it does not.
      #
      #   BrothGiven.weight_g("pour in 800 ml of the broth") # => 800.0
      def weight_g(text)
        amount = before_it(text)
        from = amount.to_enum(:scan, START).map { Regexp.last_match.begin(0) }.last
        said = from && Measure::Amounts.new.read(amount[from..])
        return unless said&.unit && said.rest.match?(NOTHING)

        Measure::Units.convert(said.number, said.unit, "g", g_per_ml: 1.0)
      rescue InvalidInput
        nil
      end

      # What stands before the word for it, or behind the verb where nobody names it.
      def before_it(text)
        back = BACK.match(text)
        return back.post_match[/\A[^a-z]*[a-z]+/i] if back

        before = text[0...(text.index(WORD) || 0)]
        before[0...(before.index(OF) || 0)]
      end
      private_class_method :before_it
    end
  end
end
