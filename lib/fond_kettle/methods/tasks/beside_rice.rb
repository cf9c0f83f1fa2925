# frozen_string_literal: true

require_relative "../request/made_in"

module FondKettle
  module Methods
    # Which of a dish's own steps, told for when the rice is done, are done beside it: nothing of the rice is
    # in them, and a later step brings them to it.
    class BesideRice
      # `made_in`: MadeIn, or nil; `stages`: StageTexts once the rice is done, in their order.
      def initialize(made_in, stages)
        @rice_vessel = made_in&.rice_vessel&.key
        @places = stages.filter_map { |stage| made_in&.step(stage.key) }
      end

      # True for a StageText that is done beside the rice.
      def include?(stage)
        keys.include?(stage.key)
      end

      private

      def keys
        @keys ||= brought_to(@places.select { |place| with_rice.include?(place.key) }) - with_rice
      end

      # Keys of the steps that have something of the rice, or come after one that has.
      def with_rice
        @with_rice ||= @places.reduce([]) { |found, place| rice?(place, found) ? [*found, place.key] : found }
      end

      def rice?(place, found)
        [place.vessel, *place.from.map(&:vessel)].include?(@rice_vessel) ||
          place.after.intersect?([MadeInStep::RICE, *found])
      end

      # Keys of the steps that make what some use, and of those that make what these use.
      def brought_to(places)
        used = @places.select { |place| places.any? { |one| one.after.include?(place.key) } } - places
        used.empty? ? [] : used.map(&:key) | brought_to(used)
      end
    end
  end
end
