# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../dishes/claim"
require_relative "../../measure/numeral"
require_relative "barred_leftovers"
require_relative "vessel_heading"

module FondKettle
  module Reading
    # Lines of which all is fried or cooked down before the rice, and a share lifted out for later: onions of
    # which half go on top.
    class KeptShares
      BASE = "base"
      # Kinds of steps that cook all of a line at once.
      COOKED_WHOLE = %w[fry reduce].freeze
      RAW = "raw"
      LIFT = "Lift %s of the %s out, and keep it"
      NAME = "Kept %s"
      WORDS = "the %s that were kept"
      WRITTEN_HALF = %r{\A1/2\z}
      HALF = "half"

      # `lines`: Dishes::Lines; `steps`: BarredSteps; `claims`: Dishes::Claims for each step.
      def initialize(lines, steps, claims)
        @lines = lines
        @steps = steps
        @claims = claims
        @kept = lines.each_index.select { |index| kept?(index) }
      end

      # VesselHeadings of the bowls in which they wait.
      def vessels
        @kept.map { |index| bowl(index) }
      end

      # Share of a line that goes in at a claim of it.
      def share(claim)
        return @lines[claim.index].shares.fetch(claim.stage) unless @kept.include?(claim.index)

        claim.stage == BASE ? 1.0 : 0.0
      end

      # Steps (hashes) by which it is lifted out after the step of an index, of the `vessel` there.
      def lifted(index, vessel)
        there = @kept.select { |line| @claims[index].include?(claim(line, BASE)) }
        there.map do |line|
          share = later_share(line)
          { "id" => "s#{index + 1}-kept-#{line + 1}", "kind" => "take-out", "vessel" => bowl(line).key,
            "say" => format(LIFT, Measure::Numeral.write(share).sub(WRITTEN_HALF, HALF), @lines[line].name),
            "from" => [{ "vessel" => vessel, "share" => share.round(4) }], "rice" => "before" }
        end
      end

      # Keys of the bowls from which it goes in at the step of an index.
      def poured_at(index)
        @kept.select { |line| @claims[index].any? { |one| one.index == line && later?(one) } }
             .map { |line| bowl(line).key }
      end

      # Contents of their bowls that go in where no step says so ("in", "after" or "beside"), in words, by the
      # bowls' keys.
      def poured(place)
        named = @claims.flatten.select { |one| later?(one) }.map(&:index)
        there = (@kept - named).select { |line| BarredLeftovers::PLACES.fetch(stages(line).first) == place }
        there.to_h { |line| [bowl(line).key, format(WORDS, @lines[line].name)] }
      end

      # [index of a line, stage] of all that is lifted out, and goes in from its bowl.
      def later
        @kept.flat_map { |line| stages(line).map { |stage| [line, stage] } }
      end

      private

      def kept?(index)
        line = @lines[index]
        return false unless line.shares.size > 1 && line.shares.key?(BASE)

        step = @claims.index { |list| list.include?(claim(index, BASE)) }
        !step.nil? && (line.state != RAW || (COOKED_WHOLE.include?(@steps[step].kind) && dries?(line)))
      end

      def dries?(line)
        food = line.ingredient
        food.brings.positive? && !food.runs? && !food.care.intersect?(Care::Cautions.raw)
      end

      def claim(index, stage)
        Dishes::Claim.new(index: index, stage: stage)
      end

      def later?(claim)
        claim.stage != BASE
      end

      def stages(line)
        @lines[line].shares.keys - [BASE]
      end

      def later_share(line)
        @lines[line].shares.except(BASE).values.sum
      end

      def bowl(line)
        VesselHeading.new(name: format(NAME, @lines[line].name), kind: "bowl")
      end
    end
  end
end
