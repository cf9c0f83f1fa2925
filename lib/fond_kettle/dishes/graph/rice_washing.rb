# frozen_string_literal: true

module FondKettle
  module Dishes
    # Who washes the rice of a GraphDish: its way, or its own steps.
    class RiceWashing
      RINSE = "rinse"
      SOAK = "soak"
      BEFORE = "before"
      WITH = "with"

      # `graph`: a GraphDish.
      def initialize(graph)
        @graph = graph
      end

      # True where the rice soaks in what another vessel has made, or is washed with something else ("rice and
      # dal together"): its own steps wash it, not the way.
      def apart?
        return @apart if defined?(@apart)

        @apart = @graph.steps.any? do |step|
          step.rice == BEFORE && holders.include?(step.vessel) && (in_others?(step) || with_others?(step))
        end
      end

      # "Leave 30 minutes", of rice that lies in its pot with the liquid it is cooked in.
      def soaks_in_pot?(step)
        step.kind == SOAK && step.rice == WITH && step.vessel == @graph.rice_vessel.key &&
          step.from.empty? && step.takes.empty?
      end

      private

      def holders
        @holders ||= @graph.rice_holders
      end

      def in_others?(step)
        step.kind == SOAK && (step.from.map(&:vessel) - holders).any?
      end

      def with_others?(step)
        step.kind == RINSE && step.takes.size > 1 && step.takes.any? { |take| take.line == @graph.rice_line }
      end
    end
  end
end
