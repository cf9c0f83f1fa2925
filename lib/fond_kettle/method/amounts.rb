# frozen_string_literal: true

require_relative "../measure/spoken"

module FondKettle
  module Method
    # Amounts in grams and in the cook's own cup, side by side.
    module Amounts
      module_function

      # "385 g (1 3/4 jam glasses)"
      def rice(grams, grain, measures)
        "#{measures.weighed(grams)} (#{Measure::Spoken.say(grams / grain.rho_g_ml, measures)})"
      end

      # Water and stock: a gram is a millilitre.
      def liquid(grams, measures)
        "#{measures.weighed(grams)} (#{Measure::Spoken.say(grams, measures)})"
      end
    end
  end
end
