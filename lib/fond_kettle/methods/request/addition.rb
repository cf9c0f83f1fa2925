# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../measure/rounding"

module FondKettle
  module Methods
    # Something beside the rice: an Ingredient and its weight in g; `label` is how the
    # tasks name it, nil where a dish's own lines and steps do; `poured`: with the model's own
    # liquid, when the pot is filled (docs/model.md: Several liquids); `out`: "before-rice", where it
    # is lifted out of its broth for good before the rice goes in, "back-at-end", where it comes
    # back when the rice is done, or nil; `start_c`: how warm it goes in (nil: as the rice is).
    Addition = Value.define(:ingredient, :g, :label, :poured, :out, :start_c) do
      const_set(:OUT, %w[before-rice back-at-end].freeze)
      # An Addition that nobody has written as a line: "200 g tomato".
      def self.of(ingredient, grams, out: nil, start_c: nil)
        new(ingredient: ingredient, g: grams, poured: false, out: out, start_c: start_c,
            label: "#{Measure::Rounding.grams(grams)} g #{ingredient.name.downcase}")
      end

      # True when it lies in the pot with the rice, as food.
      def stays?
        !poured && out.nil?
      end

      # An Addition that is poured, and named there.
      def self.poured(ingredient, grams)
        new(ingredient: ingredient, g: grams, poured: true, label: nil, out: nil, start_c: nil)
      end
    end
  end
end
