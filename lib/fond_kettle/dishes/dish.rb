# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../ground/value"
require_relative "../larder/names"
require_relative "claims"
require_relative "placing"
require_relative "settled"
require_relative "way"

module FondKettle
  module Dishes
    # Kinds of steps that cook all of a line at once.
    COOKED_WHOLE = %w[fry reduce].freeze

    # A dish for `serves` regular adults: `rice_g` of `grain` (a key) by `method` (a
    # key) in a pan `pan_mm` wide (nil: not said); `way`: what it keeps of its own (Way);
    # `placing`: which step takes which of its lines, and what nobody has said (Placing); `graph`: the
    # PlannedGraph that it was made of, nil: its lines and steps were typed.
    Dish = Value.define(:title, :serves, :method, :grain, :rice_g, :pan_mm, :lines, :steps, :note, :way,
                        :placing, :graph) do
      # A Dish that follows its method unless told otherwise; its lines are in the state in which its steps
      # leave them.
      def self.of(lines:, steps:, way: Way.of, **given)
        placing = Placing.of(lines, steps)
        new(way: way, lines: Settled.lines(lines, steps, placing.claims), steps: steps, placing: placing,
            graph: nil, **given)
      end

      # Lines that go in at each of its steps (Claims::Claim).
      def claims
        placing.claims
      end

      # True for a line of which all is fried or cooked down before the rice, and a share kept for later.
      def kept_back?(index)
        line = lines[index]
        return false unless line.shares.size > 1 && line.shares.key?("base")

        step = claims.index { |list| list.include?(FondKettle::Dishes::Claims::Claim.new(index: index, stage: "base")) }
        !step.nil? && (line.state != "raw" || (COOKED_WHOLE.include?(steps[step].kind) && dries?(line)))
      end

      # The same for one evening: without the optional lines of the indexes `without`, and with
      # those of `instead` in the place of what they stand for; other lines that stand for
      # something are left out.
      def chosen(without: [], instead: [])
        replaced = instead.filter_map { |index| lines[index]&.instead_of }.map { |name| Larder::Names.ours.words(name) }
        kept = lines.each_with_index.select do |line, index|
          next instead.include?(index) if line.instead_of

          !left_out?(line, index, without) && !named?(line, replaced)
        end
        kept.size == lines.size ? self : with_lines(kept)
      end

      # Raw rice for one regular adult, g.
      def portion_g
        rice_g / serves
      end

      # The line that the water model answers for, or nil: then it is plain water. Of several
      # liquids that is the water; the others stay as written.
      def main_liquid
        liquids = lines.select(&:free?)
        liquids.find { |line| line.ingredient.water? } || liquids.first
      end

      private

      def dries?(line)
        food = line.ingredient
        food.brings.positive? && !food.runs? && !food.care.intersect?(Care::Cautions.raw)
      end

      def left_out?(line, index, without)
        line.optional && without.include?(index)
      end

      def named?(line, lists)
        own = Larder::Names.ours.words(line.name)
        lists.any? { |words| (words - own).empty? }
      end

      # `kept`: pairs of line and index; a step of which nothing is left goes too.
      def with_lines(kept)
        indexes = kept.map(&:last)
        left = steps.zip(claims).select { |_, list| list.empty? || list.map(&:index).intersect?(indexes) }
                    .map(&:first)
        lines = kept.map(&:first).freeze
        with(lines: lines, steps: left.freeze, placing: Placing.of(lines, left))
      end
    end
  end
end
