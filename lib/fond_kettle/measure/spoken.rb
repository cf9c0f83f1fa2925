# frozen_string_literal: true

require_relative "cup"

module FondKettle
  module Measure
    # Says a volume as the shortest combination of a house's own cups and spoons
    # that comes close enough, the way it is poured: "1 3/4 cups + 2 tbsp",
    # "2 jam glasses less 1 tbsp".
    module Spoken
      FRACTIONS = { 0.0 => nil, 0.125 => "1/8", 0.25 => "1/4", 1 / 3.0 => "1/3", 0.5 => "1/2", 2 / 3.0 => "2/3",
                    0.75 => "3/4" }.freeze
      OF_A_CUP = (FRACTIONS.keys - [0.125]).freeze
      OF_A_SPOON = [0.0, 0.25, 0.5, 0.75].freeze
      # So many counts of a cup are tried.
      NEAREST = 5
      # Nobody counts further in spoons.
      MOST_SPOONS = 8
      # Close enough: this share; for small amounts 5 % up to a few drops, or half of
      # the smallest spoon's least part.
      TOLERANCE = 0.015
      SMALL_TOLERANCE = 0.05
      DROPS_ML = 2.0
      PINCH_ML = 0.3
      PINCHES_BELOW_ML = 1.1
      SPOON_BELOW_ML = 30.0
      # A cook would rather be off by so much than measure one thing more.
      EASE_ML = 3.0
      EASE_SHARE = 0.05

      module_function

      #   say(470, House.with(US_CUP)) # => "2 cups"
      def say(amount_ml, house)
        return "0 #{house.cup.name}" unless amount_ml.positive?
        return pinches(amount_ml) if amount_ml < PINCHES_BELOW_ML

        best(amount_ml, house).each_with_index.map { |part, index| words(part, index.zero?) }.join
      end

      # The volume that the words of `say` stand for, mL.
      def said_ml(amount_ml, house)
        return 0.0 unless amount_ml.positive?

        amount_ml < PINCHES_BELOW_ML ? pinch_count(amount_ml) * PINCH_ML : volume(best(amount_ml, house))
      end

      # Lists of [count, cup, sign]; of those that come close enough the easiest.
      def best(amount_ml, house)
        near_ml = tolerance_ml(amount_ml, house)
        ease_ml = [EASE_ML, EASE_SHARE * amount_ml].min
        pours = candidates(amount_ml, house).reject(&:empty?).map { |parts| [parts, (volume(parts) - amount_ml).abs] }
        close = pours.select { |_, off_ml| off_ml <= near_ml }
        (close.empty? ? pours : close).min_by { |parts, off_ml| off_ml + (ease_ml * trouble(parts)) }.first
      end

      def tolerance_ml(amount_ml, house)
        least_ml = house.spoons.map(&:ml).min.to_f * OF_A_SPOON[1] / 2
        [TOLERANCE * amount_ml, [SMALL_TOLERANCE * amount_ml, DROPS_ML].min, least_ml].max
      end

      # How much there is to measure: things, awkward parts, spoons to count, taking out.
      def trouble(parts)
        parts.sum do |count, cup, sign|
          1 + (((count * 2) % 1).zero? ? 0 : 0.3) + (cup.ml < SPOON_BELOW_ML ? count / 5.0 : 0) + (sign.negative? ? 1 : 0)
        end
      end

      def candidates(amount_ml, house)
        fills(amount_ml, house.cups).flat_map do |filled|
          left_ml = amount_ml - volume(filled)
          sign = left_ml.negative? ? -1 : 1
          spooned(left_ml.abs, house.spoons).map { |spoons| filled + spoons.map { |count, spoon| [count, spoon, sign] } }
        end
      end

      # No cup, and of each cup the nearest counts, whole or with a fraction.
      def fills(amount_ml, cups)
        cups.each_with_object([[]]) do |cup, found|
          whole = (amount_ml / cup.ml).floor
          counts = [whole, whole + 1].product(OF_A_CUP).map(&:sum).select(&:positive?)
          counts.min_by(NEAREST) { |count| ((count * cup.ml) - amount_ml).abs }.each { |count| found << [[count, cup, 1]] }
        end
      end

      # Ways to spoon `ml`: the larger spoon by halves, then the smaller by quarters.
      def spooned(amount_ml, spoons)
        return [[]] if spoons.empty? || amount_ml > spoons.map(&:ml).max * (MOST_SPOONS + 0.5)

        large, *smaller = spoons.sort_by { |spoon| -spoon.ml }
        around(amount_ml, large, smaller.empty? ? 0.25 : 0.5).flat_map do |count|
          rest = spooned_rest(amount_ml - (count * large.ml), smaller)
          rest.map { |small| count.zero? ? small : [[count, large], *small] }
        end
      end

      def spooned_rest(left_ml, smaller)
        smaller.each_with_object([[]]) do |spoon, ways|
          around([left_ml, 0.0].max, spoon, 0.25).each { |count| ways << [[count, spoon]] if count.positive? }
        end
      end

      # Multiples of `step` next to the amount, in spoons.
      def around(amount_ml, spoon, step)
        under = (amount_ml / spoon.ml / step).floor * step
        [under, under + step]
      end

      def volume(parts)
        parts.sum(0.0) { |count, cup, sign| count * cup.ml * sign }
      end

      def words((count, cup, sign), first)
        whole, part = count.divmod(1)
        fraction = FRACTIONS.find { |share, _| (share - part).abs < 1e-9 }.last
        said = "#{[(whole.to_i.to_s if whole.positive?), fraction].compact.join(' ')} #{cup.named(count)}"
        return said if first

        "#{sign.negative? ? ' less ' : ' + '}#{said}"
      end

      def pinch_count(amount_ml)
        [(amount_ml / PINCH_ML).round, 1].max
      end

      def pinches(amount_ml)
        pinch_count(amount_ml) == 1 ? "a pinch" : "#{pinch_count(amount_ml)} pinches"
      end

      private_class_method :best, :tolerance_ml, :trouble, :candidates, :fills, :spooned, :spooned_rest, :around, :volume,
                           :words, :pinch_count, :pinches
    end
  end
end
