# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../dishes/claim"
require_relative "../../methods/request/provision"
require_relative "taken_lines"

module FondKettle
  module Reading
    # Which step written with bars takes which line, and what is guessed: a line of the base that no step
    # names goes into the marinade, where there is one, and frying fat into the first step that fries.
    class PlacedLines
      BASE = "base"
      MARINADE = "marinate"

      # Dishes::Claims for each step; by index of a line, the index of the step that is only guessed for it.
      attr_reader :claims, :guessed

      # `lines`: Dishes::Lines; `steps`: BarredSteps.
      def initialize(lines, steps)
        @lines = lines
        @steps = steps
        @own_base = steps.each_index.select { |index| steps[index].stage == BASE }
        claims = TakenLines.of(lines, steps)
        @guessed = guesses(homeless(claims)).freeze
        @claims = with_guesses(claims)
      end

      # True where the dish makes its base itself.
      def own_base?
        @own_base.any?
      end

      # [index of a line, stage, share] of what no step takes.
      def untaken
        taken = @claims.flatten.select(&:stage).map { |claim| [claim.index, claim.stage] }
        parts = @lines.each_with_index.flat_map do |line, index|
          line.shares.map { |stage, share| [index, stage, share] }
        end
        parts.reject { |index, stage, _| taken.include?([index, stage]) }
      end

      private

      # Indexes of lines of the base that no step takes, where the dish has a base of its own.
      def homeless(claims)
        return [] unless own_base?

        taken = claims.flatten.select { |claim| claim.stage == BASE }.map(&:index)
        @lines.each_index.select { |index| @lines[index].shares.key?(BASE) } - taken
      end

      def guesses(indexes)
        indexes.to_h { |index| [index, guess(@lines[index])] }.compact
      end

      def guess(line)
        fat = Methods::Slots.of(line.ingredient) == Methods::Slots::FAT
        fries = @own_base.find { |index| Care::Kinds.fetch(@steps[index].kind).fat } if fat
        fries || @own_base.find { |index| @steps[index].kind == MARINADE }
      end

      def with_guesses(claims)
        claims.each_with_index.map do |list, step|
          more = @guessed.select { |_, at| at == step }.keys.map do |index|
            Dishes::Claim.new(index: index, stage: BASE)
          end
          [*list, *more].sort_by(&:index).freeze
        end.freeze
      end
    end
  end
end
