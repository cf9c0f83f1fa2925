# frozen_string_literal: true

require_relative "../care/cautions"

module FondKettle
  module Dishes
    # What the steps make of the care of their lines: fish that nothing heats is eaten raw. What they do to
    # its water is worked out in their vessel (Methods::RiceVessel).
    module Settled
      RAW_FISH = "raw-fish"
      EATEN_RAW = "eaten-raw"

      module_function

      # The lines, with the care of what their steps leave of them; `kinds`: Care::Kinds of the steps at which
      # each (its index) is there.
      def lines(lines, kinds)
        lines.each_with_index.map do |line, index|
          kinds.fetch(index, []).any?(&:heats?) ? line : left_raw(line)
        end.freeze
      end

      # Fish that lies in no pot that boils, and that no step heats, is eaten raw: it has a caution of its
      # own.
      def left_raw(line)
        food = line.ingredient
        raw = food.care & Care::Cautions.surely_raw
        return line unless line.pot_share.zero? && raw == [RAW_FISH]

        line.with(ingredient: food.with(care: (food.care - raw + [EATEN_RAW]).freeze))
      end

      private_class_method :left_raw
    end
  end
end
