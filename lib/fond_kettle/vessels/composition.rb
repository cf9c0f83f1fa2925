# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/value"

module FondKettle
  module Vessels
    # What an ingredient is made of: a row of data/composition.yml, whose head says what each field means.
    Makeup = Value.define(:key, :water, :fat, :soaks, :oil_in, :oil_up, :binds)

    # The list of them, by the keys of ingredients, checked when loaded.
    module Composition
      extend KeyedCatalogue

      # Water in what is dried, in raw meat and fish, in food that gives liquid, and in other food, as shares.
      DRY = 0.11
      MEAT = 0.72
      MOIST = 0.89
      FIRM = 0.05
      # What food loses as water and takes up as fat in deep hot fat, where no row says more.
      OIL_IN = 0.40
      OIL_UP = 0.08
      # What food has where no row says more.
      USUAL = { fat: 0.0, soaks: 0.0, oil_in: OIL_IN, oil_up: OIL_UP, binds: 0.0 }.freeze
      MEATS = %w[poultry whole-cut minced raw-fish raw-meat].freeze
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:water).filled(Schema::Number, included_in?: 0..1)
        %i[fat oil_in oil_up binds].each { |share| optional(share).filled(Schema::Number, included_in?: 0..1) }
        optional(:soaks).filled(Schema::Number, included_in?: 0..5)
      end
      rows("composition.yml", SCHEMA) { |row| Makeup.new(**USUAL, **row) }

      module_function

      # The Makeup of a Larder::Ingredient; its water by what it is, where it has no row.
      def of(ingredient)
        all.fetch(ingredient.key) do
          share = if ingredient.fat?
                    { water: 0.0,
                      fat: dry_of_salt(ingredient) }
                  else
                    { water: water(ingredient) }
                  end
          Makeup.new(**USUAL, key: ingredient.key, **share)
        end
      end

      def water(ingredient)
        least = [ingredient.brings, kind_of_water(ingredient)].max
        [least, dry_of_salt(ingredient)].min
      end

      def dry_of_salt(ingredient)
        1.0 - (ingredient.salt / 100)
      end

      def kind_of_water(ingredient)
        return DRY if ingredient.dry
        return MEAT if ingredient.care.intersect?(MEATS)

        ingredient.brings.positive? ? MOIST : FIRM
      end
      private_class_method :water, :dry_of_salt, :kind_of_water
    end
  end
end
