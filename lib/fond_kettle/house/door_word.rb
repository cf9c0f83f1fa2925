# frozen_string_literal: true

require "securerandom"

module FondKettle
  module House
    # The household's word, which a device says once to be let in: a few ordinary words, easy to say across a
    # kitchen and to type with a thumb.
    module DoorWord
      LIST = File.readlines(File.expand_path("../../../data/door_words.txt", __dir__), chomp: true).freeze
      # Of some 700 words four are one in 2 * 10^11: ten guesses in a quarter of an hour never get there.
      COUNT = 4
      # The length of one of the cook's own is, characters; bcrypt reads 72 bytes.
      LENGTH = (8..60)
      BETWEEN = "-"

      module_function

      # A new one: "maple-otter-candle-brick".
      def made
        Array.new(COUNT) { LIST.sample(random: SecureRandom) }.join(BETWEEN)
      end

      # The word as it counts: small letters, one sign between words, whatever was typed there.
      def read(text)
        text.to_s.unicode_normalize(:nfc).strip.downcase.gsub(/[[:space:]_-]+/, BETWEEN)
      rescue ArgumentError, Encoding::CompatibilityError
        ""
      end
    end
  end
end
