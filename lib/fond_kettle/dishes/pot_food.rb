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
      # Beside them, in another vessel.
      ASIDE = "aside"

      # `dish`: a Dish; `lines`: Scaled ones; `method`: the Methods::Method with its own steps.
      def initialize(dish, lines, method)
        @dish = dish
        @lines = lines
        @broth = method.broth
        @told = told
        @again = again
      end

      # The list of Methods::Additions.
      def additions
        main = @dish.main_liquid
        placed = @lines.each_with_index.reject do |scaled, _|
          scaled.line.equal?(main) || !scaled.line.in_pot?
        end
        placed.flat_map { |scaled, index| of(scaled, index) }
      end

      # Additions to vessels from which nothing comes to the rice before it is cooked; what goes in once the
      # rice is done is none of them.
      def aside
        there = @lines.each_with_index.select do |scaled, index|
          !scaled.line.in_pot? && scaled.g && before_rice?(index, scaled.line.stage)
        end
        there.map do |scaled, index|
          step = @told.fetch([index, scaled.line.stage])
          addition(scaled, index, 1.0, stage: ASIDE, step: step).with(poured: false)
        end
      end

      private

      def before_rice?(index, stage)
        step = claimed(first: true).find { |claim, _| [claim.index, claim.stage] == [index, stage] }&.last
        !step.nil? && @dish.steps[step].stage == BASE
      end

      # Keys of the stages that take lines, by a line's index and stage.
      def told
        claimed(first: true).to_h { |claim, step| [[claim.index, claim.stage], OwnSteps.key(step)] }
      end

      # Keys of later stages that name a line again, by its index.
      def again
        found = claimed(first: false).group_by { |claim, _| claim.index }
        found.transform_values { |claims| claims.map { |_, step| OwnSteps.key(step) }.freeze }
      end

      # [claim, index of its step] of those that are the `first` to name a line, or of the others.
      def claimed(first:)
        @dish.claims.each_with_index.flat_map do |claims, step|
          claims.select { |claim| claim.stage.nil? ^ first }.map { |claim| [claim, step] }
        end
      end

      def of(scaled, index)
        return kept_back(scaled, index) if @dish.kept_back?(index)

        shares(scaled.line, index).map do |stage, share|
          addition(scaled, index, share, stage: stage, step: (@told[[index, BASE]] if stage == BASE))
        end
      end

      # All of it is fried, a share lifted out again; what of that comes back with the rice is browned.
      def kept_back(scaled, index)
        shares = shares(scaled.line, index)
        base = shares.fetch(BASE, 0.0)
        fried = addition(scaled, index, 1.0, stage: BASE, step: @told[[index, BASE]]).with(kept: 1.0 - base)
        back = shares.except(BASE).map do |stage, share|
          one = addition(scaled, index, share, stage: stage, step: nil)
          one.with(ingredient: one.ingredient.in_state(Methods::Addition::BROWNED))
        end
        [fried, *back]
      end

      # Shares of a line by where it is: in the base, or with the rice.
      def shares(line, index)
        base = line.shares.fetch(BASE, 0.0)
        left = line.pot_share - base
        { BASE => @dish.placing.placed_share(line, index, base), WITH => left }.select do |_, share|
          share.positive?
        end
      end

      # Only from a broth can food be lifted out.
      def addition(scaled, index, share, stage:, step:)
        line = scaled.line
        Methods::Addition.new(ingredient: line.ingredient, g: scaled.g * share, label: nil,
                              poured: line.poured?, start_c: nil, stage: stage, step: step,
                              out: (line.out if @broth),
                              state: line.state, kept: 0.0, again: @again.fetch(index, [].freeze))
      end
    end
  end
end
