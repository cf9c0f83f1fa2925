# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/value"
require_relative "../larder/ingredient"

module FondKettle
  module Methods
    # What may lie in the base of a sealed pot: a row of data/base_foods.yml.
    BaseFood = Value.define(:key, :word, :care, :tender_min, :brings, :boils, :allergens) do
      # °C that its core must reach where it is raw, or nil.
      def core_c
        care && Care::Cautions.core_c(["#{Care::Cautions::INSIDE}#{care}"])
      end
    end

    # The list, checked when loaded.
    module BaseFoods
      extend KeyedCatalogue

      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:word).filled(:string)
        optional(:care).filled(:string)
        required(:tender_min).filled(Schema::Number, included_in?: 0..600)
        required(:brings).filled(Schema::Number, included_in?: 0..1)
        optional(:boils).filled(:bool)
        optional(:allergens).array(:string, included_in?: Larder::ALLERGENS)
      end

      rows("base_foods.yml", SCHEMA) do |row|
        BaseFood.new(care: nil, boils: false, allergens: [].freeze, **row)
      end

      module_function

      # The food of a class of raw food that takes longest to be tender, or nil when the class has none.
      def of_care(care)
        all.values.select { |food| food.care == care }.max_by(&:tender_min)
      end
    end
  end
end
