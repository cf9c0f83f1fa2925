# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/value"

module FondKettle
  module Vessels
    # A state to which food is fried: a row of data/fry_states.yml, whose head says what each field means.
    FryState = Value.define(:key, :word, :loss, :as_water, :least_min, :of, :fat_out, :words) do
      # True where a Larder::Ingredient can come to it.
      def of?(ingredient)
        return false if ingredient.fat?

        meat = ingredient.care.intersect?(Care::Cautions.meats)
        case of
        when "meat" then meat
        when "watery" then !meat && ingredient.brings >= ingredient.class::WATERY
        else !meat
        end
      end
    end

    # The list of them, lightest first, checked when loaded.
    module FryStates
      extend KeyedCatalogue

      OF = %w[meat watery plants].freeze
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:word).filled(:string)
        required(:loss).filled(Schema::Number, included_in?: 0..1)
        optional(:as_water).filled(:bool)
        required(:least_min).filled(Schema::Number, included_in?: 0..60)
        required(:of).filled(:string, included_in?: OF)
        optional(:fat_out).filled(Schema::Number, included_in?: 0..1)
        required(:words).array(:string)
      end
      rows("fry_states.yml", SCHEMA) { |row| FryState.new(as_water: false, fat_out: 0.0, **row) }

      module_function

      # The FryState that a cook's words name ("until dark gold"), or nil: the longest words that are found.
      def in_words(text)
        plain = text.downcase
        by_words.find { |pattern, _| plain.match?(pattern) }&.last
      end

      # [pattern, FryState] of all words, the longest first.
      def by_words
        @by_words ||= all.values.flat_map { |state| state.words.map { |word| [word, state] } }
                         .sort_by.with_index { |(word, _), at| [-word.size, at] }
                         .map { |word, state| [/\b#{Regexp.escape(word)}\b/, state] }
      end
      private_class_method :by_words
    end
  end
end
