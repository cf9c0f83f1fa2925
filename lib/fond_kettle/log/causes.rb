# frozen_string_literal: true

require_relative "../belief/scoped"
require_relative "../ground/value"
require_relative "../ground/words"
require_relative "cause_words"

module FondKettle
  module Log
    # Something about a kitchen that differs from the book: a Scoped, its `factor` (of taste: steps), and how
    # `sure` it is that it is this and not another (0..1).
    Cause = Value.define(:place, :factor, :sure)

    # Names what a kitchen's history has shown, with what else it could be (docs/learning.md: Told).
    class Causes
      # A cause is named from so many of its first standard deviations on, the second where it has moved by
      # this share of the first.
      NAMED_SDS = 1.6
      SECOND_SHARE = 0.4
      # So far off so often, something else is going on.
      EDGE_COOKS = 3
      # Steps of texture for one more of a logarithm of what rice drinks: the standard over half of what lies
      # between firm and soft, about.
      DRINK_STEPS = 7.0
      # Of what nobody has seen anything, nothing is said (share of its first variance).
      LEAST_KNOWN = 0.1
      # Smaller moves than these are not told.
      TOLD = 0.01
      TOLD_STEPS = 0.1
      STANDS = "the book's figures stand."
      TASTE = Belief::Scopes::TASTE
      DRINK = :uptake
      ELSE = "Three cooks were far off what was expected: something else is going on. Was it another bag, " \
             "another pot, another amount?"

      # `learned`: Learned; `scopes`: of the next pot.
      def initialize(learned, scopes)
        @learned = learned
        @places = Belief::Scopes.all(scopes)
      end

      # Causes that have to be named, the likeliest first: at most two.
      def all
        @all ||= begin
          first, second = ranked.first(2)
          named = [first, (second if second && moved(second) > SECOND_SHARE * moved(first))].compact
          first && moved(first) > NAMED_SDS ? named.map { |place| cause(place, named) } : []
        end
      end

      # True where there is something to say.
      def telling?
        odd? || all.any?
      end

      # A sentence with cause, certainty and what else it could be.
      def say
        return ELSE if odd?
        return "Nothing here differs from the book by more than chance." if all.empty?

        first, second = all.map { |one| how_much(one.place) }
        second ? "#{Words.capital(first)}, or #{second}: not told apart yet." : "#{Words.capital(first)}."
      end

      # Words, to go on from others, for what differs from the book here and by how much.
      def moves
        return STANDS if moved_places.empty?

        "#{moved_places.map { |one| how_much(one) }.join(', and ')}."
      end

      # The sentence with cause and certainty where there is one to name, else what has moved so far.
      def so_far
        return say if telling?

        moved_places.empty? ? STANDS : "not sure yet, but #{moves}"
      end

      # Sentence of how one more cook could tell them apart, or nil.
      def tells_apart
        found = all.map { |one| one.place.unknown }
        return if found.size < 2

        CauseWords.tells_apart(found)
      end

      private

      # Scoped that have moved by enough to be told: the two that did most.
      def moved_places
        @moved_places ||= @places.select { |place| told?(place) }.max_by(2) { |place| moved_most(place) }
      end

      # Less than this is not told: share of the book, and steps of texture.
      def told?(place)
        @learned.belief.mean(place).abs >= (place.unknown == TASTE ? TOLD_STEPS : TOLD)
      end

      def moved_most(place)
        @learned.belief.mean(place).abs / place.sd
      end

      def how_much(place)
        CauseWords.how_much(place.unknown, @learned.belief.mean(place))
      end

      # Scoped by how far they have moved; bag and taste are one until two bags were cooked.
      def ranked
        places = @places.select { |place| @learned.belief.index(place) }
        places = places.reject { |place| place.unknown == TASTE } if @learned.opened < 2
        places.sort_by { |place| -moved(place) }
      end

      # How far one has moved, in standard deviations of how far it may move by what was seen of it.
      def moved(place)
        return bag_or_taste if place.unknown == DRINK && @learned.opened < 2

        away({ place => 1.0 })
      end

      # A bag that drinks more asks for as much water as a taste for softer rice.
      def bag_or_taste
        drink, taste = [DRINK, TASTE].map { |key| @places.find { |one| one.unknown == key } }
        away({ drink => DRINK_STEPS, taste => 1.0 })
      end

      # Standard deviations by which a sum of unknowns (slopes by Scoped) has moved.
      def away(slopes)
        belief = @learned.belief
        mean = slopes.sum { |place, slope| slope * belief.mean(place) }
        first = slopes.sum { |place, slope| (slope * place.sd)**2 }
        left = belief.variance(belief.places.map { |place| slopes.fetch(place, 0.0) })
        known = first - left
        known > LEAST_KNOWN * first ? mean.abs / Math.sqrt(known) : 0.0
      end

      def cause(place, named)
        mean = @learned.belief.mean(place)
        Cause.new(place: place, factor: place.unknown == TASTE ? mean : Math.exp(mean),
                  sure: moved(place) / named.sum { |one| moved(one) })
      end

      # True where so many cooks in a row lay at the edge.
      def odd?
        @learned.odd.map(&:on).uniq.size >= EDGE_COOKS
      end
    end
  end
end
