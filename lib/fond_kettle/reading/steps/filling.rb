# frozen_string_literal: true

module FondKettle
  module Reading
    # Whether what is mixed is a filling with the rice in it.
    module Filling
      WORD = /\b(?:filling|stuffing)\b/i
      MIX = "mix"

      module_function

      # True for a Clause that mixes the filling, of which the rice (a ReadLine, or nil) is listed as a part:
      # "Mix the filling".
      def with_rice?(clause, rice)
        clause.kind == MIX && clause.say.match?(WORD) && rice&.part.to_s.match?(WORD)
      end
    end
  end
end
