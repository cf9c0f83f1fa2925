# frozen_string_literal: true

require_relative "../lines/line_sorts"
require_relative "../vessels/wash_vessel"
require_relative "rice_clauses"
require_relative "rice_words"

module FondKettle
  module Reading
    # Whether a clause that does not name the rice is about it: it goes on in water, or shares its verb.
    module SpokenRice
      COOKED = /\A\W*(?:\d[^,.;]{0,20}\bwater,\s+)?(?:pressure[ -])?
                (?:(?:par[ -]?)?(?:cook|boil)|simmer|steam|soak|cooker\s+on
                |(?:add|pour\s+(?:in|on)|cover\s+with)\s+(?:the\s+)?(?:[[:alpha:]]+\s+)?water)\b/ix
      LABEL = /\A\W*(?:(?:cook|make|prepare)\s+)?(?:(?:the|sushi|plain|white)\s+)*rice\s*(?::|\s[–—-])\s/i
      SOAKED = /\A\W*(?:(?:leave|let)\s+(?:it\s+)?(?:to\s+)?)?soak\b/i

      module_function

      # True for "wash" in "wash and soak the rice": a word alone, of what the Clause that follows names.
      def shared?(clause, following)
        return false if clause.kind.nil? || clause.say.include?(" ")

        following&.sentence == clause.sentence && WashVessel::KINDS.include?(following.kind) &&
          following.say.match?(RiceClauses::RICE)
      end

      # "Rice: rinse 3x, boil": by itself. `clauses`: all of the text.
      def labelled?(clauses, clause)
        clauses.find { |one| one.sentence == clause.sentence }.say.match?(LABEL)
      end

      # True for "boil in the water", "soak with a spoon of salt", "cook in the cooker with 700 ml water and a
      # bay leaf"; `lines`: ReadLines that it names.
      def in_water?(say, lines)
        return false unless say.match?(COOKED) || say.match?(SOAKED)
        return true if in_cooker?(say, lines)

        lines.all? { |line| say.match?(SOAKED) ? LineSorts.brine?(line) : line.ingredient&.water? }
      end

      def in_cooker?(say, lines)
        say.match?(RiceWords::IN_COOKER) && lines.any? { |line| line.ingredient&.water? }
      end
      private_class_method :in_cooker?
    end
  end
end
