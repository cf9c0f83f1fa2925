# frozen_string_literal: true

require_relative "../methods/request/provision"
require_relative "line_words"
require_relative "own_steps"
require_relative "scaling"
require_relative "serving_words"

module FondKettle
  module Dishes
    # Food that the lines of a dish put into each place (Methods::Provision), in the house's measures.
    class Provisions
      # `lines`: Scaled, for all pots; `house`: Measure::House.
      def initialize(dish, lines, house)
        @main = dish.main_liquid
        @lines = lines
        @steps = dish.step_of.transform_values { |step| OwnSteps.key(step) }
        @words = ServingWords.new(house)
        @line_words = LineWords.new(@words)
        @provisions = {}
      end

      # A Provision for each place of each line, the liquid that the model answers for left
      # out, in one of `pots` equal pots.
      def provisions(pots)
        @provisions[pots] ||= worded(pots)
      end

      private

      def worded(pots)
        @lines.each_with_index.filter_map do |scaled, index|
          next if scaled.line.equal?(@main)

          provision(scaled.line, part(scaled, 1.0 / pots), scaled, @steps[index])
        end.freeze
      end

      def part(scaled, share)
        share >= 1 ? scaled : scaled.with(factor: scaled.factor * share)
      end

      def provision(line, one, all, step)
        said = @words.say(one)
        told = @line_words.text(line, said)
        Methods::Provision.new(key: line.ingredient.key, what: line.name, g: one.g,
                               measured: said.words || said.weight,
                               told: told, told_all: text_of_all(line, told, one, all),
                               stage: line.stage, step: step, slot: Methods::Slots.of(line.ingredient),
                               care: line.ingredient.care, wilts_ml: wilts_ml(line, one))
      end

      def text_of_all(line, told, one, all)
        one.factor == all.factor ? told : @line_words.text(line, @words.say(all))
      end

      def wilts_ml(line, one)
        line.state == "raw" && one.g ? line.ingredient.wilting_ml(one.g) : 0.0
      end
    end
  end
end
