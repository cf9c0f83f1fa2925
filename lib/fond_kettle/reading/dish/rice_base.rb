# frozen_string_literal: true

require_relative "../steps/rice_course"
require_relative "../vessels/wash_vessel"

module FondKettle
  module Reading
    # The base of a dish: what lies in the rice's vessel before the rice, as a text tells it.
    class RiceBase
      # By these a base is cooked.
      COOKS = %w[fry simmer reduce toast broth bake].freeze
      COOKED = "cooked"

      # `steps`: ReadSteps; `lines`: ReadLines; `own`: key of the rice's vessel.
      def initialize(steps, lines, own)
        @all = steps
        @lines = lines
        @own = own
      end

      # ReadSteps that make it.
      def steps
        @steps ||= before.select { |step| step.vessel == @own && !WashVessel::KINDS.include?(step.kind) }
      end

      # True where nothing goes in.
      def none?
        steps.none? { |step| step.takes.any? }
      end

      # True where it is laid in raw: some meat of it that nothing has heated, or nothing but what is raw.
      def raw?
        taken = before.select { |step| step.takes.any? { |index, _| meat?(index) } }
        return taken.any? { |step| none_cooked?(way_of(step)) } if taken.any?

        given = [@own, *steps.flat_map(&:from)]
        steps.any? && none_cooked?(before.select { |step| given.include?(step.vessel) })
      end

      private

      def none_cooked?(steps)
        steps.none? { |step| COOKS.include?(step.kind) }
      end

      def before
        @all.select { |step| step.rice == RiceCourse::BEFORE }
      end

      # Steps before the rice at which what goes in at one of them is there.
      def way_of(step)
        held = [step.vessel]
        before.drop(before.index(step)).select do |one|
          there = [one.vessel, *one.from].intersect?(held)
          held |= [one.vessel] if there
          there
        end
      end

      def meat?(index)
        line = @lines[index]
        return false if line.state == COOKED

        line.ingredient&.care&.any? { |one| one.start_with?("raw", "poultry", "whole", "minced") }
      end
    end
  end
end
