# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/vocabulary"
require_relative "grain"

module FondKettle
  module Larder
    # The grain catalogue (data/grains.yml), checked when loaded.
    module Grains
      extend KeyedCatalogue

      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:name).filled(:string)
        required(:rho_g_ml).filled(Schema::Number, gteq?: 0.3, lteq?: 1.4)
        required(:uptake).hash do
          required(:firm).filled(Schema::Number, gt?: 0, lteq?: 5)
          required(:standard).filled(Schema::Number, gt?: 0, lteq?: 5)
          required(:soft).filled(Schema::Number, gt?: 0, lteq?: 5)
        end
        required(:k1_min).filled(Schema::Number, gt?: 0)
        required(:k2).filled(Schema::Number, gt?: 0)
        required(:full_min).filled(Schema::Number, gt?: 0, lteq?: 120)
        required(:cooked_g_ml).filled(Schema::Number, gteq?: 0.3, lteq?: 1.4)
        required(:soak_min).filled(Schema::Number, gteq?: 0, lteq?: 1440)
        required(:clear_per_change).filled(Schema::Number, gt?: 0, lt?: 1)
        required(:snap).filled(:string)
        required(:traits).array(:string, included_in?: Vocabulary::TRAITS)
        optional(:also).array(:string)
      end

      rows("grains.yml", SCHEMA, field: "grain") { |row, place| build(row, place) }

      module_function

      # The Grain of a key; the first there is, where nobody knows that key.
      def or_first(key)
        all[key] || all.values.first
      end

      def build(entry, place)
        uptake = entry[:uptake]
        unless uptake[:firm] < uptake[:standard] && uptake[:standard] < uptake[:soft]
          raise BadCatalogue, "#{place}: uptake must rise from firm over standard to soft"
        end

        Grain.new(also: [].freeze, **entry, uptake: uptake.freeze)
      end
      private_class_method :build
    end
  end
end
