# frozen_string_literal: true

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

      module_function

      # The things of a row, each with its amount; nil: it says no such thing. The block tells whether a name
      # is a food.
      def of(row, &)
        each(row, &) || dealt(row)
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
      private_class_method :each, :dealt
    end
  end
end
