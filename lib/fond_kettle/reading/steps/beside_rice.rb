# frozen_string_literal: true

require_relative "clause_words"
require_relative "rice_course"

module FondKettle
  module Reading
    # Steps that stand beside the rice's own course: done while it cooks, told later, or at the table.
    class BesideRice
      SERVE = "serve"
      DRAIN = "drain"
      BESIDE = "beside"
      # What is told later and done while the rice is on the fire.
      WHILE_COOKS = /\bwhile\s+(?:it|that|the\s+(?:rice|pot))(?:\s+is|'s)?\s+(?:cook|simmer|boil|steam|bak)/i

      RICE_COOKS = /\bwhile\s+the\s+rice\s+(?:is\s+)?(?:cook|boil|steam)/i

      # `clauses`: Clauses; `rice`: the RiceCourse; `course`: the VesselCourse; `vessels`: StepVessels.
      def initialize(clauses, rice, course, vessels)
        @clauses = clauses
        @rice = rice
        @course = course
        @vessels = vessels
        @while_cooks = {}
      end

      # The place of a step in the rice's course (RiceCourse), or nil: where the rice is by then; `takes`:
      # what goes in at it.
      def at(clause, kind, vessel, takes)
        return unless @rice.in?
        return @rice.stage if drained_beside?(kind, vessel)
        return BESIDE if kind == SERVE && (takes.any? || clause.say.match?(ClauseWords::ALL[:beside]))

        while_cooks(clause, vessel) || meanwhile(clause, vessel)
      end

      # The id of the step beside which a clause is done, one for all clauses of its sentence; `last`: the
      # ReadStep before.
      def which(last, clause)
        return if !clause.meanwhile || later?(clause)

        same = last&.beside && last.clause.sentence == clause.sentence
        same ? last.beside : last&.id
      end

      private

      def meanwhile(clause, vessel)
        @rice.stage if clause.meanwhile && vessel != @course.fire
      end

      # "Edamame: 3 minutes in boiling water, drain": the rice is not over by that.
      def drained_beside?(kind, vessel)
        kind == DRAIN && @vessels.beside_rice?(vessel)
      end

      # True before the rice goes in, of what is done while it cooks: beside nothing that was told so far.
      def later?(clause)
        !@rice.in? && @clauses.any? { |one| one.sentence == clause.sentence && one.say.match?(RICE_COOKS) }
      end

      # What is told on of a vessel in which something was begun while the rice cooks goes on there and then.
      def while_cooks(clause, vessel)
        return @while_cooks[vessel] = RiceCourse::WITH if clause.say.match?(WHILE_COOKS)

        @while_cooks[vessel] unless vessel == @vessels.rice_at
      end
    end
  end
end
