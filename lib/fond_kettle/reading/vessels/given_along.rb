# frozen_string_literal: true

require_relative "../lines/line_sorts"

module FondKettle
  module Reading
    # Which lines go along when a vessel gives what it has: all, all but a liquor that is kept, or its liquid
    # alone.
    class GivenAlong
      # "Strain the juice into the fish stock": what it came from stays.
      OFF = /\b(?:strain|drain|sieve|pour|tip|ladle)\s+(?:off\s+)?(?:(?:all\s+)?(?:the|its|their|that)\s+)
             (?:[[:alpha:]]+\s+)?(?:juices?|liquid|liquor|cooking\s+water)\b[^.;]*\b(?:into|to)\b/ix

      # True where words pour the liquid off, and nothing else.
      def self.liquid?(say)
        say.match?(OFF)
      end

      # `lines`: ReadLines; `places`: LinePlaces; `broth`: the BrothCourse.
      def initialize(lines, places, broth)
        @lines = lines
        @places = places
        @broth = broth
      end

      # Indexes of the lines that leave a vessel (its key) by the words of a step; nil: all.
      def indexes(key, say)
        liquids, solids = @places.in(key).partition { |index| LineSorts.stays?(@lines[index]) }
        return liquids if GivenAlong.liquid?(say)

        solids if @broth.kept?(key)
      end
    end
  end
end
