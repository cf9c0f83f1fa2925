# frozen_string_literal: true

require_relative "../../measure/spoken"

module FondKettle
  module Methods
    # Amounts of liquid in the cook's own cup.
    module Amounts
      module_function

      # `grams` of water or stock (a gram is a millilitre) in the cook's own measures
      # (Measure::House); of a Pot::Load that is poured off again only to half a cup.
      #
      #   in_cups(385.0, load, house) # => "1 3/4 jam glasses + 1 tbsp"
      def in_cups(grams, load, measures)
        Measure::Spoken.say(measured_ml(grams, load, measures), measures)
      end

      # Millilitres that the words of `in_cups` are for.
      def measured_ml(grams, load, measures)
        half_ml = measures.cup.ml / 2
        load.plenty? ? (grams / half_ml).round * half_ml : grams
      end
    end
  end
end
