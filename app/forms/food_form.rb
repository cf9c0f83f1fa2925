# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/larder/unknown_food"
require_relative "fields"

module FondKettle
  module Forms
    # An answer about a food that nobody knew: a key of Larder::UnknownFood::KINDS, a space, the food's name.
    class FoodForm
      NAME_LETTERS = 80
      SCHEMA = Schema.params do
        required(:kind).filled(:string, included_in?: Larder::UnknownFood::KINDS.keys)
        required(:food).filled(:string, max_size?: NAME_LETTERS)
      end

      attr_reader :problems

      def initialize(text)
        kind, food = text.split(" ", 2)
        result = SCHEMA.call("kind" => kind, "food" => food.to_s.strip)
        @values = result.to_h
        @problems = Forms.problems(result)
      end

      def food
        @values[:food]
      end

      def kind
        @values[:kind]
      end

      # "Wakame: none of these. Kept for this house."
      def notice
        "#{food}: #{Larder::UnknownFood::KINDS.fetch(kind).downcase}. Kept for this house."
      end
    end
  end
end
