# frozen_string_literal: true

module FondKettle
  module Reading
    # What was mixed in some vessel, as a text speaks of it later: "the paste", "boil the mixture down".
    class Mixtures
      KINDS = %w[mix].freeze
      WORDS = /\b(?:paste|mixture|marinade|batter|pur[ée]e|blend|base(?!\s+of))\b/i

      # `lines`: ReadLines; `places`: LinePlaces.
      def initialize(lines, places)
        @lines = lines
        @places = places
        @mixed = []
      end

      # Notes what lies in a vessel after a step of a `kind`.
      def note(kind, vessel)
        @mixed = @places.in(vessel) if KINDS.include?(kind)
      end

      # Keys of the vessels in which the last mixture lies, where a text means it by a word that no line has;
      # `named`: NamedLines of the text.
      def vessels(say, named)
        word = say[WORDS]
        return [] if word.nil? || named.any? { |one| @lines[one.index].text.match?(/\b#{word}\b/i) }

        @mixed.filter_map { |index| @places.vessel(index) }.uniq
      end
    end
  end
end
