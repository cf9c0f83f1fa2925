# frozen_string_literal: true

require_relative "../../dishes/contradictions"
require_relative "../../dishes/graph/planned_way"
require_relative "../../larder/spelling"
require_relative "../../measure/degrees"
require_relative "../lines/rice_line"

module FondKettle
  module Reading
    # What is odd in a text that was read (`remarks` of a dish of schema 2): the cook decides.
    class Remarks
      # Liquid to one of rice by weight, outside of which it is hardly meant, in ways that pour it.
      RATIO = (0.6..4.0)
      POURED = %w[covered-pot rice-cooker toasted-pilaf oven-pilaf open-then-covered broth-under-rice
                  one-pot-sauce mixed-rice].freeze
      FAHRENHEIT = /\d{3}\s*°?\s*F\b|\bdegrees\s+F/i
      AS_LAYERS = "The rice is boiled before it is laid in: it is planned as layers, then turned out."
      SPELLED = "“%s” is read as %s."
      HEAT = "%s is %d °C."
      LIQUID = "%d g of liquid for %d g of rice: by weight %s to 1. Is that meant?"

      # `lines`: ReadLines; `steps`: ReadSteps; `method`: a key, nil: a side.
      def initialize(lines, steps, method)
        @lines = lines
        @steps = steps
        @method = method
      end

      # Hashes of `of` (the id of a line or step, or "lines") and `say`.
      def all
        [*@lines.flat_map { |line| [*misspelled(line), *told_twice(line.id, line.text)] },
         *@steps.flat_map { |step| [*told_twice(step.id, step.clause.say), *heat(step)] },
         *liquid, *boiled_first]
      end

      private

      def misspelled(line)
        found = line.text[Larder::Spelling::WRONG]
        found ? [remark(line.id, format(SPELLED, found, Larder::Spelling.mend(found)))] : []
      end

      def told_twice(id, text)
        Dishes::Contradictions.in(text).map { |say| remark(id, say) }
      end

      def heat(step)
        said = step.clause.say[FAHRENHEIT]
        said ? [remark(step.id, format(HEAT, said, Measure::Degrees.first(step.clause.say).round))] : []
      end

      def liquid
        return [] unless POURED.include?(@method)

        rice_g = RiceLine.of(@lines)&.g.to_f
        poured_g = @lines.select { |line| line.ingredient&.liquid }.sum { |line| line.g.to_f }
        odd?(poured_g, rice_g) ? [remark("lines", said(poured_g, rice_g))] : []
      end

      # How a cake is planned whose rice is boiled before it is laid in.
      def boiled_first
        boils = Dishes::PlannedWay.boiled_first(@method, @steps)
        boils ? [remark(boils.id, AS_LAYERS)] : []
      end

      def odd?(poured_g, rice_g)
        poured_g.positive? && rice_g.positive? && !RATIO.cover?(poured_g / rice_g)
      end

      def said(poured_g, rice_g)
        format(LIQUID, poured_g, rice_g, (poured_g / rice_g).round(1))
      end

      def remark(id, say)
        { "of" => id, "say" => say }
      end
    end
  end
end
