# frozen_string_literal: true

module FondKettle
  module Dishes
    # Where a step is done, in words.
    module VesselWords
      # Kinds of vessels on which food lies.
      ON = %w[board].freeze

      module_function

      # What is done, with its vessel (Methods::MadeInVessel) before it where the words do not name it.
      #
      #   VesselWords.in(wide_pan, "Brown the onions") # => "In the wide pan: brown the onions"
      def in(vessel, say)
        return say if names(vessel).any? { |name| say.downcase.include?(name) }

        "#{ON.include?(vessel.kind) ? 'On' : 'In'} #{called(vessel)}: #{small(say)}"
      end

      def names(vessel)
        [vessel.key, vessel.kind, vessel.name, vessel.pot.name].compact.map do |name|
          name.downcase.tr("-", " ")
        end
      end

      # The house's own vessel by its name, a usual one by the dish's word for it.
      def called(vessel)
        return vessel.pot.name if vessel.pot.name.match?(/\A(?:my|our) /i)

        "the #{small(vessel.pot.id ? vessel.pot.name : vessel.name || vessel.key.tr('-', ' '))}"
      end

      def small(words)
        words.sub(/\A[A-Z](?=[a-z])/, &:downcase)
      end
      private_class_method :names, :called, :small
    end
  end
end
