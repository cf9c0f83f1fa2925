# frozen_string_literal: true

require_relative "../lines/named_lines"
require_relative "clause_words"
require_relative "rice_clauses"

module FondKettle
  module Reading
    # The lines that a clause puts somewhere, or does something with.
    class ClauseLines
      # Words for something that goes on meanwhile, or is kept for later: they put nothing in.
      NOT_PUT = /\bwhile\s+(?:the\s+[[:alpha:]]+|it|they|that|those)\s+(?:(?:is|are)\s+)?
                 (?:cook|roast|bak|simmer|boil|soak|rest|stand|steam|heat|drain|cool|fr(?:y|ie)|brown|drip)
                 [a-z]*\b|\b(?:and\s+)?keep(?:ing)?\s+(?:the|its|their)\s+[[:alpha:]]+(?=\s*(?:[,.;]|\z))/ix

      # "Everything but the rice": what is left out is not put in.
      ALL_BUT = ClauseWords::ALL.fetch(:all_but)
      IN_BOILING = /\bin\s+(?:plenty\s+of\s+|lots\s+of\s+)?(?:salted\s+)?boiling\s+(?:salted\s+)?water\b/i
      DRAIN = "drain"
      SALT = "salt"
      SALTED = /\bsalted\b/i
      # Salt by its name, and words by which it is only tasted.
      SALT_ITSELF = /\bsalt\b/i
      TASTED = /\b(?:taste|check|adjust|more|pinch|if)\b/i

      # `clauses`: all of the text; `lines`: ReadLines; `places`: LinePlaces; `recited`: RecitedClauses; the
      # block says whether a text means a mixture by the word of a line (its index).
      def initialize(clauses, lines, places, recited, &mixture)
        @clauses = clauses
        @lines = lines
        @named = NamedLines.new(lines)
        @places = places
        @recited = recited
        @mixture = mixture
      end

      # The words of a text that put something in.
      def self.put(say)
        say.gsub(NOT_PUT, " ").gsub(ALL_BUT, " ")
      end

      # NamedLines of the clause at a position; fat and liquid of which it only says what is to be seen are
      # none, nor is what somebody would have to be asked about.
      def in(clause, position)
        return [] if @recited.at?(position)

        found = put_in(clause, position)
        return found unless clause.until

        done = of(clause.doing).map(&:index)
        found.reject { |one| !done.include?(one.index) && (@lines[one.index].runs? || !one.sure?) }
      end

      private

      def put_in(clause, position)
        but = ALL_BUT.match(clause.say)
        return all_but(but[:left]) if but

        of(ClauseLines.put(clause.say))
          .reject { |one| other?(clause, one.index) || salts_later?(clause, one.index, position) }
      end

      # NamedLines of all that nothing was taken of, but for what a text names.
      def all_but(text)
        left = of(text).map(&:index)
        (@places.untaken - left).map do |index|
          NamedLine.new(index: index, share: nil, onto: nil, certainty: Certainty::SAID)
        end
      end

      def of(text)
        @named.in(text, @places.untaken, @places.left)
      end

      # "In salted water", of salt that a later clause puts in by its name.
      def salts_later?(clause, index, position)
        return false unless salt?(index) && clause.say.match?(SALTED) && !clause.say.match?(SALT_ITSELF)

        @places.untaken.one? { |one| salt?(one) } &&
          @clauses.drop(position + 1).any? { |one| one.say.match?(SALT_ITSELF) && !one.say.match?(TASTED) }
      end

      def salt?(index)
        @lines[index].ingredient&.key == SALT
      end

      # True where its word stands for something else.
      def other?(clause, index)
        RiceClauses.soaking_water?(clause, @lines[index]) || @mixture.call(clause.say, index) ||
          poured_away?(clause, @lines[index])
      end

      # "Half cook the rice in boiling water, drain": that water is none of the dish's own.
      def poured_away?(clause, line)
        return false unless line.ingredient&.water? && clause.say.match?(IN_BOILING)

        @clauses[@clauses.index(clause) + 1]&.kind == DRAIN
      end
    end
  end
end
