# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../care/kind"
require_relative "../methods/request/provision"

module FondKettle
  module Dishes
    # Lines that no step handles as they must be: raw food that nothing heats, fat that nobody
    # says what to do with.
    class Uncooked
      # `dish`: a Dish.
      def initialize(dish)
        @dish = dish
        @kinds = Hash.new { |all, index| all[index] = [] }
        dish.steps.zip(dish.claims) do |step, claims|
          claims.each { |claim| @kinds[claim.index] << Care::Kinds.fetch(step.kind) }
        end
        dish.graph&.later_kinds&.each { |index, kinds| @kinds[index].concat(kinds) }
      end

      # Lines that are raw, lie in no pot that boils, and are in no step on a burner.
      def raw
        apart.select do |line, index|
          line.ingredient.care.intersect?(Care::Cautions.surely_raw) && @kinds[index].none?(&:heats?)
        end.map(&:first)
      end

      # Fat that no step takes and that is not in the pot.
      def idle
        apart.select { |line, index| fat?(line) && @kinds[index].empty? }.map(&:first)
      end

      private

      def fat?(line)
        Methods::Slots.of(line.ingredient) == Methods::Slots::FAT
      end

      def apart
        @dish.lines.each_with_index.select { |line, _| line.pot_share.zero? && line.amount }
      end
    end
  end
end
