# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../methods/request/provision"

module FondKettle
  module Dishes
    # Lines that no step handles as they must be: raw food that nothing heats, fat that nobody
    # says what to do with.
    class Uncooked
      SERVE = "serve"

      # `dish`: a Dish.
      def initialize(dish)
        @dish = dish
        @kinds = dish.graph.kinds_at
      end

      # Lines that are raw, lie in no pot that boils, and are in no step on a burner.
      def raw
        apart.select do |line, index|
          line.ingredient.care.intersect?(Care::Cautions.surely_raw) && kinds(index).none?(&:heats?)
        end.map(&:first)
      end

      # Fat that no step takes and that is not in the pot.
      def idle
        apart.select do |line, index|
          fat?(line) && kinds(index).all? do |kind|
            kind.key == SERVE
          end
        end.map(&:first)
      end

      private

      def kinds(index)
        @kinds.fetch(index, [])
      end

      def fat?(line)
        Methods::Slots.of(line.ingredient) == Methods::Slots::FAT
      end

      def apart
        @dish.lines.each_with_index.select { |line, _| line.pot_share.zero? && line.amount }
      end
    end
  end
end
