# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../ground/value"

module FondKettle
  # Mathematics without cooking: every search for a number stands here once.
  module Numerics
    # Where a search ended: `x`, and how the function's value grows with it there.
    Solution = Value.define(:x, :slope)

    # Roots and fixed points of functions given as blocks.
    module Root
      # Nothing lies between too little and too much closer together than this.
      SAME = 1e-9
      # Differences smaller than this tell no slope.
      TELLING = 1e-7
      # Halved so often, an interval of any use is a point.
      HALVINGS = 80
      # So many times a line through two points is believed; then halves.
      STRAIGHT = 8

      module_function

      # The x >= `least` with x = f(x), to within `close`: repeats x <- f(x), taking
      # secant steps on the way and the middle where a step would leave what is known
      # to be too little and too much, so that it always ends. `steepest` bounds how
      # far f may be taken to grow with x. Where f(least) < least, x is `least`.
      # Returns a Solution; raises Error after `most` evaluations.
      #
      #   fixed_point(1.0, close: 1e-9) { |x| Math.cos(x) }.x # => 0.739…
      def fixed_point(start, close:, steepest: 0.999, most: 80, least: 0.0)
        x = start
        before = nil
        slope = 0.0
        bracket = [-Float::INFINITY, Float::INFINITY]
        most.times do
          wanted = yield x
          slope = secant(before, [x, wanted], slope, steepest)
          return Solution.new(x: x, slope: slope) if settled?(x, wanted, bracket, close, least)

          before = [x, wanted]
          bracket[wanted > x ? 0 : 1] = x
          x = within(bracket, [x + ((wanted - x) / (1 - slope)), least].max)
        end
        raise Error, "no fixed point was found near #{x}"
      end

      # The x >= 0 at which what the block says is missing comes to 0, to within
      # `close`, in at most `most` rounds; one more of x makes up for a share of
      # `rates` of what is missing. The block may answer nil: then no x will do, and
      # the search ends. Returns the last x asked about.
      def shortfall(start, close:, rates:, most:)
        x = start
        before = nil
        most.times do
          missing = yield x
          return x if missing.nil? || missing.abs < close

          rate = before ? ((before[1] - missing) / (x - before[0])).clamp(rates.min, rates.max) : rates.max
          before = [x, missing]
          x = [x + (missing / rate), 0.0].max
          return x if x == before[0]
        end
        x
      end

      # The largest x between `low` and `high` for which the block holds, to within
      # `close` (a share of x), by halving; the block holds up to it and not beyond.
      #
      #   largest(0.0, 4.0, close: 1e-9) { |x| x * x < 2 } # => 1.414…
      def largest(low, high, close:)
        HALVINGS.times do
          break if high - low <= close * high.abs

          middle = (low + high) / 2
          yield(middle) ? low = middle : high = middle
        end
        low
      end

      # The largest x up to `high` that fills something: the block says how full x makes it
      # (1 is full), which grows about in proportion to x. Ends where that lies within
      # `close` of full, or where no x further apart than that share is left between what
      # fits and what does not; 0.0 where nothing fits.
      #
      #   filling(1.0, 9.0, close: 1e-6) { |x| (0.1 + x) / 4 } # => 3.9
      def filling(start, high, close:)
        fits = before = [0.0, 0.0]
        x = [start, high].min
        over = nil
        HALVINGS.times do |round|
          now = [x, yield(x)]
          return x if now[1].between?(1 - close, 1) || (now[1] <= 1 && x >= high)

          now[1] > 1 ? over = now : fits = now
          return fits[0] if over && over[0] - fits[0] <= close * over[0]

          bracket = [fits[0], over ? over[0] : [2 * x, high * (1 + SAME)].min]
          x = [round < STRAIGHT ? on_the_line(before, now, 1 - (close / 2)) : bracket.last, high].min
          x = within(bracket, x)
          before = now
        end
        fits[0]
      end

      # The x between 0 and `most` at which a convex, falling function reaches 0, or
      # `most` where it stays above. The block gives [value, how fast it falls].
      # Newton's steps from 0 close in from the left and never overshoot.
      def falling(most, close: 1e-10, rounds: 20)
        return most if yield(most).first >= 0

        x = 0.0
        rounds.times do
          value, falls = yield x
          break if value < close

          x += value / falls
        end
        [x, most].min
      end

      def secant(before, now, slope, steepest)
        return slope unless before

        apart = now[0] - before[0]
        apart.abs < TELLING ? slope : ((now[1] - before[1]) / apart).clamp(-steepest, steepest)
      end

      # Place at which the line through two points reaches `wanted`; infinite when it never does.
      def on_the_line((x0, y0), (x1, y1), wanted)
        y1 == y0 ? Float::INFINITY : x1 + ((wanted - y1) * (x1 - x0) / (y1 - y0))
      end

      def settled?(x, wanted, bracket, close, least)
        (wanted - x).abs < close || (x == least && wanted < least) || bracket.last - bracket.first < SAME
      end

      def within(bracket, x)
        x > bracket.first && x < bracket.last ? x : bracket.sum / 2
      end

      private_class_method :secant, :on_the_line, :settled?, :within
    end
  end
end
