# frozen_string_literal: true

require_relative "../../care/kind"

module FondKettle
  module Reading
    # Whether a step keeps a cook busy, by its kind, its minutes and its words.
    module HandsNeeded
      # What is stirred all the time, not "once" or "now and then".
      STIRRED = /\bstir(?:ring|red)?\b(?!\s+in\b)/i
      NOW_AND_THEN = /\b(?:once|twice|occasional(?:ly)?|(?:every\s+)?now\s+and\s+(?:then|again)|half\s?way|
                      from\s+time\s+to\s+time|sometimes|every\s+(?:few|so|\d+|five|ten)|
                      after\s+(?:\d+|half|an?|five|ten|fifteen))\b/ix
      # Kinds with hands that go on by themselves for so many minutes: what drips in a sieve, what boils or
      # cooks down for long.
      BY_ITSELF_MIN = { "drain" => 5, "par-boil" => 20, "reduce" => 20 }.freeze
      # The same of what lies in its marinade, or cooks under a lid, where it says so.
      LEFT = { "mix" => [/\b(?:lie|lies|stand|stands|left|leave|sit|rest|marinate)\b/i, 15],
               "fry" => [/\b(?:covered|cover|lid\s+on|under\s+a\s+lid)\b/i, 15] }.freeze
      BAKE = "bake"

      module_function

      # True where hands are wanted for all of a ReadStep.
      def for?(step)
        say = step.clause.say
        return false if step.kind == BAKE && step.clause.minutes

        stirred = say.match?(STIRRED) && !say.match?(NOW_AND_THEN)
        stirred || !(Care::Kinds.fetch(step.kind).goes_on?(step.clause.minutes) || left?(step, say))
      end

      def left?(step, say)
        minutes = step.clause.minutes.to_f
        words, least_min = LEFT[step.kind]
        by_itself_min = BY_ITSELF_MIN[step.kind]
        (by_itself_min && minutes >= by_itself_min) || (words && minutes >= least_min && say.match?(words))
      end
      private_class_method :left?
    end
  end
end
