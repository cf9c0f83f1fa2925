# frozen_string_literal: true

require_relative "../catalogue"
require_relative "../paths"
require_relative "../value"

module FondKettle
  module Larder
    # Something that goes into the pot beside rice and liquid: water it brings to
    # the rice and water it drinks, g per g.
    Ingredient = Value.define(:key, :name, :brings, :takes, :dry, :g_ml, :allergens, :care) do
      # Pulses, noodles and other dry food share the ratio with the rice.
      def drinks?
        takes.positive?
      end
    end

    # The ingredient catalogue (data/ingredients.yml), checked when loaded.
    module Ingredients
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: /\A[a-z]+(-[a-z]+)*\z/)
        required(:name).filled(:string)
        required(:brings).filled(Schema::Number, gteq?: 0, lteq?: 1)
        required(:takes).filled(Schema::Number, gteq?: 0, lteq?: 4)
        required(:dry).filled(:bool)
        required(:g_ml).filled(Schema::Number, gt?: 0, lteq?: 2)
        required(:allergens).array(:string)
        required(:care).array(:string)
      end

      module_function

      def all
        @all ||= load_file(File.join(DATA, "ingredients.yml"))
      end

      # Raises InvalidInput for a key that is not in the catalogue.
      def fetch(key)
        all[key] || raise(InvalidInput.at("ingredient", "must be one of: #{all.keys.join(', ')}", received: key))
      end

      # Reads and checks an ingredient file; returns ingredients by key. Raises BadCatalogue.
      def load_file(path)
        Catalogue.read(path, SCHEMA).to_h { |entry| [entry[:key], Ingredient.new(**entry)] }.freeze
      end
    end
  end
end
