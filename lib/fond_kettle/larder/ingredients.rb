# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../measure/unit_table"
require_relative "ingredient"

module FondKettle
  module Larder
    # The ingredient catalogue (data/ingredients.yml and data/larder/), checked when loaded.
    module Ingredients
      extend KeyedCatalogue

      STATES_SCHEMA = Schema.json(strict: true) do
        STATES.each_key do |state|
          optional(state.to_sym).hash do
            optional(:brings).filled(Schema::Number, gteq?: 0, lteq?: 1)
            optional(:takes).filled(Schema::Number, gteq?: 0, lteq?: 4)
          end
        end
      end
      PIECES_SCHEMA = Schema.json(strict: true) do
        Measure::UnitTable.all.each_value do |unit|
          optional(unit.key.to_sym).filled(Schema::Number, gt?: 0, lteq?: 5000) if unit.piece?
        end
      end
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:name).filled(:string)
        required(:aisle).filled(:string)
        optional(:brings).filled(Schema::Number, gteq?: 0, lteq?: 1)
        optional(:takes).filled(Schema::Number, gteq?: 0, lteq?: 4)
        %i[dry liquid stock].each { |switch| optional(switch).filled(:bool) }
        %i[g_ml hot_g_ml].each { |density| optional(density).filled(Schema::Number, gt?: 0, lteq?: 2) }
        optional(:salt).filled(Schema::Number, gteq?: 0, lteq?: 100)
        optional(:piece_g).filled(Schema::Number, gt?: 0, lteq?: 5000)
        optional(:piece).filled(:string)
        optional(:step).filled(Schema::Number, gt?: 0, lteq?: 1)
        optional(:scales).filled(:string, included_in?: Ingredient::SCALES)
        optional(:power).filled(Schema::Number, gt?: 0, lteq?: 1)
        optional(:usual).filled(Schema::Number, gt?: 0)
        %i[boil_min tender_min ahead_min].each do |minutes|
          optional(minutes).filled(Schema::Number, gteq?: 0, lteq?: 2880)
        end
        %i[ahead slot].each { |words| optional(words).filled(:string) }
        optional(:soak_in).filled(Schema::Number, included_in?: (1..40))
        optional(:piece_mm).filled(:integer, included_in?: (1..200))
        optional(:pieces).hash(PIECES_SCHEMA.whole)
        %i[also counted anywhere].each { |names| optional(names).array(:string) }
        optional(:allergens).array(:string, included_in?: ALLERGENS)
        optional(:care).array(:string)
        optional(:states).hash(STATES_SCHEMA.whole)
      end
      rows(%w[ingredients.yml larder/*.yml], SCHEMA, field: "ingredient") { |row| Ingredient.of(**row) }
    end
  end
end
