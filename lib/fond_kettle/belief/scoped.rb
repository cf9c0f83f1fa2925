# frozen_string_literal: true

require_relative "../ground/value"
require_relative "unknown"

module FondKettle
  module Belief
    # An unknown of one bag, pot, burner, household, dish or oven: what is learned of it holds wherever that
    # is used again. `unknown`: a key of Unknowns or TASTE; `scope`: "bag:b1", "household".
    Scoped = Value.define(:unknown, :scope) do
      # The standard deviation before anything is known: of its logarithm, of taste in steps of texture.
      def sd
        return FondKettle::Belief::Scopes::TASTE_SD if unknown == FondKettle::Belief::Scopes::TASTE

        FondKettle::Belief::Unknowns.fetch(unknown).sd
      end

      # Standard deviation of its change from one cook to the next.
      def drift_sd
        FondKettle::Belief::Scopes::DRIFT.fetch(unknown, 0.0)
      end

      # True for what a bag's rice is like.
      def of_bag?
        scope.start_with?("#{FondKettle::Belief::Scopes::BAG}:")
      end
    end

    # The bag, pot, burner … to which each unknown belongs (docs/learning.md: Scopes).
    module Scopes
      HOUSEHOLD = "household"
      BAG = "bag"
      # What a house calls right, in steps of texture from the book (0.0).
      TASTE = :taste
      TASTE_SD = 0.35
      OF = { uptake: BAG, core: BAG, lid: "pot", power: "burner", open: HOUSEHOLD, carry: HOUSEHOLD,
             soak: HOUSEHOLD, additions: "dish", oven: "oven", TASTE => HOUSEHOLD }.freeze
      DRIFT = { power: 0.02, lid: 0.02, TASTE => 0.03 }.freeze
      # Of a bag after the first of its grain.
      NEXT_BAG_SD = 0.08
      # A new one starts so far from the book to what the others of its grain have come to.
      NEXT_BAG_SHARE = 0.5
      # As others call them.
      NAMES = { uptake: "drink" }.freeze

      module_function

      # Scoped of each unknown for a cook's scopes ({"bag" => "b1", "pot" => "steel"}); what has none of its
      # own shares one that nobody has named.
      def all(scopes)
        OF.map { |unknown, scope| Scoped.new(unknown: unknown, scope: named(scope, scopes)) }
      end

      # The same by unknown.
      def by_unknown(scopes)
        all(scopes).to_h { |place| [place.unknown, place] }
      end

      # The name of an unknown, as the command line has it.
      def called(unknown)
        NAMES.fetch(unknown, unknown.to_s)
      end

      # Names of all that a kitchen may differ from the book in.
      def names
        keys.map { |unknown| called(unknown) }
      end

      # The key of an unknown by its name. Raises KeyError.
      def key(name)
        keys.to_h { |unknown| [called(unknown), unknown] }.fetch(name.to_s)
      end

      def keys
        OF.keys - [TASTE]
      end

      def named(scope, scopes)
        return scope if scope == HOUSEHOLD

        "#{scope}:#{scopes[scope]}".chomp(":")
      end
      private_class_method :named, :keys
    end
  end
end
