# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../larder/ingredients"
require_relative "../../methods/request/request"

module FondKettle
  module Formats
    # The `liquids` of a request: those with a weight are fixed, one without it makes up the
    # rest; where each has one, plain water does.
    class LiquidsReader
      # A share of its weight that is water.
      WET = 0.5

      # `given`: hashes of ingredient and g. Raises InvalidInput.
      def initialize(given)
        @given = given.each_with_index.map { |one, index| [liquid(one, index), one[:g]] }
        free = @given.each_index.reject { |index| @given[index].last }
        return if free.size < 2

        raise InvalidInput.at("liquids.#{free[1]}.g", "must be given: only one liquid can make up the rest")
      end

      # The Ingredient of which the model says how much, or nil: plain water.
      def main
        @given.find { |_, grams| grams.nil? }&.first
      end

      # The fixed ones (Methods::Addition).
      def poured
        @given.select(&:last).map { |ingredient, grams| Methods::Addition.poured(ingredient, grams) }
      end

      private

      # What makes up the rest is as good as water; what is fixed only has to bring some.
      def liquid(one, index)
        fits = one[:g] ? ->(food) { food.brings >= WET } : :liquid.to_proc
        foods = Larder::Ingredients.all.values.select(&fits)
        foods.find { |food| food.key == one[:ingredient] } ||
          raise(InvalidInput.at("liquids.#{index}.ingredient",
                                "must be one of: #{foods.map(&:key).join(', ')}",
                                received: one[:ingredient]))
      end
    end
  end
end
