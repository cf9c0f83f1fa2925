# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../ground/value"
require_relative "../methods/request/provision"
require_relative "claims"
require_relative "deep_fat"

module FondKettle
  module Dishes
    # Which step of a dish takes which of its lines, and what nobody has said.
    #   claims    a list of Claims::Claim for each step
    #   guessed   by index of a line: the step (its index) that it is planned into, though none names it
    #   unplaced  indexes of lines of the base that stand nowhere until the cook says where
    #   stopped   of these, indexes of free liquid that was to go into deep hot fat
    #   dripping  by index of a step in deep hot fat: indexes of lines that come wet to it
    #   told      true where the dish says itself what goes where, and nothing is read from words
    Placing = Value.define(:claims, :guessed, :unplaced, :stopped, :dripping, :told) do
      # The Placing of some `lines` (Line) and `steps` (DishStep).
      def self.of(lines, steps)
        FondKettle::Dishes::PlacedLine.new(lines, steps).placing
      end

      # Share of a line that goes in somewhere; `share`: what its stages in the pot come to.
      def placed_share(line, index, share)
        unplaced.include?(index) ? share - line.shares.fetch("base", 0.0) : share
      end
    end

    # Works a Placing out. A line of the base that no step names is planned into the marinade, where there is
    # one, and frying fat into the first step that fries; each is asked about. Anything else waits for an
    # answer.
    class PlacedLine
      BASE = "base"
      MARINADE = "marinate"

      # `lines`: Lines of a dish; `steps`: its DishSteps.
      def initialize(lines, steps)
        @lines = lines
        @steps = steps
        @claims = Claims.of(lines, steps)
      end

      # The Placing.
      def placing
        fat = DeepFat.new(@lines, @steps, @claims)
        claims = without(fat.stopped)
        guessed = guesses(still_open(claims) - fat.stopped)
        claims = with(claims, guessed)
        Placing.new(claims: claims, guessed: guessed.freeze, unplaced: still_open(claims).freeze,
                    stopped: fat.stopped.freeze, dripping: fat.dripping.freeze, told: false)
      end

      private

      # Indexes of lines of the base that no step takes, where the dish has a base of its own.
      def still_open(claims)
        return [] if own_base.empty?

        taken = claims.flatten.select { |claim| claim.stage == BASE }.map(&:index)
        @lines.each_index.select { |index| @lines[index].shares.key?(BASE) } - taken
      end

      def own_base
        @own_base ||= @steps.each_index.select { |index| @steps[index].stage == BASE }
      end

      def guesses(indexes)
        indexes.to_h { |index| [index, guess(@lines[index])] }.compact
      end

      def guess(line)
        fat = Methods::Slots.of(line.ingredient) == Methods::Slots::FAT
        fries = own_base.find { |index| Care::Kinds.fetch(@steps[index].kind).fat } if fat
        fries || own_base.find { |index| @steps[index].kind == MARINADE }
      end

      def without(stopped)
        @claims.map { |list| list.reject { |claim| stopped.include?(claim.index) && claim.stage }.freeze }
      end

      def with(claims, guessed)
        claims.each_with_index.map do |list, step|
          more = guessed.select { |_, at| at == step }.keys.map { |index| Claims::Claim.new(index: index, stage: BASE) }
          more.empty? ? list : [*list, *more].sort_by(&:index).freeze
        end.freeze
      end
    end
  end
end
