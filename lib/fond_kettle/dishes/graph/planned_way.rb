# frozen_string_literal: true

module FondKettle
  module Dishes
    # By which way the rice of a GraphDish is planned. A cake whose rice is boiled first and laid in half done
    # takes up no more measured water: it is planned as layers are, and turned out at the end. Rice that is
    # wrapped and then simmers in a liquid is cooked as in a covered pot: no steamer, no parcels of done rice.
    module PlannedWay
      TURNED_OUT = "turned-out"
      RAW_BASE = "sealed-raw-base"
      COOKED_BASE = "sealed-cooked-base"
      BOILED_FIRST = "par-boil"
      PARCELS = "leaf-parcels"
      COVERED = "covered-pot"
      OVEN = "oven-pilaf"
      # As rice of a covered pot is washed.
      WASHED = { "rinse" => 4, "drain" => "shaken" }.freeze
      LEFT = { "finish" => "leave", "soak" => 0 }.freeze
      BAKE = "bake"
      STEAMER = "steamer"
      WRAP = "wrap"
      STEAM = "steam"
      WET = %w[boil low simmer bake].freeze
      # By these a base is cooked before the rice is laid on it.
      COOKS = %w[fry simmer broth reduce bake].freeze

      module_function

      # The method's key, nil: none is named.
      def key(graph)
        return rolls(graph) if simmered_rolls?(graph)
        return graph.method unless boiled_first(graph.method, graph.steps)

        cooked = graph.steps.any? { |step| step.rice == "before" && COOKS.include?(step.kind) }
        cooked ? COOKED_BASE : RAW_BASE
      end

      # The way in which rolls are done: in the oven or on the ring.
      def rolls(graph)
        graph.steps.any? { |step| step.rice == "with" && step.kind == BAKE } ? OVEN : COVERED
      end

      # Fields of its way that rolls have: nobody turns them over, or soaks their rice, which is washed, where
      # the oven's own way would not do it.
      def of_rolls(graph)
        return {} unless simmered_rolls?(graph)

        rolls(graph) == OVEN ? { **LEFT, **WASHED } : LEFT
      end

      # True where rice is wrapped in leaves and then simmers or bakes in its pot.
      def simmered_rolls?(graph)
        return false if graph.method != PARCELS || graph.rice_vessel.kind == STEAMER

        kinds = graph.steps.group_by(&:rice).transform_values { |steps| steps.map(&:kind) }
        kinds.values.none? { |all| all.include?(STEAM) } &&
          kinds.fetch("before", []).include?(WRAP) && kinds.fetch("with", []).intersect?(WET)
      end

      # The step at which the rice of a cake is boiled before it is laid in, or nil; `method`: a key; `steps`:
      # whatever has a kind.
      def boiled_first(method, steps)
        steps.find { |step| step.kind == BOILED_FIRST } if method == TURNED_OUT
      end
      private_class_method :rolls
    end
  end
end
