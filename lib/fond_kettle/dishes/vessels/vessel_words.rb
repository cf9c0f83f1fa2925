# frozen_string_literal: true

require_relative "../../kit/dish_vessels"

module FondKettle
  module Dishes
    # Where a step is done, in words.
    module VesselWords
      # Kinds of steps that are done in no vessel: what is served stands on the table.
      NOWHERE = %w[serve preheat turn-out].freeze

      module_function

      # What is done, with its vessel (Methods::MadeInVessel) before it where the words do not name it.
      #
      #   VesselWords.in(wide_pan, "Brown the onions") # => "In the wide pan: brown the onions"
      def in(vessel, say)
        return say if names(vessel).any? { |name| say.downcase.include?(name) }

        "#{sentence(vessel.placed)}: #{small(say)}"
      end

      # Words of the middle of a sentence as one of their own.
      #
      #   VesselWords.sentence("drain it.") # => "Drain it"
      def sentence(words)
        words.sub(/[.\s]+\z/, "").sub(/\A[[:lower:]]/, &:upcase)
      end

      def names(vessel)
        [vessel.key, vessel.kind, vessel.name, vessel.pot.name].compact.map do |name|
          name.downcase.tr("-", " ")
        end
      end

      # Words of a sentence's front as in the middle of one.
      def small(words)
        words.sub(/\A[A-Z](?=[a-z])/, &:downcase)
      end
      private_class_method :names
    end
  end
end
