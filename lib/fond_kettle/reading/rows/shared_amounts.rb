# frozen_string_literal: true

require_relative "../../measure/numeral"
require_relative "../words/amount_forms"

module FondKettle
  module Reading
    # Amounts that a row says of several things at once: "cumin seed, mustard seed 1 tsp each", "onion,
    # celery: 1, 2 sticks".
    module SharedAmounts
      AND = /,\s+|\s+(?:and|&|\+)\s+/
      OF_EACH = /\A(?<names>[[:alpha:]][[:alpha:] ]{0,40}(?:,|\s(?:and|&|\+))\s[^\d,]{2,60}?),?\s+
                 (?:[–—-]\s+)?(?<amount>(?:\d|an?\s)[^,]{0,20}?)\s+(?:each|ea)\.?(?:,\s[^\d]{1,40})?\z/ix
      DEALT = /\A(?<names>[[:alpha:]][[:alpha:] ]{0,40},\s[^\d]{2,80}?)\s*[:—–-]\s*
               (?<amounts>\d[^,]{0,15}(?:,\s+\d[^,]{0,15})+)\z/x
      # "A bunch each dill, parsley and chives"
      EACH_FIRST = /\A(?<amount>(?:an?\s+|\d+\s+)?(?:[[:alpha:]]+\s+)?#{AmountForms::UNITS}\b\.?)\s+
                    (?:each|ea)\s+(?:of\s+)?(?<names>[[:alpha:]].{3,80})\z/ix

      # "3 tbsp light soy + 1 tbsp dark": two amounts of two kinds of one thing, or of two things.
      MEASURED = "(?:\\d[\\d\\s./,½¼¾⅓⅔⅛-]*|[½¼¾⅓⅔⅛]\\s?|an?\\s+|half\\s+an?\\s+)#{AmountForms::UNITS}\\b\\.?".freeze
      ADDED = /\A(?<first>#{MEASURED}\s+(?:of\s+)?[[:alpha:]][^\d,+(]{1,50}?)\s+(?:\+|plus|and|&)\s+
               (?<second>(?<amount>#{MEASURED})\s+(?:of\s+)?(?<name>[[:alpha:]][^\d(]{1,50}))\z/ix
      FOR = /\A(?:for|to)\s/i
      # What says only of which kind it is.
      KINDS = /\A(?:light|dark|red|white|green|black|brown|yellow|sweet|hot|smoked|fine|coarse|plain|ground)
               (?:\s+(?:one|ones))?\z/ix

      OF_BOTH = %r{\A(?<number>[\d.,]+)\s*(?<unit>g|kg|lb|oz|ml|l|cups?|pints?|litres?)\s+(?:of\s+)?
                   (?<first>(?<how>(?:minced|ground|smoked)\s+)?[[:alpha:]]+)\s+(?:and|&|\+)\s+
                   (?<second>[[:alpha:]]+)
                   (?:,?\s+(?:half\s+(?:and|&)\s+half|half\s+of\s+each|1/1|mixed))?\z}ix

      # "1 red pepper and 1 green one, diced"
      ANOTHER = /\A(?<first>\d+\s+[[:alpha:]]+\s+(?<thing>[[:alpha:]]+?))\s+(?:and|&|\+)\s+
                 (?<second>(?:\d+|an?|one)\s+[[:alpha:]]+)\s+ones?\b(?<rest>.*)\z/ix

      # "A handful each of mint and coriander", within a sentence.
      EACH_OF = /\b(?<amount>(?:an?|one|two|three|\d+)\s+(?:(?:big|small|good)\s+)?#{AmountForms::UNITS})
                 \s+each\s+(?:of\s+)?(?<first>[[:alpha:]]{2,20}(?:\s[[:alpha:]]{2,20})?)\s+and\s+
                 (?<second>[[:alpha:]]{2,20})/ix

      # "Salt it (half a teaspoon)"
      SALT_IT = /\b(?<food>salt|pepper|sugar)\s+(?:it|them|the\s+[[:alpha:]]+)\s*
                 \((?<amount>(?:\d|½|¼|¾|an?\s|half\s|one\s)[^()]{1,30})\)/ix
      # "400 g minced beef and pork", within a sentence.
      MINCED = /\b(?<number>\d[\d.,]*)\s*(?<unit>g|kg|lb|oz)\s+(?:of\s+)?(?<how>minced|ground)\s+
                (?<first>[[:alpha:]]+)\s+(?:and|&)\s+(?<second>beef|pork|lamb|veal|chicken|turkey|mutton)\b/ix

      # "600 ml milk and water, half and half", within a sentence.
      HALVES = /\b(?<number>\d[\d.,]*)\s*(?<unit>g|kg|lb|oz|ml|l|pints?|litres?)\s+(?:of\s+)?
                (?<first>[[:alpha:]]+)\s+(?:and|&)\s+(?<second>[[:alpha:]]+),?\s+
                (?:half\s+(?:and|&)\s+half|half\s+of\s+each)/ix

      # "The rest of the salt and oil", within a sentence.
      REST_OF_BOTH = /\brest\s+of\s+the\s+(?<first>[[:alpha:]]+)\s+and\s+
                      (?<second>(?!(?:the|an?|some|all|half|then)\b)[[:alpha:]]+)
                      (?=\s*(?:[,.;)]|\z|and\b|in\b|into\b))/ix

      module_function

      # A sentence with an amount before each of two things, and before what it is of.
      #
      #   spelled("a handful each of mint and dill") # => "a handful of mint and a handful of dill"
      def spelled(sentence)
        said = sentence.gsub(EACH_OF) do
          amount, first, second = Regexp.last_match.captures
          "#{amount} of #{first} and #{amount} of #{second}"
        end
        said.gsub(SALT_IT, "\\k<amount> \\k<food>").gsub(MINCED) { both(Regexp.last_match) }
            .gsub(HALVES) { of_each(Regexp.last_match) }
            .gsub(REST_OF_BOTH, 'rest of the \k<first> and the rest of the \k<second>')
      end

      # Half of it each, of two minced meats within a sentence.
      def both(found)
        half = "#{half(found)} #{found[:how]}"
        "#{half} #{found[:first]} and #{half} #{found[:second]}"
      end

      def of_each(found)
        "#{half(found)} #{found[:first]} and #{half(found)} #{found[:second]}"
      end

      # The things of a row, each with its amount; nil: it says no such thing. The block tells whether a name
      # is a food.
      def of(row, &)
        each(row, &) || dealt(row) || added(row) || halved(row, &) || another(row)
      end

      # Two of one thing, each with what tells it from the other; what is done to them is done to both.
      def another(row)
        found = ANOTHER.match(row) or return
        ["#{found[:first]}#{found[:rest]}", "#{found[:second]} #{found[:thing]}#{found[:rest]}"]
      end

      # "400 g minced pork and beef": half of it each, where both are foods.
      def halved(row)
        found = OF_BOTH.match(row)
        return unless found && yield(found[:first]) && yield(found[:second])

        half = half(found)
        ["#{half} #{found[:first]}", "#{half} #{found[:how]}#{found[:second]}"]
      end

      # Half of the number and unit of a match: "200 g".
      def half(found)
        amount, = Measure::Numeral.read(found[:number])
        "#{Measure::Numeral.write(amount / 2.0)} #{found[:unit]}"
      end

      # Two amounts: of two kinds of a thing, or for two ends, the second has the first's name.
      def added(row)
        found = ADDED.match(row) or return
        amount, name = [found[:amount], found[:name]].map(&:strip)
        thing = found[:first][/[[:alpha:]-]+\s*\z/]
        return [found[:first], "#{amount} #{name} #{thing}"] if name.match?(KINDS)

        [found[:first], name.match?(FOR) ? "#{amount} #{thing} #{name}" : found[:second]]
      end

      def each(row, &)
        found = OF_EACH.match(row)
        return found[:names].split(AND).map { |name| "#{name}, #{found[:amount]}" } if found

        first = EACH_FIRST.match(row)
        names = first && first[:names].split(AND).take_while(&)
        names.map { |name| "#{first[:amount]} #{name}" } if names && names.size > 1
      end

      def dealt(row)
        found = DEALT.match(row) or return
        names = found[:names].split(AND)
        amounts = found[:amounts].split(/,\s+/)
        names.zip(amounts).map { |pair| pair.join(" ") } if names.size == amounts.size
      end
      private_class_method :both, :of_each, :each, :dealt, :added, :half, :halved, :another
    end
  end
end
