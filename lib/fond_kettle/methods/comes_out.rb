# frozen_string_literal: true

module FondKettle
  module Methods
    # How a pot comes out, in one word: the worst that is true of it (contract: comes_out).
    # What could hurt comes before what fails, what fails before what is only not right.
    module ComesOut
      WORDS = { "not-safe" => "not safe to eat", "cannot-close" => "never done",
                "never-boiled" => "never boiled", "dry-before-boil" => "dry before it boils",
                "pot-too-small" => "too much for this pot", "boils-over" => "boils over",
                "short-of-water" => "short of water" }.freeze

      module_function

      # Of a list of Warnings, and the rice's own `verdict`.
      #
      #   of([], "standard") # => "standard"
      def of(warnings, verdict)
        codes = warnings.map(&:code)
        WORDS.keys.find { |code| codes.include?(code) } || verdict
      end

      # As a cook reads it.
      def words(key)
        WORDS.fetch(key, key)
      end
    end
  end
end
