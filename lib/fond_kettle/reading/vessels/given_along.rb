# frozen_string_literal: true

require_relative "../lines/line_sorts"
require_relative "vessel_course"

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

      # Indexes of the lines, of some NamedLines, that lie in what they were soaked in (its key, or nil) and
      # go along with a part of that: "add the mushrooms and 100 ml of their water".
      def soaked(named, key)
        return [] unless key == VesselCourse::SOAKING

        named.map(&:index).select { |index| LineSorts.solid?(@lines[index]) } & @places.in(key)
      end

      # Moves what a vessel (its key) gives at a step into another; `indexes`: of the lines, nil: as its words
      # say.
      def move(key, vessel, say, indexes)
        @places.move(key, vessel, indexes || indexes(key, say))
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
