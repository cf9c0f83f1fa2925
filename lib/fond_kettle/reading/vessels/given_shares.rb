# frozen_string_literal: true

require_relative "goes_on"
require_relative "../words/said_share"

module FondKettle
  module Reading
    # The share of what lies in other vessels that a clause pours: "half the onions over it", of those on a
    # plate.
    class GivenShares
      # What is taken out in part is counted by itself.
      TAKE_OUT = "take-out"
      # "Half the sauce, rice, the rest of the sauce" is all of it; the rest is all that is left.
      REST = /\b(?:rest|remaining|remainder)\b/i

      # `places`: LinePlaces; `mixtures`: Mixtures.
      def initialize(places, mixtures)
        @places = places
        @mixtures = mixtures
      end

      # Shares by the keys of those of some vessels (`from`) that give only a part at a step of a `kind`;
      # `named`: NamedLines of its words.
      def of(named, say, kind, from)
        return {} if kind == TAKE_OUT || say.match?(REST)

        shares = from.to_h { |key| [key, share(key, named, say)] }
        shares.select { |_, share| share.is_a?(Float) && share < 1 }
      end

      private

      def share(key, named, say)
        shares = named.select { |one| lies_in?(one.index, key) }.map(&:share).uniq
        return shares.first if shares.size == 1

        mixture_share(key, say) || poured_share(say) if shares.empty?
      end

      # "Pour two thirds over the rice", of what was made before.
      def poured_share(say)
        found = say[GoesOn::OVER] || say[GoesOn::PART_OF_IT]
        found && SaidShare.in(found)
      end

      def lies_in?(index, key)
        @places.vessel(index) == key && !@places.left.include?(index)
      end

      # "Half the sauce"
      def mixture_share(key, say)
        SaidShare.before(@mixtures.before(say)) if @mixtures.vessels(say, []).include?(key)
      end
    end
  end
end
