# frozen_string_literal: true

require_relative "../lines/all_for_part"
require_relative "../lines/named_lines"
require_relative "../words/labels"
require_relative "clause_words"
require_relative "soaking_water"

module FondKettle
  module Reading
    # The lines that a clause puts somewhere, or does something with.
    class ClauseLines
      # Words for something that goes on meanwhile, or is kept for later: they put nothing in.
      NOT_PUT = /\bwhile\s+(?:the\s+[[:alpha:]]+|it|they|that|those)\s+(?:(?:is|are)\s+)?
                 (?:cook|roast|bak|simmer|boil|soak|rest|stand|steam|heat|drain|cool|fr(?:y|ie)|brown|drip)
                 [a-z]*\b|\b(?:and\s+)?(?:keep|keeping|save|saving)\s+
                 (?:the|its|their)\s+[[:alpha:]]+(?=\s*(?:[,.;]|\z))/ix

      # "Everything but the rice": what is left out is not put in.
      ALL_BUT = ClauseWords::ALL.fetch(:all_but)
      # "Everything else on top"
      ALL_ELSE = /\A\W*(?:then\s+|lay\s+|put\s+|add\s+)?everything\s+else\b/i
      IN_BOILING = /\bin\s+(?:plenty\s+of\s+|lots\s+of\s+)?(?:salted\s+)?boiling\s+(?:salted\s+)?water\b/i
      # A vessel that stands on a fire.
      IN_POT = /\b(?:cooker|pot|pan|saucepan|casserole|dutch\s+oven)\b/i
      # What is made is no line that is called so: "blend to a paste".
      TO_A_PASTE = /\b(?:in)?to\s+an?\s+(?:[[:alpha:]]+\s+){0,2}(?:paste|powder|pulp|sauce|batter|dough)\b/i
      # "Blend to a paste", right below a list.
      BLENDS = /\A\W*(?:then\s+)?
                (?:all\s+in(?:to)?\s+the\s+blender|blend|blitz|whizz?|process|grind|pound|pur[ée]e|mash|mix
                |whisk|combine|toss|rub|marinate)\b/ix
      # "Blend everything smooth with a splash of water": what is listed above is meant too.
      ALL_OF_LIST = /\b(?:everything|(?:it|them)\s+all|all\s+of\s+(?:it|them)|all\s+the\s+ingredients)\b/i
      AMOUNT = /[\d½¼¾⅓⅔⅛]/
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
        none = [Labels::HEADS_LIST, Labels::MADE, NOT_PUT, ALL_BUT, TO_A_PASTE]
        none.reduce(say) { |text, words| text.gsub(words, " ") }
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
        whole = all_told(clause.say, position)
        return whole if whole

        found = of(ClauseLines.put(clause.say))
        return everything(position) if found.empty? && all_in_pot?(clause)
        return of_part(clause.part) | found if listed_above?(clause, found)

        found.reject { |one| other?(clause, one.index) || later?(clause, one.index, position) }
      end

      # True where all of the list right above is meant, and what is named goes in with it.
      def listed_above?(clause, found)
        return false unless clause.part && clause.say.match?(BLENDS)

        found.empty? || (clause.say.match?(ALL_OF_LIST) && found.all? { |one| @lines[one.index].spoken })
      end

      # NamedLines of all that a text puts in by one word, or nil: "everything but the rice", "everything for
      # the broth", "everything else".
      def all_told(say, position)
        return all_else(position) if say.match?(ALL_ELSE)

        but = ALL_BUT.match(say)
        return all_but(but[:left]) if but

        part = AllForPart.in(say, @lines.map(&:part).uniq)
        of_part(part) if part
      end

      # "Everything in the rice cooker", of a list with rice that is in nothing yet.
      def all_in_pot?(clause)
        return true if clause.say.match?(ClauseWords::ALL[:all_in_pot])

        clause.say.match?(ClauseWords::ALL[:everything]) && clause.say.match?(IN_POT) &&
          @places.untaken.any? { |index| @lines[index].grain }
      end

      # NamedLines of what is listed for a part and in nothing yet.
      def of_part(part)
        named(@places.untaken.select { |index| @lines[index].part == part && !@lines[index].spoken })
      end

      # NamedLines of all that is listed under a heading with the rice, or of what is listed at all and is not
      # named later on.
      def everything(position)
        part = @lines.find(&:grain)&.part
        return of_part(part) if part

        all = later(position)
        of_part(nil).reject { |one| all.include?(one.index) }
      end

      # NamedLines of all that nothing was taken of and nobody names later on.
      def all_else(position)
        named(@places.untaken - later(position))
      end

      # Indexes of lines that the clauses behind a position name.
      def later(position)
        @clauses.drop(position + 1).flat_map { |one| of(one.say).map(&:index) }
      end

      # NamedLines of all that nothing was taken of, but for what a text names.
      def all_but(text)
        named(@places.untaken - of(text).map(&:index))
      end

      def named(indexes)
        indexes.map do |index|
          NamedLine.new(index: index, share: nil, onto: nil, certainty: Certainty::SAID)
        end
      end

      def of(text)
        @named.in(text, @places.untaken, @places.left)
      end

      # True where it goes in at a later clause.
      def later?(clause, index, position)
        salts_later?(clause, index, position) || measured_later?(clause, index, position)
      end

      # "In salted water", of salt that a later clause puts in by its name.
      def salts_later?(clause, index, position)
        return false unless salt?(index) && clause.say.match?(SALTED) && !clause.say.match?(SALT_ITSELF)
        return true if spoken_later?(index, position)

        @places.untaken.one? { |one| salt?(one) } &&
          @clauses.drop(position + 1).any? { |one| one.say.match?(SALT_ITSELF) && !one.say.match?(TASTED) }
      end

      # True for a line that only the method names, at a later clause.
      def spoken_later?(index, position)
        line = @lines[index]
        line.spoken && @clauses.drop(position + 1).any? { |one| one.say.include?(line.text) }
      end

      # "A little oil", of oil that is listed without an amount and measured at a later clause.
      def measured_later?(clause, index, position)
        line = @lines[index]
        return false if line.amount.nil? || line.spoken || line.text.match?(AMOUNT)
        return false if @named.measured?(index, clause.say)

        @clauses.drop(position + 1).any? { |one| @named.measured?(index, one.say) }
      end

      def salt?(index)
        @lines[index].ingredient&.key == SALT
      end

      # True where its word stands for something else.
      def other?(clause, index)
        SoakingWater.named?(clause, @lines[index]) || @mixture.call(clause.say, index) ||
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
