# frozen_string_literal: true

require "date"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/larder/ingredients"
require_relative "fields"
require_relative "kept_fields"

module FondKettle
  module Forms
    # A component of the house's own: what it is to a dish, how much, until when.
    class ComponentForm
      include KeptFields

      # Kinds of component: how it is called, what of the catalogue it is like, and for how many days
      # such a thing keeps in the refrigerator, where nobody says otherwise.
      KINDS = { "dressing" => ["a dressing", "rice-vinegar", 30], "stock" => ["a stock", "stock", 3],
                "broth" => ["what was left of a broth", "stock", 3],
                "base" => ["a browned base", "browned-onion", 4],
                "blend" => ["a spice blend", "spice-mix", 180] }.freeze
      PLACES = %w[fridge freezer cupboard].freeze
      SCHEMA = Schema.params do
        required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
        required(:kind).filled(:string, included_in?: KINDS.keys)
        required(:left_g).filled(Typed.within(Limits::ADDITION_G, "g"), included_in?: Limits::ADDITION_G,
                                                                        gt?: 0)
        optional(:brings).maybe(Typed.within(0..1), included_in?: 0..1)
        optional(:salt).maybe(Typed.within(0..100), included_in?: 0..100)
        optional(:allergens).maybe(:string, max_size?: Limits::TEXT_LENGTH)
        required(:use_by).filled(:string)
        required(:place).filled(:string, included_in?: PLACES)
      end
      FIELDS = %i[name kind left_g brings salt allergens use_by place].freeze
      LONGEST_DAYS = 400

      # `typed`: texts; `today`: a Date.
      def initialize(typed, today)
        @typed = FIELDS.to_h { |field| [field, Forms.text(typed, "c_#{field}")] }
        @today = today
        result = SCHEMA.call(@typed.reject { |_, value| value == "" })
        @values = result.to_h
        @problems = Forms.problems(result) + (result.success? ? [*unknown_allergens, *past] : [])
        @problems = @problems.map { |one| one.merge(field: "c_#{one[:field]}") }.freeze
      end

      # A form without problems, its fields filled with `values`.
      def self.filled(values, today)
        new({}, today).filled(values)
      end

      # The component as a record of the shelf of own ingredients.
      def ingredient
        { name: @values[:name], like: KINDS.fetch(@values[:kind])[1], allergens: @values[:allergens].to_s,
          **@values.slice(:brings, :salt).compact }
      end

      # The component's amount, as ComponentBook#make takes it.
      def amount
        { left_g: @values[:left_g], use_by: use_by.iso8601, place: @values[:place] }
      end

      private

      def use_by
        Date.iso8601(self[:use_by])
      rescue Date::Error
        nil
      end

      def past
        return [problem(:use_by, "must be a day, like #{@today.iso8601}")] unless use_by
        return [problem(:use_by, "must not be in the past")] if use_by < @today

        use_by - @today > LONGEST_DAYS ? [problem(:use_by, "must be within #{LONGEST_DAYS} days")] : []
      end

      def unknown_allergens
        unknown = self[:allergens].split(",").map(&:strip).reject(&:empty?) - Larder::ALLERGENS
        unknown.map { |name| problem(:allergens, "#{name}: must be one of #{Larder::ALLERGENS.join(', ')}") }
      end
    end
  end
end
