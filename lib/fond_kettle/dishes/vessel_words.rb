# frozen_string_literal: true

require_relative "../kit/dish_vessels"

module FondKettle
  module Dishes
    # Where a step is done, in words.
    module VesselWords
      # Words before a vessel's own, and words for what is made in it.
      PLACE = /\A(?:in|on)\s+(?:the|an?)\s+/i
      FOR = /\Afor\b/i

      module_function

      # What is done, with its vessel (Methods::MadeInVessel) before it where the words do not name it.
      #
      #   VesselWords.in(wide_pan, "Brown the onions") # => "In the wide pan: brown the onions"
      def in(vessel, say)
        return say if names(vessel).any? { |name| say.downcase.include?(name) }

        "#{Kit::DishVessels.fetch(vessel.kind).flat ? 'On' : 'In'} #{called(vessel)}: #{small(say)}"
      end

      def names(vessel)
        [vessel.key, vessel.kind, vessel.name, vessel.pot.name].compact.map do |name|
          name.downcase.tr("-", " ")
        end
      end

      # The house's own vessel by its name, a usual one by the dish's word for it, where that says what it is.
      def called(vessel)
        own = vessel.pot.name
        return own.match?(/\A(?:my|our) /i) ? own : "the #{small(own)}" if vessel.pot.id

        word = [vessel.name, vessel.key.tr("-", " ")].compact.map { |one| one.sub(PLACE, "") }
                                                     .find { |one| Kit::DishVessels.in_words(one) }
        word && !word.match?(FOR) ? "the #{small(word)}" : own
      end

      def small(words)
        words.sub(/\A[A-Z](?=[a-z])/, &:downcase)
      end
      private_class_method :names, :called, :small
    end
  end
end
