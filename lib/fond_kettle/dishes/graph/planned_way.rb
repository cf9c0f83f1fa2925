# frozen_string_literal: true

module FondKettle
  module Dishes
    # By which way the rice of a GraphDish is planned. A cake whose rice is boiled first and laid in half done
    # takes up no more measured water: it is planned as layers are, and turned out at the end.
    module PlannedWay
      TURNED_OUT = "turned-out"
      RAW_BASE = "sealed-raw-base"
      COOKED_BASE = "sealed-cooked-base"
      BOILED_FIRST = "par-boil"
      # By these a base is cooked before the rice is laid on it.
      COOKS = %w[fry simmer broth reduce bake].freeze

      module_function

      # The method's key, nil: none is named.
      def key(graph)
        return graph.method unless boiled_first(graph.method, graph.steps)

        cooked = graph.steps.any? { |step| step.rice == "before" && COOKS.include?(step.kind) }
        cooked ? COOKED_BASE : RAW_BASE
      end

      # The step at which the rice of a cake is boiled before it is laid in, or nil; `method`: a key; `steps`:
      # whatever has a kind.
      def boiled_first(method, steps)
        steps.find { |step| step.kind == BOILED_FIRST } if method == TURNED_OUT
      end
    end
  end
end
