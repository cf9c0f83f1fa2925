# frozen_string_literal: true

require_relative "../../ground/catalogue"
require_relative "../../ground/limits"
require_relative "../../ground/paths"
require_relative "../../ground/schema"
require_relative "../../measure/degrees"

module FondKettle
  module Reading
    # The heat of an oven as a step says it: with its unit ("200 °C", "gas mark 6"), as a bare number ("oven
    # 180", "at 350"), or in words ("a moderate oven", data/reading/ovens.yml).
    module OvenHeat
      SCHEMA = Schema.json(strict: true) do
        required(:words).array(:string)
        required(:oven_c).filled(:integer, included_in?: Limits::OVEN_C)
      end
      # What a bare number is not where this stands behind it.
      NOT = /(?![\d.,]*\d)(?!\s*(?:g|gr|grams?|kg|ml|cl|l|mm|cm|min|mins|minutes?|kcal|people)\b)/i
      NUMBER = /(?<![\d.,])(?<degrees>[1-5]\d{2})#{NOT}/
      ABOUT = /(?:about|around|just\s+(?:under|over)|roughly)?\s*/i
      BARE = [/\bovens?\b\s*[,:(=-]?\s*(?:at|to|on|is\s+at)?\s*#{ABOUT}#{NUMBER}/i,
              /\b(?:at|to)\s+#{ABOUT}#{NUMBER}/i, /#{NUMBER}\s*(?:fan|oven)\b/i, /\(#{NUMBER}\)/].freeze

      module_function

      # °C of the first heat that a text names, or nil.
      #
      #   of("Oven 180, 35 min") # => 180.0
      def of(text)
        Measure::Degrees.first(text) || bare(text) || named(text)
      end

      # Bare numbers over 300 are °F, as nobody's oven is so hot in °C.
      def bare(text)
        found = BARE.lazy.filter_map { |form| form.match(text) }.first
        found_c = found && Measure::Degrees.first("#{found[:degrees]} degrees")
        found_c if found_c && Limits::OVEN_C.cover?(found_c)
      end

      def named(text)
        found = words.keys.find { |name| text.match?(/\b#{name}\s+ovens?\b/i) }
        words[found]&.to_f
      end

      # °C by words, the longest first.
      def words
        @words ||= begin
          rows = Catalogue.read(File.join(DATA, "reading", "ovens.yml"), SCHEMA)
          named = rows.flat_map { |row| row[:words].map { |word| [word, row[:oven_c]] } }
          named.sort_by { |word, _| -word.size }.to_h.freeze
        end
      end
      private_class_method :bare, :named, :words
    end
  end
end
