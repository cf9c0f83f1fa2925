# frozen_string_literal: true

require_relative "../catalogue"
require_relative "../paths"
require_relative "../template"
require_relative "../value"

module FondKettle
  module Care
    # A caution and the steps at which it is shown.
    Caution = Value.define(:code, :when, :steps, :say) do
      def with_allergens(names)
        with(say: Template.fill(say, allergens: names.join(", ")))
      end
    end

    # The cautions of data/cautions.yml, picked by the tags of a plan.
    module Cautions
      ALWAYS = "always"
      END_STEP = "end"
      SCHEMA = Schema.json(strict: true) do
        required(:code).filled(:string)
        required(:when).array(:string)
        required(:steps).array(:string)
        required(:say).filled(:string)
      end

      module_function

      def all
        @all ||= load_file(File.join(DATA, "cautions.yml"))
      end

      # Those that any of `tags` brings; `allergens` are named in the text.
      def for(tags, allergens: [])
        tags = [ALWAYS, *tags, *("allergens" if allergens.any?)]
        all.select { |caution| caution.when.intersect?(tags) }.map { |caution| caution.with_allergens(allergens) }
      end

      # Of `cautions`, those shown at step `key` of a plan whose steps are `keys`:
      # what has no step of its own in this plan is shown at the last one, so that
      # none is ever dropped.
      def at(cautions, key, keys)
        cautions.select do |caution|
          shown = caution.steps.map { |step| step == END_STEP ? keys.last : step } & keys
          shown.empty? ? key == keys.last : shown.include?(key)
        end
      end

      # Reads and checks a cautions file. Raises BadCatalogue.
      def load_file(path)
        Catalogue.read(path, SCHEMA).map { |entry| Caution.new(**entry) }.freeze
      end
    end
  end
end
