# frozen_string_literal: true

require_relative "rice_clauses"

module FondKettle
  module Reading
    # The food that was wrapped or filled last: parcels lie where they were made until they go into their pot.
    class WrappedFood
      # "Stand the peppers upright in a pan."
      PACKED = /\A\W*(?:then\s+)?(?:stand|pack|arrange|place|lay|set|fit|sit|put)\s+
                (?:the\s+[[:alpha:]]+|them|it)\b[^.;]*\bin(?:to)?\s/ix
      # "Fill them loosely", of peppers.
      FILLS = /\A\W*(?:then\s+)?(?:fill|stuff)\s+(?:them|each|the)\b/i
      # "A teaspoon on each leaf"
      ON_EACH = /\b(?:on|onto|in|into)\s+(?:each|every)\s+(?:leaf|wrapper|sheet|square)\b/i
      THEM = /\b(?:them|these|each)\b/i

      # `places`: LinePlaces; `rice`: index of the rice's line, or nil.
      def initialize(places, rice)
        @places = places
        @rice = rice
      end

      # Key of the vessel in which it lies, or nil; salmon that is wrapped for the night is no parcel.
      def vessel
        @vessel if @rice.nil? || @places.vessel(@rice) == @vessel
      end

      # Notes a step of a `kind` in a vessel.
      def note(kind, vessel)
        @vessel = vessel if kind == RiceClauses::WRAP
      end

      # True for a Clause that packs it into its pot, the rice in it; `named`: the clause's NamedLines.
      def packed?(clause, named)
        return false unless clause.say.match?(PACKED) && @vessel && @rice
        return false unless @places.vessel(@rice) == @vessel
        return clause.say.match?(THEM) if named.empty?

        named.any? { |one| one.index != @rice && @places.vessel(one.index) == @vessel }
      end

      # Key of the vessel from which the rice is filled into something by a Clause of a kind, or nil.
      def filled_from(clause, kind)
        return unless @rice && kind == RiceClauses::WRAP

        @places.vessel(@rice) if clause.say.match?(FILLS) || clause.say.match?(ON_EACH)
      end
    end
  end
end
