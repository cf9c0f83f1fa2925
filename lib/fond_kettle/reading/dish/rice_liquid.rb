# frozen_string_literal: true

require_relative "remarks"
require_relative "../steps/rice_course"

module FondKettle
  module Reading
    # Whether a vessel holds nothing but what the rice is cooked in, so that as much of it is poured as the
    # rice needs: hot stock, with saffron in it.
    class RiceLiquid
      # What weighs no more flavours a liquid, g.
      PINCH_G = 10.0
      POURED_AT = [RiceCourse::IN, RiceCourse::WITH].freeze

      # `steps`: ReadSteps; `lines`: ReadLines; `method`: a key; `own`: key of the rice's vessel.
      def initialize(steps, lines, method, own)
        @steps = steps
        @lines = lines
        @own = own
        @poured = Remarks::POURED.include?(method)
      end

      # True where a step pours a broth that was made in another vessel (its key), and no other liquid goes in
      # with the rice: however much its words say, it is what the rice is cooked in.
      def broth?(key, step)
        return false unless @poured && key != @own && with_rice?(step)

        @steps.select { |one| with_rice?(one) }.flat_map(&:takes)
              .none? { |index, _| @lines[index].ingredient&.liquid }
      end

      # True where a vessel (its key) holds that at a step; `before`: the ReadSteps before it.
      def in?(key, step, before)
        return false unless @poured && POURED_AT.include?(step.rice)

        there = before.select { |one| one.vessel == key }
        held = there.flat_map { |one| one.takes.map { |index, _| @lines[index] } }
        there.all? { |one| one.from.empty? } && liquid?(held)
      end

      # True for a step at which something goes in with the rice.
      def with_rice?(step)
        step.vessel == @own && POURED_AT.include?(step.rice)
      end

      private

      def liquid?(held)
        liquids, others = held.partition { |line| line.ingredient&.liquid }
        liquids.any? && others.all? { |line| line.g.to_f <= PINCH_G }
      end
    end
  end
end
