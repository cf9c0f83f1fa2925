# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../larder/ingredient"

module FondKettle
  module Dishes
    # Food in the state that a line says it is in.
    module LineState
      COOKED = "cooked"

      module_function

      # A Larder::Ingredient in a state (a key of Larder::STATES): what is cooked is not raw any more.
      def of(ingredient, state)
        done = ingredient.in_state(state)
        state == COOKED ? done.with(care: (done.care - Care::Cautions.surely_raw).freeze) : done
      end
    end
  end
end
