# frozen_string_literal: true

require_relative "../belief/gaussian"
require_relative "../belief/scoped"
require_relative "../ground/value"
require_relative "observation"

module FondKettle
  module Log
    # Something that a cook has shown, so far off what was expected that somebody should be asked about it:
    # its date and kind, and whether it lay `over` what was expected.
    Odd = Value.define(:on, :kind, :over)

    # The lessons of a history of cooks, folded in its order (docs/learning.md): a Belief::Gaussian, the
    # grains of the bags that were opened, how many cooks taught each Scoped, and what lay far off.
    #   own   how many of these cooks were none, but a cook's own word ("mine comes right")
    #   odd   Odd of all cooks about which nobody has said whether something was different
    Learned = Value.define(:belief, :bags, :cooks, :own, :odd) do
      # The same before the first cook.
      def self.nothing
        new(belief: Belief::Gaussian.empty, bags: {}.freeze, cooks: {}.freeze, own: {}.freeze,
            odd: [].freeze)
      end

      # The same with what a cook of some scopes and a grain uses known: a new bag starts between the book and
      # the house's other bags of that grain.
      def meeting(scopes, grain)
        Belief::Scopes.all(scopes).reduce(self) do |now, place|
          now.belief.index(place) ? now : now.with_place(place, grain)
        end
      end

      # The same with one more Scoped.
      def with_place(place, grain)
        others = place.of_bag? ? bags.select { |_, of| of == grain }.keys : []
        others = belief.places.select { |one| one.unknown == place.unknown && others.include?(one.scope) }
        shares = others.to_h { |one| [one, Belief::Scopes::NEXT_BAG_SHARE / others.size] }
        sd = others.any? ? [Belief::Scopes::NEXT_BAG_SD, place.sd].max : place.sd
        known = place.of_bag? ? bags.merge(place.scope => grain).freeze : bags
        with(belief: belief.with_place(place, sd, shares), bags: known)
      end

      # The number of bags that cooks have taught something about.
      def opened
        cooks.keys.count { |place| place.unknown == :uptake }
      end
    end

    # Folds cooks into what they have taught. One pure function: the same history gives the same belief.
    module Learning
      # A cook that moves something by more than this share of what was open about it is run anew where it has
      # moved to: a loss does not grow evenly with the lid.
      FAR = 0.5
      # It goes there by steps of at most so many standard deviations, for so many rounds: a slope says
      # nothing of a pot that runs dry far too early.
      STEP_SDS = 1.5
      ROUNDS = 6

      module_function

      # Learned of SeenCooks, oldest first (the order of their dates, else as they stand).
      def of(cooks, learned = Learned.nothing)
        cooks.each_with_index.sort_by { |cook, index| [cook.on.to_s, index] }.map(&:first)
             .reduce(learned) { |now, cook| with(now, cook) }
      end

      # Learned once one more cook has taught: its pot is run where the kitchen is held to be.
      def with(learned, cook)
        met = learned.meeting(cook.scopes, cook.request.grain.key)
        fold(met, linearised(met, cook))
      end

      # The Linearised of a cook, about where the kitchen is held to be once it has taught; `met`: Learned
      # that has met what it was made with.
      def linearised(met, cook)
        about = met.belief
        ROUNDS.times do
          observing = Observing.new(cook, about)
          moved = fold(met, observing.rough).belief
          step = step_sds(about, moved, met.belief)
          return observing.linearised unless step > FAR

          about = about.towards(moved, [STEP_SDS / step, 1.0].min)
        end
        Observing.new(cook, about).linearised
      end

      # How far it is from one belief to another, in standard deviations of the one `before`: the most of any
      # place.
      def step_sds(about, moved, before)
        steps = about.means.zip(moved.means).map { |from, to| (to - from).abs }
        steps.zip(before.places).map { |step, place| step / before.sd(place) }.max || 0.0
      end

      # The same of a cook whose observations were kept (Linearised).
      def fold(learned, cook)
        met = learned.meeting(cook.scopes, cook.grain)
        met = met.with(belief: met.belief.drifted)
        cook.observations.reduce(met) { |now, seen| taught(now, seen, cook) }
            .then { |now| counted(now, cook) }
      end

      # Learned once an unknown of a scope was tested at home, by itself: so many times the book.
      def tested(learned, unknown, scope, factor)
        place = Belief::Scoped.new(unknown: unknown, scope: scope)
        met = learned.belief.index(place) ? learned : learned.with_place(place, nil)
        slopes = met.belief.places.map { |one| one == place ? 1.0 : 0.0 }
        off = Math.log(factor) - met.belief.mean(place)
        met.with(belief: met.belief.measured(slopes, off, Belief::Unknowns.fetch(unknown).known_sd**2))
      end

      def taught(learned, seen, cook)
        belief = learned.belief
        moved = seen.slopes.sum { |place, slope| slope * (belief.mean(place) - cook.means.fetch(place)) }
        expected = seen.expected + moved
        slopes = belief.by_position(seen.slopes)
        odd = (odd(belief, seen, slopes, expected, cook) unless cook.sure)
        learned.with(belief: moved(belief, seen, slopes, expected, cook.sure),
                     odd: odd ? [*learned.odd, odd].freeze : learned.odd)
      end

      def moved(belief, seen, slopes, expected, sure)
        return belief.between(slopes, expected, seen.band, seen.noise, sure: sure) if seen.band

        belief.measured(slopes, seen.found - expected, seen.noise, sure: sure)
      end

      # The Odd of something that was seen; nil where it is about as was expected.
      def odd(belief, seen, slopes, expected, cook)
        off = (seen.band ? expected.clamp(*seen.band) : seen.found) - expected
        return unless Belief::Outliers.far?(off, belief.variance(slopes) + seen.noise)

        Odd.new(on: cook.on, kind: seen.kind, over: off.positive?)
      end

      # One more cook for each Scoped that it could move.
      def counted(learned, cook)
        moved = cook.observations.flat_map { |seen| seen.slopes.keys }.uniq
        own = cook.own? ? one_more(learned.own, moved) : learned.own
        learned.with(cooks: one_more(learned.cooks, moved), own: own)
      end

      def one_more(counted, places)
        counted.merge(places.to_h { |place| [place, counted.fetch(place, 0) + 1] }).freeze
      end
      private_class_method :step_sds, :taught, :moved, :odd, :counted, :one_more
    end
  end
end
