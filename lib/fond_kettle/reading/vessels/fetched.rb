# frozen_string_literal: true

require_relative "../lines/line_sorts"
require_relative "../lines/rice_line"

module FondKettle
  module Reading
    # Finds the vessels from which the foods that a clause names are fetched.
    class Fetched
      # "Oil the base of the pot": no oil is poured out of its pan.
      GREASES = /\b(?:oil|butter|grease)\s+(?:the|an?|your)\s+
                 (?:[[:alpha:]]+\s+){0,3}(?:base|bottom|floor|sides?|dish|tin|pot|pan|bowl)\b/ix
      KEPT = /\b(?:kept|reserved|set\s+aside|put\s+aside)\b/i
      REST = /\b(?:rest|remaining|other)\b/i

      # "Half the onions, the rest of the rice, the rest of the onions": what was kept, by turns.
      BY_TURNS = /\bhalf\b.*\b(?:rest|remaining|other)\b/i

      # `lines`: ReadLines; `places`: LinePlaces; `rice`: the RiceCourse; the block says in which vessel the
      # rice is.
      def initialize(lines, places, rice, &rice_at)
        @lines = lines
        @places = places
        @rice = rice
        @rice_at = rice_at
        @rice_line = RiceLine.index(lines)
      end

      # Keys of the vessels in which a line (its index) lies: what was kept of it, where the words speak of
      # that; once the rice is in, both.
      def from(index, say)
        return [] if in_the_rice?(index) || in_broth?(index) || dissolved?(index)

        kept = @places.kept(index)
        (kept && parts(index, kept, say)) ||
          [(kept if @rice.in? && used_by_now?(index)), @places.vessel(index)].compact
      end

      # NamedLines of a text that are fetched: no fat that only greases something, and nothing of which there
      # is more.
      def poured(named, say)
        greases = say.match?(GREASES)
        named.reject do |one|
          line = @lines[one.index]
          (greases && line.ingredient&.fat?) || LineSorts.endless?(line)
        end
      end

      private

      # Keys of the vessels of the parts of which the words speak, or nil.
      def parts(index, kept, say)
        return [kept] if say.match?(KEPT)
        return [@places.rest(index), kept] if say.match?(BY_TURNS)

        [@places.rest(index)] if say.match?(REST)
      end

      # What was kept for later is used once the rest of it lies with the rice.
      def used_by_now?(index)
        with_rice = [@rice_at.call, (@places.vessel(@rice_line) if @rice_line)]
        !@places.for_later?(index) || with_rice.include?(@places.vessel(index))
      end

      # Fat and water that went in with the rice are fetched from there no more.
      def in_the_rice?(index)
        food = @lines[index].ingredient
        @rice.in? && (food&.fat? || food&.water?) && @places.vessel(index) == @rice_at.call
      end

      # Salt that went into water or a sauce is there for good.
      def dissolved?(index)
        @lines[index].ingredient&.key == LineSorts::SALT && @places.in(@places.vessel(index)).size > 1
      end

      # Nobody skims the oil of a broth to fry in it.
      def in_broth?(index)
        @lines[index].ingredient&.fat? && @places.in(@places.vessel(index)).any? do |other|
          @lines[other].ingredient&.water?
        end
      end
    end
  end
end
