# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../vessels/food_way"

module FondKettle
  module Methods
    # Food that is made ready beside the rice's pot, heated by nothing there, and goes into it raw.
    class RawToRice
      # Keys of the steps of a Request whose food is cooked in another vessel before it comes to the rice.
      def self.cooked_apart(request)
        stages = request.method.last_phase.base.select { |stage| request.made_in&.beside?(stage.key) }
        raw = new(request.made_in, stages)
        stages.reject { |stage| raw.stage?(stage) }.map(&:key)
      end

      # `made_in`: MadeIn, or nil; `stages`: StageTexts beside the pot, in their order.
      def initialize(made_in, stages)
        @made_in = made_in
        @heats = stages.select { |stage| Care::Kinds.fetch(stage.kind).heats? }.map(&:key)
      end

      # True where the food of a StageText does so.
      def stage?(stage)
        place = @made_in&.step(stage.key)
        return false unless place

        way = Vessels::FoodWay.of(@made_in.steps, place)
        own = @made_in.rice_vessel&.key
        # What began in the rice's own pot was lifted out of it.
        begun = way.take_while { |one| one.vessel == own }
        before = begun + way.drop(begun.size).take_while { |one| one.vessel != own }
        before.none? { |one| @heats.include?(one.key) } && into_rice?(way, before, own)
      end

      private

      def into_rice?(way, before, own)
        way.size > before.size || @made_in.rice_from.map(&:vessel).intersect?(before.map(&:vessel) - [own])
      end
    end
  end
end
