# frozen_string_literal: true

require_relative "rice_words"

module FondKettle
  module Reading
    # Finds from where on the rice of a text cooks, under its lid or in its cooker.
    class RiceUnderLid
      LAYER = "layer"
      LOW = "low"
      SIMMER = "simmer"
      LOW_HEAT = /\b(?:low|lowest|smallest|gentlest|tiny)\s+(?:heat|flame|fire|ring)\b/i

      # `clauses`: Clauses; `speaking`: positions of those that speak of the rice.
      def initialize(clauses, speaking)
        @clauses = clauses
        @speaking = speaking
      end

      # The position of the clause from which it does; past the last one where none says so.
      def from
        @from ||= [layered, @clauses.index { |one| in_cooker?(one) }].compact.min || @clauses.size
      end

      private

      # Laid in with something, and put on low after that.
      def layered
        put = @speaking.find { |at| @clauses[at].kind == LAYER }
        put && ((put + 1)...@clauses.size).find { |at| low?(@clauses[at]) }
      end

      # "Put it on the lowest heat for 45 minutes."
      def low?(clause)
        !clause.minutes.nil? && (clause.kind == LOW || clause.say.match?(LOW_HEAT))
      end

      # "Cook it in the rice cooker."
      def in_cooker?(clause)
        clause.kind == SIMMER && clause.say.match?(RiceWords::IN_COOKER)
      end
    end
  end
end
