# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../numeric/cut_normal"
require_relative "scoped"

module FondKettle
  module Belief
    # The belief of what a kitchen is: a normal distribution over the logarithms of its unknowns and over its
    # taste.
    #   places       Scoped, in the order in which they were first met
    #   means        of each
    #   covariance   rows of it
    Gaussian = Value.define(:places, :means, :covariance) do
      # The belief before anything is known.
      def self.empty
        new(places: [].freeze, means: [].freeze, covariance: [].freeze)
      end

      # Position of a Scoped, or nil.
      def index(place)
        places.index(place)
      end

      # Mean of a Scoped, 0.0 where it was never met.
      def mean(place)
        (at = index(place)) ? means[at] : 0.0
      end

      # Factors on the book at the mean, by unknown, of Scoped by unknown; taste is none.
      def factors(places)
        places.except(FondKettle::Belief::Scopes::TASTE).transform_values { |place| Math.exp(mean(place)) }
      end

      # Slopes by position of slopes by Scoped.
      def by_position(slopes)
        slopes.each_with_object(Array.new(places.size, 0.0)) do |(place, slope), all|
          all[index(place)] = slope
        end
      end

      # True where something has moved it.
      def moved?(place)
        !mean(place).zero? || sd(place) < place.sd
      end

      # Its standard deviation.
      def sd(place)
        (at = index(place)) ? Math.sqrt([covariance[at][at], 0.0].max) : place.sd
      end

      # The same with one more, which follows others by `shares` (by Scoped) and lies about that with `sd`.
      def with_place(place, sd, shares = {})
        slopes = places.map { |one| shares.fetch(one, 0.0) }
        row = gains(slopes)
        own = row.each_with_index.sum { |gain, at| gain * slopes[at] } + (sd * sd)
        mean = means.each_with_index.sum { |one, at| one * slopes[at] }
        rows = covariance.each_with_index.map { |old, at| [*old, row[at]].freeze } << [*row, own].freeze
        with(places: [*places, place].freeze, means: [*means, mean].freeze, covariance: rows.freeze)
      end

      # The same after the drift from one cook to the next.
      def drifted
        rows = covariance.each_with_index.map do |row, at|
          sd = places[at].drift_sd
          sd.zero? ? row : [*row.take(at), row[at] + (sd * sd), *row.drop(at + 1)].freeze
        end
        with(covariance: rows.freeze)
      end

      # The same with its means a share (0..1) of the way to those of another.
      def towards(other, share)
        moved = means.zip(other.means).map { |mean, to| mean + (share * (to - mean)) }
        with(means: moved.freeze)
      end

      # Variance of what moves by `slopes` (by position) with the unknowns.
      def variance(slopes)
        some = sloping(slopes)
        some.sum { |at| slopes[at] * some.sum { |to| covariance[at][to] * slopes[to] } }
      end

      # The same, once something that moves by `slopes` is known to lie `off` from where it was expected, its
      # variance (noise in it) `before` and now `after`.
      def known(slopes, off:, before:, after:)
        gains = gains(slopes)
        shift = off / before
        lost = (before - after) / (before * before)
        moved = means.zip(gains).map { |mean, gain| mean + (gain * shift) }
        with(means: moved.freeze, covariance: narrowed(gains, lost))
      end

      # The same once something that moves by `slopes` was measured `off` from where it was expected, with a
      # variance of its noise; `sure`: it counts in full, however far off it lies.
      def measured(slopes, off, noise, sure: false)
        known(slopes, off: off, before: counted(slopes, off, noise, sure), after: 0.0)
      end

      # The same once something that moves by `slopes` and was expected at `expected` is said to lie in a
      # `band` ([low, high]), in words with a variance of `noise`; `sure` as above.
      def between(slopes, expected, band, noise, sure: false)
        low, high = band
        before = counted(slopes, expected.clamp(low, high) - expected, noise, sure)
        mean, after = Numerics::CutNormal.moments(expected, Math.sqrt(before), low, high)
        known(slopes, off: mean - expected, before: before, after: after)
      end

      private

      # The variance by which something counts that lies so far `off`.
      def counted(slopes, off, noise, sure)
        before = variance(slopes) + noise
        sure ? before : before * FondKettle::Belief::Outliers.weight(off, before)
      end

      # The covariance less so many times the gains with one another: one half, and its mirror image. A
      # history of cooks is mostly this, so it is a plain loop.
      def narrowed(gains, times)
        rows = covariance.map(&:dup)
        rows.each_with_index do |row, at|
          less = gains[at] * times
          other = 0
          while other <= at
            row[other] = rows[other][at] = row[other] - (less * gains[other])
            other += 1
          end
        end
        rows.each(&:freeze).freeze
      end

      def gains(slopes)
        some = sloping(slopes)
        covariance.map { |row| some.sum { |at| row[at] * slopes[at] } }
      end

      # Positions of what moves it at all: a cook concerns few of many bags and pots.
      def sloping(slopes)
        slopes.each_index.reject { |at| slopes[at].zero? }
      end
    end

    # Observations that lie far from what was expected count for less: as of a Student's t of four degrees.
    module Outliers
      FAR_SDS = 3.0
      DEGREES = 4.0

      module_function

      # Factor by which the variance of an observation grows that lies `off` from where it was expected, where
      # that is `variance`.
      def weight(off, variance)
        far?(off, variance) ? (DEGREES + (off * off / variance)) / (DEGREES + 1) : 1.0
      end

      # True where somebody should be asked whether something was different.
      def far?(off, variance)
        off * off > FAR_SDS * FAR_SDS * variance
      end
    end
  end
end
