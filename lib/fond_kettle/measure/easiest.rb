# frozen_string_literal: true

require_relative "cup"
require_relative "spoonings"

module FondKettle
  module Measure
    # The search for the easiest cups and spoons that come close enough to an amount, or the closest there
    # are.
    class Easiest
      # Parts that a cup can be filled to; the same of two cups, the second full too.
      OF_A_CUP = [0.0, 0.25, 1 / 3.0, 0.5, 2 / 3.0, 0.75].freeze
      OF_TWO_CUPS = [0, 1].product(OF_A_CUP).map(&:sum).freeze
      QUARTER = 0.25
      # So many counts of a cup are tried.
      NEAREST = 5
      # Spoons that are further off than this are not tried, mL.
      WINDOW_ML = 5.0
      # Less than this is not taken out of a cup again, mL.
      LEAST_OUT_ML = 5.0
      # Close enough: this share; for small amounts 5 % up to a few drops, or half of
      # the smallest spoon's least part.
      TOLERANCE = 0.015
      SMALL_TOLERANCE = 0.05
      DROPS_ML = 2.0
      # A cook would rather be off by so much than measure one thing more.
      EASE_ML = 3.0
      EASE_SHARE = 0.05
      FAR_OFF = 1e9

      # `amount_ml`: above 0; `house`: the House that measures it.
      def initialize(amount_ml, house)
        @amount_ml = amount_ml
        @house = house
        @near_ml = tolerance_ml
        @ease_ml = [EASE_ML, EASE_SHARE * amount_ml].min
        @ways = Spoonings.of(house.spoons)
        @least = Float::INFINITY
      end

      # The cups and spoons, each as [count, Cup, 1 or -1 where it is taken out again].
      def pieces
        fill(0, nil)
        @house.cups.each { |cup| nearest(cup).each { |count| fill(count, cup) } }
        count, cup, sign, spooning = @best
        [*([[count, cup, 1]] if cup), *spooning.spoons.map { |spoons, spoon| [spoons, spoon, sign] }]
      end

      private

      def tolerance_ml
        least_ml = @house.spoons.map(&:ml).min.to_f * QUARTER / 2
        [TOLERANCE * @amount_ml, [SMALL_TOLERANCE * @amount_ml, DROPS_ML].min, least_ml].max
      end

      # The nearest number of cups, whole or with a fraction.
      def nearest(cup)
        cup_ml = cup.ml
        whole = (@amount_ml / cup_ml).floor
        counts = OF_TWO_CUPS.map { |part| whole + part }
        counts.shift if whole.zero?
        counts.min_by(NEAREST) { |count| ((count * cup_ml) - @amount_ml).abs }
      end

      # So many of a cup (or none), and the spoons that go with it: nothing can make it easier.
      def fill(count, cup)
        left_ml = cup ? @amount_ml - (count * cup.ml) : @amount_ml
        trouble = cup ? Spoonings.trouble(count) : 0
        return unless @ease_ml * trouble < @least

        out = left_ml.negative?
        keep(count, cup, 1, @ways.first, left_ml.abs, trouble) if cup
        # Nobody takes anything out of a part of a cup.
        spoon(count, cup, left_ml.abs, trouble, out) unless out && !(count % 1).zero?
      end

      # Spoons for about what is left, or what is taken `out` again. Innermost of all that a page says, hence
      # a plain loop.
      def spoon(count, cup, left_ml, trouble, out)
        index = first_near(out ? [left_ml - WINDOW_ML, LEAST_OUT_ML].max : left_ml - WINDOW_ML)
        most_ml = left_ml + WINDOW_ML
        sign = out ? -1 : 1
        while (way = @ways[index]) && way.ml <= most_ml
          of_spoons = out ? way.trouble + way.spoons.size : way.trouble
          keep(count, cup, sign, way, (way.ml - left_ml).abs, trouble + of_spoons)
          index += 1
        end
      end

      # Index of the first way of spooning that holds so much; the very first is the empty one.
      def first_near(least_ml)
        [@ways.bsearch_index { |way| way.ml >= least_ml } || @ways.size, 1].max
      end

      # Keeps a way that is off by so much and so much trouble, where none before was as easy.
      def keep(count, cup, sign, spooning, off_ml, trouble)
        cost = off_ml + (@ease_ml * trouble) + (off_ml > @near_ml ? FAR_OFF : 0)
        return if cost >= @least

        @best = [count, cup, sign, spooning]
        @least = cost
      end
    end
  end
end
