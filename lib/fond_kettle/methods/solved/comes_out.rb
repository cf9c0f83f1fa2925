# frozen_string_literal: true

require_relative "../../ground/words"

module FondKettle
  module Methods
    # Outcome of a pot in one word: the worst that is true of it (contract: comes_out). Danger comes
    # before failure, failure before a mere fault of taste.
    module ComesOut
      WORDS = { "not-safe" => "not safe to eat", "cannot-close" => "never done",
                "never-boiled" => "never boiled", "dry-before-boil" => "dry before it boils",
                "pot-too-small" => "too much for this pot", "boils-over" => "boils over",
                "short-of-water" => "short of water" }.freeze
      # Verdicts on the rice, as a cook says them.
      VERDICTS = FondKettle::Words.of("verdicts")

      module_function

      # Outcome by a list of Warnings and the rice's own `verdict`.
      #
      #   of([], "standard") # => "standard"
      def of(warnings, verdict)
        codes = warnings.map(&:code)
        WORDS.keys.find { |code| codes.include?(code) } || verdict
      end

      # The outcome as a cook reads it.
      #
      #   words("standard") # => "just right"
      def words(key)
        WORDS[key] || VERDICTS.fetch(key, key)
      end
    end
  end
end
