# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../numeric/two_sided"
require_relative "../phases/solve"
require_relative "../pot/heat/hearth"
require_relative "../pot/runs/cooking"
require_relative "belief"
require_relative "correlated"

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

    # The 80 % interval from what is held of the unknowns (docs/model.md: The balance).
    module Spreading
      PLENTY = (6.0..10.0)
      # Standard normal, 10th to 90th percentile.
      Z80 = 1.2815515655446004
      # What acts together in a pot that boils dry in the open, and how such a stage ends.
      TOGETHER = %i[open power].freeze
      DRIES = %w[level dry].freeze
      # Three points of a standard normal with their weights: exact up to the fifth power (Gauss
      # and Hermite).
      POINTS = [[-Math.sqrt(3), 1 / 6.0], [0.0, 2 / 3.0], [Math.sqrt(3), 1 / 6.0]].freeze
      # A shift of more than this share of the liquid is looked at a second time.
      FAR = 0.2
      LITTLE = 0.04

      module_function

      # The Spread of a `balance` (Phases::Balance) of `stages` in `setting`, for what is
      # `held` (Estimates). Each cause is shifted by one standard deviation to both sides: caps
      # and dry pots make it lopsided. The shift of the fixed point follows from one run and
      # the slope of the loss (first order).
      def around(balance, stages, setting, held)
        load = balance.load
        return nothing if load.stack
        return in_plenty(load, balance) if load.plenty?

        hearth = Pot::Hearth.new(setting)
        over_g = over_g(balance, stages, hearth)
        sides = held.estimates.transform_values { |one| sides(one, balance, stages, hearth, over_g) }
        moments = moments(sides, joint(held, balance, stages, hearth, over_g))
        middle = [balance.liquid_g, balance.liquid_g + over_g]
        ends = ->(known, wider) { ends(middle, known.values, wider) }
        low_g, high_g = ends.call(moments, Correlated.wider(held, sides, load))
        narrowed = narrowed(held, moments, ends) do |then_held, key, share|
          Correlated.wider(then_held, { **sides, key => sides[key].map { |g| g * share } }, load)
        end
        Spread.new(low_g: low_g, high_g: high_g, narrowed: narrowed,
                   by_cause: sides.transform_values { |more, less| (more - less) / 2 }.freeze)
      end

      # Liquid that a pot could do without when nothing is poured, in g: food may bring more than the rice
      # takes up, and nobody pours less than nothing. Negative then, else 0.
      def over_g(balance, stages, hearth)
        return 0.0 if balance.liquid_g.positive?

        lacking_g(balance.liquid_g, balance.load, stages, hearth) / (1 - balance.slope)
      end

      # The moments by cause (Numerics::TwoSided): what moves it up, and what down, by whichever side of a
      # cause; `joint`: those of what acts together, in place of each alone, or nil.
      def moments(sides, joint)
        alone = sides.transform_values do |more, less|
          Numerics::TwoSided.moments([more, less, 0.0].max, [-more, -less, 0.0].max)
        end
        joint ? { **alone.except(*TOGETHER), joint: joint } : alone
      end

      # The interval once a cause is better known, by cause; `ends` answers it for moments and a width
      # (Correlated), which the block gives for what hangs together.
      def narrowed(held, moments, ends)
        alone = Correlated.alone?(held)
        held.estimates.select { |_, estimate| estimate.narrows? }.to_h do |key, estimate|
          share = estimate.narrowed_sd / estimate.sd
          wider = alone ? 1.0 : yield(held.holding(estimate.with(sd: estimate.narrowed_sd)), key, share)
          known = moments[key] && { **moments, key => Numerics::TwoSided.scaled(moments[key], share) }
          [key, ends.call(known || moments, wider)]
        end.freeze
      end

      # The 80 % interval round what is wanted, by the moments of its causes. What is poured lies within.
      # `middle`: what is poured and what is wanted, g; `wider`: Correlated.
      def ends(middle, moments, wider)
        liquid_g, wanted_g = middle
        low_g, high_g = Numerics::TwoSided.quantiles(moments, Z80).map { |grams| wanted_g + (grams * wider) }
        [low_g.clamp(0.0, liquid_g), [high_g, liquid_g].max].freeze
      end

      # The mean, variance and third moment of fire and surface loss together, or nil. A pot that boils open
      # until its liquid is gone loses the smaller of the two, so they are integrated together, at the points
      # of Gauss and Hermite for a normal distribution.
      def joint(held, balance, stages, hearth, over_g)
        return unless stages.any? { |stage| stage.open? && DRIES.include?(stage.until) }

        first, second = TOGETHER.map { |key| held.estimates.fetch(key) }
        points = POINTS.product(POINTS).map do |(sds, weight), (other_sds, other_weight)|
          load, changed = acted(first, sds, balance.load, hearth)
          load, changed = acted(second, other_sds, load, changed)
          still = sds.zero? && other_sds.zero?
          [still ? 0.0 : moved(balance, stages, load, changed) - over_g, weight * other_weight]
        end
        Numerics::TwoSided.moments_of(points)
      end

      # Load and Hearth where what an Estimate is of is off by so many standard deviations.
      def acted(estimate, sds, load, hearth)
        load, setting = estimate.unknown.act.call(load, hearth.setting, 1 + (sds * estimate.sd))
        [load, setting.equal?(hearth.setting) ? hearth : Pot::Hearth.new(setting)]
      end

      # The spread in plenty of water: anything from 6 to 10 parts is right.
      def in_plenty(load, balance)
        low_g, high_g = PLENTY.minmax.map { |parts| parts * load.rice_g }
        Spread.new(low_g: [low_g, balance.liquid_g].min, high_g: [high_g, balance.liquid_g].max,
                   by_cause: Unknowns.all.to_h { |unknown| [unknown.key, 0.0] }.freeze, narrowed: {}.freeze)
      end

      # The spread of a sealed pot, into which nothing is poured.
      def nothing
        Spread.new(low_g: 0.0, high_g: 0.0, narrowed: {}.freeze,
                   by_cause: Unknowns.all.to_h { |unknown| [unknown.key, 0.0] }.freeze)
      end

      # g of liquid for one standard deviation more, and for one less, of what an Estimate
      # is of, from what is wanted (`over_g`); looked at where the interval ends, for caps are met on the way
      # there.
      def sides(estimate, balance, stages, hearth, over_g)
        unknown = estimate.unknown
        return [0.0, 0.0] unless unknown.concerns.call(stages) && unknown.matters.call(balance.load)
        if unknown.moves_g
          return [1, -1].map { |side| side * estimate.sd * unknown.moves_g.call(balance.load) }
        end

        # What moves little moves alike to both sides; caps are met on the way up.
        less_g = side(-Z80, estimate, balance, stages, hearth, over_g)
        return [-less_g, less_g] if less_g.abs < LITTLE * balance.liquid_g

        [side(Z80, estimate, balance, stages, hearth, over_g), less_g]
      end

      def side(sds, estimate, balance, stages, hearth, over_g)
        (moved(balance, stages, *acted(estimate, sds, balance.load, hearth)) - over_g) / Z80
      end

      # Liquid after a change of the loss, by its slope; far from the plan, by a second run there (a
      # secant step).
      def moved(balance, stages, load, hearth)
        from_g = balance.liquid_g
        lacking = ->(liquid_g) { lacking_g(liquid_g, load, stages, hearth) }
        first = lacking.call(from_g)
        shift_g = first / (1 - balance.slope)
        return shift_g if shift_g.abs < FAR * from_g || from_g + shift_g <= 0

        left = lacking.call(from_g + shift_g)
        first == left ? shift_g : shift_g * first / (first - left)
      end

      # The water that rice and steam want beyond what is poured, in g.
      def lacking_g(liquid_g, load, stages, hearth)
        run = Pot::Cooking.end_of(load, liquid_g, stages, hearth)
        Phases::Solving.wanted_g(load, run, liquid_g) - liquid_g
      end

      private_class_method :moments, :ends, :nothing, :narrowed, :joint, :acted, :in_plenty, :sides, :side,
                           :moved, :lacking_g, :over_g
    end
  end
end
