# frozen_string_literal: true

require_relative "../ground/remembered"
require_relative "cup"
require_relative "numeral"
require_relative "spoonings"

module FondKettle
  module Measure
    # Says a volume as the shortest combination of a house's own cups and spoons
    # that comes close enough, the way it is poured: "1 3/4 cups + 2 tbsp",
    # "2 jam glasses less 1 tbsp".
    module Spoken
      # Parts that a cup can be filled to.
      OF_A_CUP = [0.0, 0.25, 1 / 3.0, 0.5, 2 / 3.0, 0.75].freeze
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
      PINCH_ML = 0.3
      PINCHES_BELOW_ML = 1.1
      # A cook would rather be off by so much than measure one thing more.
      EASE_ML = 3.0
      EASE_SHARE = 0.05
      FAR_OFF = 1e9

      module_function

      # What a page says, it says more than once.
      SAID = Remembered.new(2000) { |(amount_ml, house)| worded(amount_ml, house) }
      private_constant :SAID

      #   say(470, House.with(US_CUP)) # => "2 cups"
      def say(amount_ml, house)
        SAID[[amount_ml, house]]
      end

      # The same, worked out anew.
      def worded(amount_ml, house)
        return "0 #{house.cup.name}" unless amount_ml.positive?
        return pinches(amount_ml) if amount_ml < PINCHES_BELOW_ML

        best(amount_ml, house).each_with_index.map { |part, index| words(part, index.zero?) }.join
      end

      # The cups and spoons that `say` names, each as [count, Cup, 1 or -1 where it is taken out again];
      # empty for pinches and for nothing.
      #
      #   parts(470, House.with(US_CUP)) # => [[2, US_CUP, 1]]
      def parts(amount_ml, house)
        amount_ml < PINCHES_BELOW_ML ? [] : best(amount_ml, house)
      end

      # Volume that the words of `say` stand for, mL.
      def measured_ml(amount_ml, house)
        return 0.0 unless amount_ml.positive?

        amount_ml < PINCHES_BELOW_ML ? pinch_count(amount_ml) * PINCH_ML : volume(best(amount_ml, house))
      end

      # The easiest list of [count, cup, sign] of those that come close enough, or the
      # closest there is.
      def best(amount_ml, house)
        near_ml = tolerance_ml(amount_ml, house)
        ease_ml = [EASE_ML, EASE_SHARE * amount_ml].min
        best = nil
        least = Float::INFINITY
        each_way(amount_ml, house, ->(trouble) { ease_ml * trouble < least }) do |way, off_ml, trouble|
          cost = off_ml + (ease_ml * trouble) + (off_ml > near_ml ? FAR_OFF : 0)
          next if cost >= least

          best = way
          least = cost
        end
        pieces(*best)
      end

      # Yields [count, cup, sign, spooning] for each way that is easy enough by the lambda, how far off it
      # is (mL) and the trouble of measuring it; sign -1: the spoons are taken out again.
      def each_way(amount_ml, house, easy)
        ways = Spoonings.of(house.spoons)
        each_filling(amount_ml, house) do |count, cup, left_ml, filled|
          # Nothing that goes with it can make it easier.
          next unless easy.call(filled)

          taken_out = left_ml.negative?
          each_spooning(left_ml.abs, ways) do |spooning, off_ml|
            next if (taken_out && fiddly?(count, spooning)) || nothing?(cup, spooning)

            yield [count, cup, taken_out ? -1 : 1, spooning], off_ml,
                  filled + spooning.trouble + (taken_out ? spooning.spoons.size : 0)
          end
        end
      end

      def pieces(count, cup, sign, spooning)
        [*([[count, cup, 1]] if cup), *spooning.spoons.map { |spoons, spoon| [spoons, spoon, sign] }]
      end

      def tolerance_ml(amount_ml, house)
        least_ml = house.spoons.map(&:ml).min.to_f * QUARTER / 2
        [TOLERANCE * amount_ml, [SMALL_TOLERANCE * amount_ml, DROPS_ML].min, least_ml].max
      end

      # Yields how often which cup (or none) is filled, what is left to add (below 0: to take out), mL,
      # and the trouble of it.
      def each_filling(amount_ml, house)
        yield 0, nil, amount_ml, 0
        house.cups.each do |cup|
          nearest(amount_ml, cup).each do |count|
            yield count, cup, amount_ml - (count * cup.ml), Spoonings.trouble(count)
          end
        end
      end

      # True when the amount is nothing at all.
      def nothing?(cup, spooning)
        cup.nil? && spooning.spoons.empty?
      end

      # True for an amount that nobody measures: a few drops taken out of a cup, or anything out of a part of
      # one.
      def fiddly?(count, spooning)
        !spooning.spoons.empty? && (!(count % 1).zero? || spooning.ml < LEAST_OUT_ML)
      end

      # The nearest number of cups, whole or with a fraction.
      def nearest(amount_ml, cup)
        whole = (amount_ml / cup.ml).floor
        counts = [whole, whole + 1].product(OF_A_CUP).map(&:sum).select(&:positive?)
        counts.min_by(NEAREST) { |count| ((count * cup.ml) - amount_ml).abs }
      end

      # Yields those of `ways` to spoon about `amount_ml`, not at all among them, and how far
      # off each is, mL.
      def each_spooning(amount_ml, ways)
        yield ways.first, amount_ml
        index = [ways.bsearch_index { |way| way.ml >= amount_ml - WINDOW_ML } || ways.size, 1].max
        while (way = ways[index]) && way.ml <= amount_ml + WINDOW_ML
          yield way, (way.ml - amount_ml).abs
          index += 1
        end
      end

      def volume(pieces)
        pieces.sum(0.0) { |count, cup, sign| count * cup.ml * sign }
      end

      def words((count, cup, sign), first)
        said = "#{Numeral.write(count)} #{cup.named(count)}"
        return said if first

        "#{sign.negative? ? ' less ' : ' + '}#{said}"
      end

      # Number of pinches, at least 1.
      def pinch_count(amount_ml)
        [(amount_ml / PINCH_ML).round, 1].max
      end

      # "a pinch", "3 pinches"
      def pinches(amount_ml)
        pinch_count(amount_ml) == 1 ? "a pinch" : "#{pinch_count(amount_ml)} pinches"
      end

      private_class_method :best, :fiddly?, :tolerance_ml, :each_way, :each_filling, :nothing?, :pieces,
                           :nearest, :each_spooning, :volume, :words, :pinch_count, :pinches
    end
  end
end
