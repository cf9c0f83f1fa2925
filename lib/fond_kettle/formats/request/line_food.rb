# frozen_string_literal: true

require_relative "../../dishes/line_state"
require_relative "../../ground/errors"
require_relative "../../larder/grains"
require_relative "../../larder/ingredients"
require_relative "../../larder/names"

module FondKettle
  module Formats
    # The food of a line of a dish of schema 2: by its key, or by its words; a food that nobody knows is asked
    # about elsewhere and counts as unknown.
    class LineFood
      UNKNOWN = "unknown"
      RAW = "raw"

      # `line`: a hash with string keys; `index`: its position; `names`: Larder::Names.
      def initialize(line, index, names)
        @line = line
        @index = index
        @names = names
      end

      # The Larder::Ingredient, in the line's state, with the allergens that it names. Raises InvalidInput for
      # a key that is not known.
      def ingredient
        found = keyed
        allergens = found.allergens | @line.fetch("allergens", [])
        unchecked = found.unchecked || (@line["food"] if @line["not_checked"])
        found = found.with(allergens: allergens.freeze, unchecked: unchecked)
        Dishes::LineState.of(found, @line.fetch("state", RAW))
      end

      private

      def keyed
        key = @line["ingredient"]
        named = @names.as_written(@line["food"], @line["unit"])
        return named || unknown if key.nil? || Larder::Grains.all.key?(key)

        named&.key == key ? named : Larder::Ingredients.fetch(key)
      rescue InvalidInput => e
        raise InvalidInput.at("dish.lines.#{@index}.ingredient", e.problems.first[:message], received: key)
      end

      def unknown
        Larder::Ingredient.of(key: UNKNOWN, name: @line["food"], care: [UNKNOWN].freeze,
                              unchecked: @line["food"])
      end
    end
  end
end
