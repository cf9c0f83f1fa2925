# frozen_string_literal: true

require_relative "unknown"

module FondKettle
  module Belief
    # What a kitchen holds true of one Unknown: `factor` times the book, give or take
    # `sd` (share of it), after `cooks` that taught it; `tested` where it was measured.
    Estimate = Value.define(:unknown, :factor, :sd, :cooks, :tested) do
      # The belief that only the published figure is known.
      def self.book(unknown)
        new(unknown: unknown, factor: 1.0, sd: unknown.sd, cooks: 0, tested: false)
      end

      # True while nothing but the published figure is known.
      def book?
        (factor - 1).zero?
      end

      # Measured at home: so many times the book.
      def measured(factor)
        with(factor: factor, sd: unknown.known_sd || sd, tested: true)
      end

      # The spread after one more test or cook of the kind that teaches it.
      def narrowed_sd
        return unknown.sd / Math.sqrt(2 + cooks) if unknown.cooks

        unknown.known_sd || sd
      end

      # True where one more would tell more.
      def narrows?
        narrowed_sd < sd
      end
    end

    # What a kitchen holds true of every Unknown: an Estimate of each. `taste`: steps of texture from the
    # book's to what is called right here, with `taste_sd`; `covariances`: [key, other key, covariance] of
    # those that hang together (of their logarithms; TASTE in steps).
    Estimates = Value.define(:estimates, :taste, :taste_sd, :covariances) do
      # The book alone.
      def self.book
        new(estimates: Unknowns.all.to_h { |unknown| [unknown.key, Estimate.book(unknown)] }.freeze,
            taste: 0.0, taste_sd: 0.0, covariances: [].freeze)
      end

      # Exactly these factors by key, the rest as in the book: a kitchen as it really is.
      #
      #   Estimates.truth(lid: 1.5, uptake: 1.06)
      def self.truth(**factors)
        factors.reduce(book) { |held, (key, factor)| held.holding(held[key].with(factor: factor, sd: 0.0)) }
      end

      # The Estimate of a key. Raises KeyError.
      def [](key)
        estimates.fetch(key)
      end

      # The same beliefs with another Estimate in its place, which hangs together with no other.
      def holding(estimate)
        key = estimate.unknown.key
        apart = covariances.reject { |first, second, _| [first, second].include?(key) }
        with(estimates: estimates.merge(key => estimate).freeze, covariances: apart.freeze)
      end

      # Twice the sum of what hangs together, of slopes by key.
      def together(slopes)
        2 * covariances.sum do |first, second, both|
          slopes.fetch(first, 0.0) * slopes.fetch(second, 0.0) * both
        end
      end

      # Yields each Estimate, in the order of the Unknowns.
      def each(&)
        estimates.each_value(&)
      end

      # [load, setting] by the book as this kitchen holds them to be.
      def applied(load, setting)
        differing = estimates.each_value.reject(&:book?)
        differing.reduce([load, setting]) do |(now, there), held|
          held.unknown.act.call(now, there, held.factor)
        end
      end
    end
  end
end
