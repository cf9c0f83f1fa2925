# frozen_string_literal: true

require_relative "clause_words"

module FondKettle
  module Reading
    # Finds what is cooked before the rice in a pan of its own: what is then put aside, all of it, where the
    # rice goes into a pot, and what is fried while the vessel on the fire holds what is needed later.
    class SetAside
      ALL = /\b(?:put|set|keep|leave|scrape)\s+(?:it|that|this|everything|all(?:\s+of\s+it)?)\s+
             (?:(?:to\s+)?one\s+side|aside|into\s+a\s+(?:small\s+)?(?:bowl|dish|saucer))\b/ix
      INTO_POT = /\b(?:in|into)\s+(?:the|a|your)\s+(?:[[:alpha:]]+\s+)?(?:pot|saucepan|cooker|casserole)\b/i
      # "Fry the aubergines in 4 tbsp oil": not in the water of a broth.
      FRESH_FAT = /\b(?:fry|brown|sear)\b[^.;]*\bin\s+(?:about\s+)?(?:[\d½¼¾]|an?\s|some\s)[^,.;]{0,20}
                   \b(?:oil|ghee|butter|fat|lard)\b/ix
      RICE_OR_IT = /\b(?:rice|it|basmati|jasmine)\b/i
      # Clauses after what is cooked.
      SOON = 4

      # `clauses`: Clauses; `course`: the VesselCourse; `broth`: the BrothCourse; `places`: LinePlaces;
      # `rice_line`: index of the rice's line, or nil.
      def initialize(clauses, course, broth, places, rice_line)
        @clauses = clauses
        @says = clauses.map(&:say)
        @course = course
        @broth = broth
        @places = places
        @rice_line = rice_line
      end

      # True where what is cooked at a position is.
      def at?(position)
        put_aside?(position) || (!@course.in_hand.nil? && taken?(@course.in_hand, position))
      end

      # "Boil the rice in 700 ml of the stock": true where what is in hand gives so much of its broth.
      def of_the_broth?(position)
        !@course.in_hand.nil? && @broth.part_of?(@course.in_hand, @says[position])
      end

      private

      # True for a vessel (key) with a liquor that is kept, or, where something is fried in fat of its own,
      # with a broth that is poured later or the rice.
      def taken?(vessel, position)
        return true if @broth.kept?(vessel)
        return true if @says[position].match?(FRESH_FAT) && @broth.made_in?(vessel)
        return false unless @says[position].match?(ClauseWords::ALL[:in_its_fat])

        @places.in(vessel).include?(@rice_line) || @broth.used_later?(vessel, @clauses.drop(position + 1))
      end

      # True where all of it is put aside before the rice goes into its pot.
      def put_aside?(position)
        aside = (position..(position + SOON)).find { |at| @says[at]&.match?(ALL) }
        !aside.nil? && @says.drop(aside + 1).any? { |say| say.match?(INTO_POT) && say.match?(RICE_OR_IT) }
      end
    end
  end
end
