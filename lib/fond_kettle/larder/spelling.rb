# frozen_string_literal: true

require "yaml"
require_relative "../ground/paths"

module FondKettle
  module Larder
    # Words for food that are often misspelled (data/spellings.yml).
    module Spelling
      WORDS = YAML.safe_load_file(File.join(DATA, "spellings.yml")).freeze
      # "Tomatoes" is right, "tomatoe" is not.
      KEYS = WORDS.keys.map { |word| word.end_with?("toe") ? "#{word}\\b" : word }.join("|")
      WRONG = /\b(?:#{KEYS})(?=s?\b)/i

      module_function

      # A small, singular word as it is spelled.
      #
      #   right("shitake") # => "shiitake"
      def right(word)
        WORDS.fetch(word, word)
      end

      # A text with its words for food as they are spelled.
      def mend(text)
        text.gsub(WRONG) { |word| WORDS.fetch(word.downcase) }
      end
    end
  end
end
