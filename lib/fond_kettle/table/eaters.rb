# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Table
    APPETITE = { "light" => 0.75, "regular" => 1.0, "hearty" => 1.3 }.freeze
    AGE = { "under-five" => 0.4, "five-to-ten" => 0.6, "teen" => 1.1, "adult" => 1.0 }.freeze
    # Raw rice for one regular adult, g (docs/model.md: Scaling).
    PORTION_G = { "side" => 60.0, "main" => 75.0, "one-pot" => 85.0, "layered" => 95.0, "sushi" => 80.0,
                  "parcel" => 70.0 }.freeze

    # Somebody at the table. `share` is their part of an adult's portion; `avoids`
    # lists allergens.
    Eater = Value.define(:id, :name, :appetite, :age, :avoids) do
      # An Eater of whom only appetite and age are known.
      def self.of(appetite: "regular", age: "adult", name: nil, avoids: [])
        new(id: nil, name: name, appetite: appetite, age: age, avoids: avoids.dup.freeze)
      end

      # Portions of a regular adult, 0.3 to 1.43.
      def share
        APPETITE.fetch(appetite) * AGE.fetch(age)
      end
    end

    # Raw rice for a table.
    module Portions
      module_function

      # Grams of raw rice for `eaters`, at `portion` (a key of PORTION_G); `portions_g`
      # is what this household takes a portion to be.
      #
      #   rice_g([adult, adult], "main") # => 150.0
      def rice_g(eaters, portion, portions_g = PORTION_G)
        eaters.sum(&:share) * portions_g.fetch(portion)
      end
    end
  end
end
