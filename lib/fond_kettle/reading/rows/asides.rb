# frozen_string_literal: true

require_relative "../../measure/durations"
require_relative "../words/amount_forms"
require_relative "../words/serving_count"
require_relative "run_together"

module FondKettle
  module Reading
    # Takes what stands between brackets out of a row: a time, an amount and a list of foods are read.
    module Asides
      ASIDE = /\(([^()]*)\)/
      NAME = /[[:alpha:]]+(?:\s[[:alpha:]]+)?/
      # "Sofrito (pepper, onion, garlic)"
      LISTED = /[[:alpha:]]+\s\((?<foods>#{NAME}(?:,\s#{NAME})+)\)/
      FEW = /(?:\d+\s|(?:half\s)?an?\s)?#{NAME}/
      # "A chopped salad (2 tomatoes, 1 cucumber, mint)"
      COUNTED = /\b(?:an?\s+)?(?:[[:alpha:]]+\s)?salad\s\(#{FEW}(?:,\s#{FEW})+\)/ix
      # "The drained rice (I soak it half an hour)"
      SOAKED = /\((?:i|we)(?:'ve|\s+have)?\s+(?:always\s+|usually\s+)?soak(?:ed)?\s+(?:it|mine|the\s+rice)\s+
                (?:for\s+)?(?<time>[^(),.;]{2,25})\)/ix
      # "Onions till brown (take a third out for the top)"
      TAKEN = /\((?<said>(?:take|keep|save|set|put|reserve)\s+(?:(?:back|aside)\s+)?
               (?:half|two\s+thirds|an?\s+(?:third|quarter|few|handful|little)|some)\b[^()]{0,50})\)/ix
      # An aside of more words is none of the dish.
      WORDS = 4
      # No step has more.
      WORDS_OF_STEP = 60
      # "Rice 1.5 cups (jasmine)"
      GRAIN = %r{\b(?<rice>rice)\s+(?<amount>\d[\d\s./½¼¾]*\s?#{AmountForms::UNITS})\s*
                 \((?<kind>[[:alpha:]\ -]{3,25})\)}ix
      # "In the oven (180)"
      HEAT = /\A\d{3}\s*(?:°\s*)?[CF]?\z/
      # What stays between its brackets.
      STAYS = [AmountForms::AMOUNT_BEHIND, AmountForms::WITHIN, HEAT].freeze
      # Letters before a time in an aside that is no more than that: "(about 10 minutes)".
      TIME_REACH = 8

      module_function

      # [the row, asides that are left aside]
      #
      #   out_of("Simmer it (about 10 minutes)") # => ["Simmer it about 10 minutes", []]
      def out_of(row)
        left = []
        row = row.sub(GRAIN, '\k<rice> (\k<amount> \k<kind>)')
        soaked = SOAKED.match(row)
        row = "#{soaking(soaked)}. #{row.sub(SOAKED, '')}" if soaked
        row = row.gsub(TAKEN, ', \k<said>')
        listed = row.gsub(LISTED) { |whole| foods(Regexp.last_match[:foods]) || whole }
                    .gsub(COUNTED) { |whole| whole.sub(" (", ", ").delete(")") }
        [listed.gsub(ASIDE) { read(Regexp.last_match(1), left) }.squeeze(" "), left]
      end

      # Words of a step as they stand in a text, with the asides that were taken out from among them.
      #
      #   as_written("sweat 1 onion in butter", "Sweat: sweat 1 onion (chopped) in butter")
      #   # => "sweat 1 onion (chopped) in butter"
      def as_written(say, text)
        return say if text.include?(say)

        soaked = SOAKED.match(text)
        return soaked[0].delete("()") if soaked && say.include?(soaking(soaked))

        words = say.split.first(WORDS_OF_STEP).map { |word| Regexp.escape(word) }
        text[/#{words.join('\\s+(?:\\([^()]{0,40}\\)\\s*)?')}/] || say
      end

      # What is to be done, by a match of SOAKED.
      def soaking(found)
        "Soak the rice #{found[:time]}"
      end

      # A list all of which are foods stands for what is before it; nil: it is no such list.
      def foods(list)
        list if list.split(/,\s+/).all? { |food| RunTogether.food?(food) }
      end

      # A short aside belongs to the words before it; a longer one is `left` aside.
      def read(words, left)
        headed = words.match?(ServingCount::EATERS)
        return words if !headed && time?(words)
        return "(#{words})" if STAYS.any? { |form| words.match?(form) }
        return ", #{words}," if measured?(words)

        left << words if headed || words.split.size > WORDS
        ""
      end

      def time?(words)
        from = Measure::Durations.all(words).first&.from
        !from.nil? && from <= TIME_REACH
      end

      # "Washed 4 times, 500 ml water": some food and its amount among a few words.
      def measured?(words)
        parts = words.split(/,\s+/)
        parts.all? { |part| part.split.size <= WORDS } &&
          parts.any? do |part|
            part.match?(/\A\d/) && part.match?(RunTogether::UNIT) && RunTogether.food?(part)
          end
      end
      private_class_method :soaking, :foods, :read, :time?, :measured?
    end
  end
end
