# frozen_string_literal: true

require_relative "../methods/request/addition"
require_relative "dish"
require_relative "own_steps"

module FondKettle
  module Dishes
    # Food that the lines of a dish put into the pot with the rice, as Methods::Additions: one for each place
    # at which some of a line goes in.
    class PotFood
      # Stages of a line: before the rice, and with it.
      BASE = "base"
      WITH = "with"
      # The stage of a step that lays something on before the rice rests.
      LATE = "off"
      # Beside them, in another vessel.
      ASIDE = "aside"

      # `dish`: a Dish; `lines`: Scaled ones.
      def initialize(dish, lines)
        @dish = dish
        @lines = lines
        @steps = dish.step_of
        @told = @steps.transform_values { |step| OwnSteps.key(step) }
      end

      # The list of Methods::Additions.
      def additions
        main = @dish.main_liquid
        placed = @lines.each_with_index.reject do |scaled, _|
          scaled.line.equal?(main) || !scaled.line.in_pot?
        end
        placed.map do |scaled, index|
          stage = scaled.line.stage == BASE ? BASE : WITH
          found = addition(scaled, stage: stage, step: (@told[index] if stage == BASE))
          laid_late?(index) ? without_water(found) : found
        end
      end

      # Additions to vessels from which nothing comes to the rice before it is cooked; what goes in once the
      # rice is done is none of them.
      def aside
        there = @lines.each_with_index.select do |scaled, index|
          !scaled.line.in_pot? && scaled.g && before_rice?(index)
        end
        there.map do |scaled, index|
          addition(scaled, stage: ASIDE, step: @told.fetch(index)).with(poured: false)
        end
      end

      private

      # True for what is laid on once the fire has done: the rice has its water by then.
      def laid_late?(index)
        step = @steps[index]
        !step.nil? && @dish.steps[step].stage == LATE
      end

      # An Addition that neither gives the rice water nor takes it any.
      def without_water(addition)
        addition.with(ingredient: addition.ingredient.with(brings: 0.0, takes: 0.0))
      end

      # True for what goes in at a step of its own before the rice.
      def before_rice?(index)
        step = @steps[index]
        !step.nil? && @dish.steps[step].stage == BASE
      end

      def addition(scaled, stage:, step:)
        line = scaled.line
        Methods::Addition.of(line.ingredient, scaled.g, label: nil, poured: line.poured?, stage: stage,
                                                        step: step, state: line.state)
      end
    end
  end
end
