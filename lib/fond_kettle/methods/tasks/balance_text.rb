# frozen_string_literal: true

require_relative "../../ground/words"
require_relative "../../phases/balance"

module FondKettle
  module Methods
    # One line that explains the amount that is poured, with the grams that the balance shows.
    module BalanceText
      WORDS = Words.of("balance")

      module_function

      # The terms of a Phases::Balance, rounded to a scale (Measure::House) that shows the poured amount:
      #
      #   "451 g drunk by the rice + 40 g lost as steam − 76 g already in the grain"
      def say(balance, measures)
        keys = [*Phases::SINKS, *Phases::SOURCES]
        whole = Phases::WholeGrams.of(balance.to_h.slice(*keys).merge(poured_g: balance.liquid_g),
                                      measures.weighed_g(balance.liquid_g))
        terms = keys.filter_map { |key| term(key, whole.fetch(key, 0)) }
        terms.join(" ").delete_prefix("+ ")
      end

      def term(key, grams)
        grams = -grams if Phases::SOURCES.include?(key)
        "#{grams.negative? ? '−' : '+'} #{grams.abs} g #{WORDS.fetch(key.to_s)}" unless grams.zero?
      end
      private_class_method :term
    end
  end
end
