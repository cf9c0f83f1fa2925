# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/limits"
require_relative "../ground/value"
require_relative "../ground/vocabulary"
require_relative "vessel"

module FondKettle
  module Kit
    # A kind of vessel that a dish is made in: a row of data/vessels.yml, whose head says what each field is.
    DishVesselKind = Value.define(:key, :word, :words, :flat, :diameter_mm, :height_mm, :lid, :kg, :also) do
      # A usual one of it (Vessel).
      def usual
        article = word.match?(/\A[aeiou]/) ? "an" : "a"
        Vessel.new(id: nil, name: "#{article} #{word}", diameter_mm: diameter_mm.to_f, floor_mm: nil,
                   height_mm: height_mm.to_f, lid: lid, lid_factor: nil, material: "steel", kg: kg.to_f)
      end

      # The word "on" where food lies on what is called so ("the plate"), else "in".
      def place(called)
        flat.any? { |one| called.downcase.include?(one) } ? "on" : "in"
      end

      # True where a vessel of a kind (its key) of the house does for it.
      def takes?(kind)
        kind == key || also.include?(kind)
      end
    end

    # The list of them, checked when loaded.
    module DishVessels
      extend KeyedCatalogue

      # A pot of the house so low is a pan too, mm.
      LOW_MM = 90.0
      PAN = "frying-pan"
      POT = "pot"
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:word).filled(:string)
        required(:words).array(:string)
        optional(:flat).array(:string)
        required(:diameter_mm).filled(Schema::Number, included_in?: Limits::DIAMETER_MM)
        required(:height_mm).filled(Schema::Number, included_in?: 10..400)
        required(:lid).filled(:string, included_in?: Vocabulary::LIDS)
        required(:kg).filled(Schema::Number, included_in?: 0.1..20)
        optional(:also).array(:string)
      end
      rows("vessels.yml", SCHEMA) { |row| DishVesselKind.new(flat: [].freeze, also: [].freeze, **row) }

      module_function

      # The kind that words name ("the wide pan"), or nil: the longest words that are found.
      def in_words(text)
        found = text.downcase.scan(pattern).max_by(&:size)
        found && by_word.fetch(found)
      end

      def by_word
        @by_word ||= all.values.flat_map { |kind| kind.words.map { |word| [word, kind] } }.to_h
      end

      # The longest word that stands at a place.
      def pattern
        @pattern ||= begin
          words = by_word.keys.sort_by { |word| -word.size }.map { |word| Regexp.escape(word) }
          /\b(?:#{words.join('|')})\b/
        end
      end

      # The kind (its key) of a pot of the house (Vessel). A cooker's bowl stands on no ring.
      def of(vessel)
        return vessel.kind.key unless vessel.kind.on_ring

        vessel.height_mm <= LOW_MM ? PAN : POT
      end
      private_class_method :by_word, :pattern
    end
  end
end
