# frozen_string_literal: true

require_relative "../../care/kind"

module FondKettle
  module Methods
    # Follows food that goes in at a step beside the rice through the vessels of its dish: it is measured when
    # it was heated last, not while it is still raw.
    class CarriedFood
      # `made_in`: MadeIn, or nil; `stages`: StageTexts in their order; `amounts`: TaskAmounts.
      def initialize(made_in, stages, amounts)
        @made_in = made_in
        @stages = stages
        @amounts = amounts
      end

      # Provisions that are heated last at a stage; of what nothing heats, those that go in at it.
      def at(stage)
        return @amounts.provisions(stage) unless @made_in&.step(stage.key)

        here = @stages.select { |one| @made_in.step(one.key) && measured_at(one).equal?(stage) }
        here.flat_map { |one| @amounts.provisions(one) }
      end

      private

      def measured_at(stage)
        way(stage).reverse.find { |one| heats?(one) } || stage
      end

      def heats?(stage)
        Care::Kinds.fetch(stage.kind).heats?
      end

      # The stages at which its food is there, itself first.
      def way(stage)
        held = [@made_in.step(stage.key).vessel]
        later = @stages.drop(@stages.index(stage) + 1).select do |one|
          place = @made_in.step(one.key)
          there = place && [place.vessel, *place.from.map(&:vessel)].intersect?(held)
          held |= [place.vessel] if there
          there
        end
        [stage, *later]
      end
    end
  end
end
