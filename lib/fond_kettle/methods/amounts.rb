# frozen_string_literal: true

require_relative "../measure/spoken"

module FondKettle
  module Methods
    # Amounts in grams and in the cook's own cup, side by side.
    module Amounts
      module_function

      # "385 g (1 3/4 jam glasses)"
      def rice(grams, grain, measures)
        "#{measures.weighed(grams)} (#{Measure::Spoken.say(grams / grain.rho_g_ml, measures)})"
      end

      # Water and stock: a gram is a millilitre.
      def liquid(grams, load, measures)
        "#{measures.weighed(grams)} (#{in_cups(grams, load, measures)})"
      end

      # In the cook's own measures; what is poured off again only to half a cup.
      def in_cups(grams, load, measures)
        half_ml = measures.cup.ml / 2
        Measure::Spoken.say(load.plenty? ? (grams / half_ml).round * half_ml : grams, measures)
      end
    end
  end
end
