# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/value"
require_relative "kind"

module FondKettle
  module Care
    # What a cook reports when something is wrong: a row of data/signs.yml, whose head says what
    # each field means.
    Sign = Value.define(:key, :say, :kinds, :after, :until, :late, :now, :otherwise, :found) do
      # Where rice may be that something is wrong with.
      const_set(:VESSELS, %i[pot sealed steamer].freeze)
      # Of a step's time: from then on a late sign means something.
      const_set(:HALF, 0.5)

      # True when it can occur in a step of this kind (a key), with this share of its time gone (0..1), in a
      # pot that has boiled or not.
      def at?(kind, share, boiled)
        kinds.include?(kind) && (boiled ? self.until.nil? : after.nil?) &&
          (!late || share >= self.class::HALF)
      end
    end

    # The list of signs, checked when loaded.
    module Signs
      extend KeyedCatalogue

      BLANK = { after: nil, until: nil, late: false, now: nil, otherwise: nil, found: nil }.freeze
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:say).filled(:string)
        required(:kinds).array(:string, included_in?: Kinds.all.keys)
        %i[after until].each { |time| optional(time).filled(:string, included_in?: %w[boil]) }
        optional(:late).filled(:bool)
        optional(:now).filled(:string)
        optional(:found).filled(:string)
        optional(:otherwise).hash do
          required(:water_share).filled(Schema::Number, included_in?: (0..0.2))
          required(:minutes).filled(:integer, included_in?: (0..30))
          Sign::VESSELS.each { |vessel| required(vessel).filled(:string) }
        end
      end

      rows("signs.yml", SCHEMA) { |row| Sign.new(**BLANK, **row) }

      module_function

      # The signs that can occur now (Sign#at?).
      def at(kind, share:, boiled:)
        all.values.select { |sign| sign.at?(kind, share, boiled) }
      end
    end
  end
end
