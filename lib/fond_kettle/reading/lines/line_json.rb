# frozen_string_literal: true

require_relative "read_line"

module FondKettle
  module Reading
    # A ReadLine as a dish of schema 2 has it.
    module LineJson
      RAW = "raw"

      module_function

      # A hash with string keys.
      def call(line)
        food = line.ingredient
        known = line.grain || (food.key unless line.unknown?)
        { "id" => line.id, "text" => line.text, "food" => line.food, "ingredient" => known, **amount(line),
          "state" => (line.state unless line.state == RAW), "note" => line.note, "unknown" => line.unknown?,
          "not_checked" => (true if food&.unchecked), "allergens" => food&.allergens || [],
          "care" => food&.care || [] }.compact
      end

      def amount(line)
        { "amount" => line.amount, "unit" => (line.unit if line.amount), "g" => line.g&.round(3) }
      end
      private_class_method :amount
    end
  end
end
