# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../phases/solve"
require_relative "belief"

module FondKettle
  module Belief
    # How far the true liquid may lie from the planned one, g. `by_cause` holds one
    # standard deviation in grams by Unknown; `narrowed` is [low, high] by Unknown, once
    # that was tested or one more cook was written down, where that helps.
    Spread = Value.define(:low_g, :high_g, :by_cause, :narrowed) do
      # The unknown that contributes most, a key of `by_cause`.
      def largest
        by_cause.max_by { |_, grams| grams.abs }.first
      end

      # [low, high] once that is known better, or nil.
      def then_g
        narrowed[largest]
      end
    end

    # The 80 % interval from what is held of the unknowns (figures: The balance).
    module Spreading
      PLENTY = (6.0..10.0)
      # Standard normal, 10th to 90th percentile.
      Z80 = 1.2815515655446004

      module_function

      # The Spread of a `balance` (Phases::Balance) of `stages` in `setting`, for what is
      # `held` (Held). Each cause is shifted by one standard deviation; the shift of the
      # fixed point follows from one run and the slope of the loss (first order).
      def around(balance, stages, setting, held)
        load = balance.load
        return in_plenty(load, balance) if load.plenty?

        by_cause = held.estimates.transform_values { |estimate| shift(estimate, balance, stages, setting) }
                       .freeze
        low_g, high_g = ends(balance.liquid_g, by_cause)
        Spread.new(low_g: low_g, high_g: high_g, by_cause: by_cause,
                   narrowed: narrowed(held, by_cause, balance.liquid_g))
      end

      # The interval once a cause is better known, by cause.
      def narrowed(held, by_cause, liquid_g)
        held.estimates.select { |_, estimate| estimate.narrows? }.to_h do |key, estimate|
          [key, ends(liquid_g, by_cause.merge(key => by_cause[key] * estimate.narrowed_sd / estimate.sd))]
        end.freeze
      end

      # The 80 % interval.
      def ends(liquid_g, by_cause)
        half_g = Z80 * Math.sqrt(by_cause.values.sum { |grams| grams**2 })
        [[liquid_g - half_g, 0.0].max, liquid_g + half_g].freeze
      end

      # Anything from 6 to 10 parts does.
      def in_plenty(load, balance)
        low_g, high_g = PLENTY.minmax.map { |parts| parts * load.rice_g }
        Spread.new(low_g: [low_g, balance.liquid_g].min, high_g: [high_g, balance.liquid_g].max,
                   by_cause: Unknowns.all.to_h { |unknown| [unknown.key, 0.0] }.freeze, narrowed: {}.freeze)
      end

      # g of liquid for one standard deviation of what an Estimate is of.
      def shift(estimate, balance, stages, setting)
        unknown = estimate.unknown
        return 0.0 unless unknown.concerns.call(stages)
        return estimate.sd * unknown.moves_g.call(balance.load) if unknown.moves_g

        moved(balance, stages, *unknown.act.call(balance.load, setting, 1 + estimate.sd))
      end

      def moved(balance, stages, load, setting)
        run = Pot::Cooking.end_of(load, balance.liquid_g, stages, setting)
        (load.wanted_g - load.carried_g + run.lost_g + run.cloth_g - balance.liquid_g) / (1 - balance.slope)
      end

      private_class_method :ends, :narrowed, :in_plenty, :shift, :moved
    end
  end
end
