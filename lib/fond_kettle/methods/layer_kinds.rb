# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/value"
require_relative "../larder/ingredients"
require_relative "base_foods"

module FondKettle
  module Methods
    # What may be laid in a sealed pot: a row of data/layers.yml.
    LayerKind = Value.define(:key, :word, :thin, :share, :usual_g, :brings, :g_ml, :ingredient, :meat,
                             :made_by,
                             :raw_g, :fat_g, :fat_stays_g) do
      # The Larder::Ingredient that it is, or nil.
      def food
        ingredient && Larder::Ingredients.fetch(ingredient)
      end
    end

    # The list, checked when loaded.
    module LayerKinds
      extend KeyedCatalogue

      BLANK = { thin: false, share: false, usual_g: 0.0, brings: 0.0, g_ml: 1.0, ingredient: nil,
                meat: nil, made_by: nil, raw_g: nil, fat_g: nil, fat_stays_g: nil }.freeze
      RICE = "rice"
      BASE = "base"
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:word).filled(:string)
        %i[thin share].each { |switch| optional(switch).filled(:bool) }
        optional(:usual_g).filled(Schema::Number, included_in?: 0..1000)
        optional(:brings).filled(Schema::Number, included_in?: 0..1)
        optional(:g_ml).filled(Schema::Number, included_in?: 0.05..2)
        optional(:ingredient).filled(:string)
        optional(:made_by).filled(:string)
        %i[raw_g fat_g fat_stays_g].each { |one| optional(one).filled(Schema::Number, included_in?: 0..20) }
        optional(:meat).filled(:string, included_in?: BaseFoods.all.keys)
      end
      rows("layers.yml", SCHEMA) { |row| LayerKind.new(**BLANK, **row) }
    end
  end
end
