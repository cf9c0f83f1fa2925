# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/value"
require_relative "kind"
require_relative "signs"

module FondKettle
  module Care
    # A look with a decision: a row of data/looks.yml, whose head says what each field means.
    Look = Value.define(:key, :say, :kinds, :more_min, :ends, :sign, :tell, :within, :pours)

    # The list of looks, checked when loaded.
    module Looks
      extend KeyedCatalogue

      BLANK = { more_min: 0, ends: false, sign: nil, within: nil, pours: 0 }.freeze
      # What rice may lie in beside a pot.
      WITHIN = %w[pot steamer].freeze
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:say).filled(:string)
        required(:kinds).array(:string, included_in?: Kinds.all.keys)
        optional(:more_min).filled(:integer, gt?: 0)
        optional(:ends).filled(:bool)
        optional(:sign).filled(:string, included_in?: Signs.all.keys)
        optional(:within).filled(:string, included_in?: WITHIN)
        optional(:pours).filled(:integer, included_in?: [-1, 1])
        required(:tell).filled(:string)
      end

      rows("looks.yml", SCHEMA) { |row| Look.new(**BLANK, **row) }

      module_function

      # The looks asked at a step of this kind (a key), of rice in a pot or in a steamer (a key of WITHIN).
      def at(kind, within: "pot")
        all.values.select { |look| look.kinds.include?(kind) && [nil, within].include?(look.within) }
      end
    end
  end
end
