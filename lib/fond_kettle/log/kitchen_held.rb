# frozen_string_literal: true

require_relative "../belief/belief"
require_relative "../belief/scoped"

module FondKettle
  module Log
    # The beliefs that a history of cooks leaves of the kitchen of one pot, as a plan takes them.
    class KitchenHeld
      # `learned`: Learned; `grain`: the grain's key; `scopes`: of the pot.
      def initialize(learned, grain, scopes)
        @learned = learned.meeting(scopes, grain)
        @places = Belief::Scopes.by_unknown(scopes)
      end

      # The Belief::Estimates.
      def estimates
        @estimates ||= belief.factors(@places).reduce(Belief::Estimates.book) do |held, (key, factor)|
          place = @places.fetch(key)
          held.holding(held[key].with(factor: factor, sd: belief.sd(place),
                                      cooks: @learned.cooks.fetch(place, 0)))
        end.with(taste: belief.mean(taste), taste_sd: belief.sd(taste), covariances: covariances)
      end

      private

      def belief
        @learned.belief
      end

      def taste
        @places.fetch(Belief::Scopes::TASTE)
      end

      def covariances
        @places.to_a.combination(2).filter_map do |(key, place), (other, second)|
          both = belief.covariance[belief.index(place)][belief.index(second)]
          [key, other, both].freeze unless both.zero?
        end.freeze
      end
    end
  end
end
