# frozen_string_literal: true

require "json"
require_relative "../../belief/scoped"
require_relative "../../log/observation"

module FondKettle
  module Formats
    # A Log::Linearised as text to keep, there and back equal.
    module LinearisedJson
      VERSION = 1
      OPEN = [-Float::INFINITY, Float::INFINITY].freeze

      module_function

      # The text.
      def write(cook)
        JSON.generate(version: VERSION, on: cook.on, scopes: cook.scopes, grain: cook.grain,
                      means: places(cook.means), sure: cook.sure,
                      observations: cook.observations.map { |seen| observation(seen) })
      end

      # The Log::Linearised of a text. Raises JSON::ParserError, KeyError, ArgumentError.
      def read(text)
        data = JSON.parse(text)
        on, scopes, grain, means, seen = data.fetch_values("on", "scopes", "grain", "means", "observations")
        Log::Linearised.new(on: on, scopes: scopes.freeze, grain: grain, means: read_places(means),
                            observations: seen.map { |one| read_observation(one) }.freeze,
                            sure: data.fetch("sure", false))
      end

      def observation(seen)
        { kind: seen.kind, expected: seen.expected, slopes: places(seen.slopes), found: seen.found,
          band: seen.band&.map { |end_at| end_at if end_at.finite? }, noise: seen.noise }
      end

      def read_observation(data)
        kind, expected, slopes, found, band, noise =
          data.fetch_values("kind", "expected", "slopes", "found", "band", "noise")
        Log::Observation.new(kind: kind, expected: expected, slopes: read_places(slopes), found: found,
                             band: band&.zip(OPEN)&.map { |end_at, open| end_at || open }, noise: noise)
      end

      def places(numbers)
        numbers.map { |place, number| [place.unknown, place.scope, number] }
      end

      def read_places(rows)
        rows.to_h do |unknown, scope, number|
          [Belief::Scoped.new(unknown: unknown.to_sym, scope: scope), number]
        end.freeze
      end
      private_class_method :observation, :read_observation, :places, :read_places
    end
  end
end
