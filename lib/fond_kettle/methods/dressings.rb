# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/keyed_catalogue"
require_relative "../ground/limits"
require_relative "../ground/value"

module FondKettle
  module Methods
    # A dressing for 100 g of raw rice.
    DressingPer = Value.define(:vinegar_ml, :sugar_g, :salt_g)
    # A house style: a row of data/dressings.yml.
    DressingStyle = Value.define(:key, :name, :gives, :per)

    # The house styles, checked when loaded.
    module Dressings
      extend KeyedCatalogue

      USUAL = "usual"
      PARTS = { vinegar_ml: Limits::VINEGAR_ML, sugar_g: Limits::DRESSING_SUGAR_G,
                salt_g: Limits::DRESSING_SALT_G }.freeze
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: Catalogue::KEY)
        required(:name).filled(:string)
        required(:gives).filled(:string)
        PARTS.each { |part, range| required(part).filled(Schema::Number, included_in?: range) }
      end
      rows("dressings.yml", SCHEMA) do |row|
        DressingStyle.new(per: DressingPer.new(**row.slice(*PARTS.keys).transform_values(&:to_f)),
                          **row.slice(:key, :name, :gives))
      end
    end
  end
end
