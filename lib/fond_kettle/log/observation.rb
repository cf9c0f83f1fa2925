# frozen_string_literal: true

require_relative "../belief/gaussian"
require_relative "../belief/scoped"
require_relative "../ground/value"
require_relative "cook_as_held"

module FondKettle
  module Log
    # Something that a cook has shown: where it was `expected`, how that moves with what the kitchen is
    # (`slopes` by Scoped), and what was `found`, or a `band` of a word; `noise`: its variance.
    Observation = Value.define(:kind, :expected, :slopes, :found, :band, :noise)

    # The observations of one cook, with the kitchen's means about which they were worked out: kept, a history
    # is folded again without running its pots. `sure`: as SeenCook has it.
    Linearised = Value.define(:on, :scopes, :grain, :means, :observations, :sure) do
      # True for what a cook said of their own water: it has no date.
      def own?
        on.empty?
      end
    end

    # Makes observations of a cook: one run of its pot as the kitchen is held to be, and two for each unknown
    # that can matter (docs/learning.md: Observations).
    class Observing
      # A step of a logarithm, and the ways in which it is gone: up alone where it is only looked how far a
      # cook moves what is known.
      STEP = 0.05
      BOTH_WAYS = [1, -1].freeze
      UP = [1, 0].freeze
      # Bands of words, steps of texture; the outer ones are open.
      BITES = { "chalky" => [-Float::INFINITY, -0.9], "firm" => [-0.9, -0.3], "right" => [-0.3, 0.3],
                "soft" => [0.3, 0.9], "mushy" => [0.9, Float::INFINITY] }.freeze
      BITE_NOISE = 0.3**2
      # Wet is more loose water than this share of the cooked weight; "dry" is no observation.
      WET = Pot::Verdict::WET_SHARE
      LOOSE = { "right" => [-Float::INFINITY, WET], "wet" => [WET, Float::INFINITY] }.freeze
      LOOSE_NOISE = 0.02**2
      # A tap is late by half a normal of this share, or of half a minute.
      LATE_SHARE = 0.08
      LATE_MIN = 0.5
      HALF_MEAN = Math.sqrt(2 / Math::PI)
      # Two weighings on a scale of 5 g, and what the model leaves out, g.
      SCALE_G = 3.0

      # `cook`: SeenCook; `belief`: Belief::Gaussian with all its Scoped.
      def initialize(cook, belief)
        @cook = cook
        @belief = belief
        @held = CookAsHeld.new(cook, belief)
      end

      # The Linearised of the cook.
      def linearised
        gone(BOTH_WAYS)
      end

      # The same by half the runs, with slopes by a step up alone.
      def rough
        gone(UP)
      end

      private

      # The Linearised by steps in these ways.
      def gone(ways)
        @ways = ways
        Linearised.new(on: @cook.on, scopes: @cook.scopes, grain: @cook.request.grain.key,
                       means: @held.places.values.to_h { |place| [place, @belief.mean(place)] }.freeze,
                       observations: [*taps, *weights, *words].freeze, sure: @cook.sure)
      end

      def middle
        @held.shown
      end

      # Shown a step off in each of the ways.
      def sides(key)
        @ways.map { |way| @held.shown_off(key, way * STEP) }
      end

      # Slopes by Scoped of what the block reads of a Shown; nil where it cannot be read on some side.
      def slopes(&)
        found = @held.unknowns.to_h { |key| [key, sides(key).map(&)] }
        return if found.values.flatten.any?(&:nil?)

        apart = STEP * (@ways.first - @ways.last)
        found.to_h { |key, (from, to)| [@held.places.fetch(key), (from - to) / apart] }
             .reject { |_, slope| slope.zero? }
      end

      def taps
        @cook.cues.filter_map do |cue, at_min|
          expected = middle.cues[cue]
          moved = expected && slopes { |one| one.cues[cue] }
          next unless moved

          late = [LATE_SHARE * expected, LATE_MIN].max
          Observation.new(kind: cue, expected: expected, slopes: moved, found: at_min - (HALF_MEAN * late),
                          band: nil, noise: late * late * (1 - (HALF_MEAN * HALF_MEAN)))
        end
      end

      def weights
        return [] unless @cook.loss_g

        [Observation.new(kind: "weight", expected: middle.loss_g, slopes: slopes(&:loss_g),
                         found: @cook.loss_g, band: nil, noise: SCALE_G * SCALE_G)]
      end

      def words
        found = [bite, wetness].compact
        Array.new(@cook.counts, found).flatten
      end

      # The texture wanted and the house's taste are taken off.
      def bite
        band = BITES[@cook.grain]
        return unless band

        taste = @held.places.fetch(Belief::Scopes::TASTE)
        Observation.new(kind: "bite",
                        expected: middle.texture - @cook.request.texture - @belief.mean(taste),
                        slopes: { **slopes(&:texture), taste => -1.0 }, found: nil, band: band,
                        noise: BITE_NOISE)
      end

      def wetness
        band = LOOSE[@cook.wetness]
        band && Observation.new(kind: "wetness", expected: middle.water, slopes: slopes(&:water), found: nil,
                                band: band, noise: LOOSE_NOISE)
      end
    end
  end
end
