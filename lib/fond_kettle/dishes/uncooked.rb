# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../care/kind"
require_relative "../methods/provision"

module FondKettle
  module Dishes
    # Lines that no step handles as they must be: raw food that nothing heats, fat that nobody
    # says what to do with.
    class Uncooked
      # Classes of food that is raw for certain.
      RAW = (Care::Cautions.raw - ["unknown"]).freeze

      # Of a Dish.
      def initialize(dish)
        @dish = dish
        @kinds = Hash.new { |all, index| all[index] = [] }
        dish.steps.zip(dish.claims) do |step, claims|
          claims.each { |claim| @kinds[claim.index] << Care::Kinds.fetch(step.kind) }
        end
      end

      # Lines that are raw, lie in no pot that boils, and are in no step on a burner.
      def raw
        apart.select do |line, index|
          line.ingredient.care.intersect?(RAW) && @kinds[index].none?(&:burner?)
        end.map(&:first)
      end

      # Fat that no step takes and that is not in the pot.
      def idle
        apart.select { |line, index| Methods::Slots.of(line.ingredient) == Methods::Slots::FAT && @kinds[index].empty? }
             .map(&:first)
      end

      private

      def apart
        @dish.lines.each_with_index.select { |line, _| line.pot_share.zero? && line.amount }
      end
    end
  end
end
