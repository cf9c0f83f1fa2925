# frozen_string_literal: true

require_relative "../methods/provision"
require_relative "claims"
require_relative "own_steps"
require_relative "scaling"
require_relative "serving_words"

module FondKettle
  module Dishes
    # What the lines of a dish put where (Methods::Provision), in the house's measures.
    class Provisions
      # `lines`: Scaled, for all pots; `house`: Measure::House.
      def initialize(dish, lines, house)
        @dish = dish
        @lines = lines
        @steps = dish.claims.each_with_index.flat_map { |list, index| list.map { |claim| [claim, OwnSteps.key(index)] } }
                       .to_h
        @words = ServingWords.new(house)
        @provisions = {}
      end

      # A Provision for each place of each line, the liquid that the model answers for left
      # out, in one of `pots` equal pots.
      def provisions(pots)
        @provisions[pots] ||= worded(pots)
      end

      private

      def worded(pots)
        main = @dish.main_liquid
        @lines.each_with_index.flat_map do |scaled, index|
          scaled.line.equal?(main) ? [] : placed(scaled, index, pots)
        end.freeze
      end

      def placed(scaled, index, pots)
        scaled.line.shares.map do |stage, share|
          provision(scaled.line, part(scaled, share / pots), part(scaled, share), stage,
                    @steps[Claims::Claim.new(index: index, stage: stage)])
        end
      end

      def part(scaled, share)
        share >= 1 ? scaled : scaled.with(factor: scaled.factor * share)
      end

      def provision(line, one, all, stage, step)
        said = @words.say(one)
        told = told(line, said)
        Methods::Provision.new(what: line.name, g: one.g, measured: said.words || said.weight,
                               told: told, told_all: one.factor == all.factor ? told : told(line, @words.say(all)),
                               stage: stage, step: step, slot: Methods::Slots.of(line.ingredient),
                               care: line.ingredient.care)
      end

      # "3 leeks, in rings (450 g)", "45 g butter (3 tbsp)", "black pepper, to taste"
      def told(line, said)
        note = ", #{line.note}" unless line.note.empty? || line.note.start_with?("(")
        return "#{line.name}#{note}, to taste" unless said.g || said.counted

        first, second = [said.weight, said.words].compact.then { |list| said.counted ? list.reverse : list }
        "#{first} #{@words.named(line, said)}#{note}#{" (#{second})" if second}"
      end
    end
  end
end
