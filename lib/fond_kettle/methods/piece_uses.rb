# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/value"

module FondKettle
  module Methods
    # What rice is divided into: a row of data/piece_uses.yml, whose head says what each field means.
    PieceUse = Value.define(:key, :word, :one, :rice_g, :child_g, :cut, :filling_share, :salt_g, :minutes,
                            :warm_c, :broad, :per_person, :wrapped)

    # The list, checked when loaded.
    module PieceUses
      extend KeyedCatalogue

      BLANK = { cut: nil, per_person: false, wrapped: false }.freeze
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:word).filled(:string)
        required(:one).filled(:string)
        required(:rice_g).filled(Schema::Number, included_in?: 5..1000)
        required(:child_g).filled(Schema::Number, included_in?: 5..1000)
        optional(:cut).filled(:integer, included_in?: 1..20)
        required(:filling_share).filled(Schema::Number, included_in?: 0..1)
        required(:salt_g).filled(Schema::Number, included_in?: 0..5)
        required(:minutes).filled(Schema::Number, included_in?: 0..30)
        required(:warm_c).filled(Schema::Number, included_in?: 20..80)
        required(:broad).filled(Schema::Number, included_in?: 0.5..10)
        optional(:per_person).filled(:bool)
        optional(:wrapped).filled(:bool)
      end
      rows("piece_uses.yml", SCHEMA) { |row| PieceUse.new(**BLANK, **row) }
    end
  end
end
