# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../methods/request/provision"

module FondKettle
  module Dishes
    # Food that must not go into deep hot fat: free liquid never, and no food that drips (docs/model.md: Food
    # in a vessel).
    class DeepFat
      # Fat of more than that share of the food is deep, where there is at least LEAST_G of it.
      SHARE = 0.5
      LEAST_G = 100.0
      # Kinds of step that heat fat for certain; a step of no kind may be anything.
      FRIES = %w[fry heat-oil].freeze
      # Kinds of step that leave food wet.
      WETS = %w[marinate simmer boil broth].freeze

      # `lines`: of a dish (Line); `steps`: its steps (DishStep); `claims`: the lines that each step uses
      # (Claims).
      def initialize(lines, steps, claims)
        @lines = lines
        @steps = steps
        @claims = claims
        @deep = steps.each_index.select { |index| FRIES.include?(steps[index].kind) && deep?(claims[index]) }
      end

      # Indexes of lines that are free liquid and were to go in.
      def stopped
        @stopped ||= @deep.flat_map { |step| indexes(step) }.uniq.select { |index| runs?(@lines[index]) }
      end

      # Indexes of lines that are wet when they come to a step, by the step's index.
      def dripping
        found = @deep.to_h do |step|
          named = @claims[step].map(&:index) & wetted_before(step).flat_map { |index| indexes(index) }
          [step, (named - stopped).reject { |index| fat?(@lines[index]) }]
        end
        found.reject { |_, lines| lines.empty? }
      end

      private

      # Indexes of steps before one in which food gets wet.
      def wetted_before(step)
        (0...step).select { |index| WETS.include?(@steps[index].kind) }
      end

      def indexes(step)
        @claims[step].select(&:stage).map(&:index)
      end

      def deep?(claims)
        taken = claims.map { |claim| @lines[claim.index] }
        fat, food = taken.partition { |line| fat?(line) }
        fat_g, food_g = [fat, food.reject { |line| runs?(line) }].map do |lines|
          lines.sum do |one|
            one.g.to_f
          end
        end
        fat_g >= LEAST_G && fat_g > SHARE * food_g
      end

      def fat?(line)
        Methods::Slots.of(line.ingredient) == Methods::Slots::FAT || line.ingredient.care.include?("hot-fat")
      end

      def runs?(line)
        !fat?(line) && line.ingredient.runs?
      end
    end
  end
end
