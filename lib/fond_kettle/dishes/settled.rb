# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../care/kind"
require_relative "dish_step"
require_relative "line"

module FondKettle
  module Dishes
    # The states that steps give to their lines: food that is cooked down is reduced, food that is fried for
    # long is browned, unless the line names another state. Meat only gets a crust.
    module Settled
      # Minutes from which frying drives off water.
      FRIES_MIN = 8.0
      RAW_FISH = "raw-fish"
      EATEN_RAW = "eaten-raw"
      # The state that a kind of step leaves things in, and from how many minutes on.
      MAKES = { "reduce" => ["reduced", 0.0], "fry" => ["browned", FRIES_MIN] }.freeze

      module_function

      # The lines, in their states.
      def lines(lines, steps, claims)
        made = made(steps, claims)
        heated = heated(steps, claims)
        lines.each_with_index.map do |line, index|
          line = settled(line, made.fetch(index)) if made.key?(index)
          heated.include?(index) ? line : left_raw(line)
        end.freeze
      end

      # Indexes of lines that a step heats.
      def heated(steps, claims)
        steps.zip(claims).flat_map do |step, list|
          kind = Care::Kinds.fetch(step.kind)
          kind.burner? || kind.oven? ? list.map(&:index) : []
        end
      end

      # Fish that lies in no pot that boils, and that no step heats, is eaten raw: it has a caution of its
      # own.
      def left_raw(line)
        food = line.ingredient
        raw = food.care & Care::Cautions.surely_raw
        return line unless line.pot_share.zero? && raw == [RAW_FISH]

        line.with(ingredient: food.with(care: (food.care - raw + [EATEN_RAW]).freeze))
      end

      # The state of each line, by its index.
      def made(steps, claims)
        steps.zip(claims).each_with_object({}) do |(step, list), found|
          state, from_min = MAKES[step.kind]
          next unless state && step.minutes >= from_min

          list.each { |claim| found[claim.index] = state }
        end
      end

      def settled(line, state)
        food = line.ingredient
        if line.state != "raw" || food.liquid || food.brings.zero? || food.care.intersect?(Care::Cautions.raw)
          return line
        end

        line.with(state: state, ingredient: food.in_state(state))
      end
      private_class_method :made, :heated, :left_raw, :settled
    end
  end
end
