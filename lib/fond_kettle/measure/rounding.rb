# frozen_string_literal: true

module FondKettle
  module Measure
    # Numbers as a cook reads them.
    module Rounding
      # Finer than this no kitchen scale reads.
      SMALL_G = 20
      # From there on nobody weighs tenths of a gram.
      WHOLE_G = 100

      module_function

      # Grams on a kitchen scale's step (`step_g`): whole grams below SMALL_G.
      #
      #   grams(386.2, 5) # => 385
      def grams(amount_g, step_g = 1)
        return amount_g.round if amount_g.abs < SMALL_G

        (amount_g / step_g.to_f).round * step_g
      end

      # `amounts` in whole numbers whose sum is `total`: those cut off most go up.
      #
      #   adding_up([188.4, 33.1, 10.4], 232) # => [189, 33, 10]
      def adding_up(amounts, total)
        whole = amounts.map(&:floor)
        most_cut = amounts.each_index.sort_by { |index| [whole[index] - amounts[index], index] }
        most_cut.cycle.first((total - whole.sum).clamp(0, 2 * amounts.size))
                .each { |index| whole[index] += 1 }
        whole
      end

      # A volume in mL from a litre on: "2.4 L"
      def litres(amount_ml)
        format("%.1f L", amount_ml / 1000.0)
      end

      # Minutes as set on a timer: whole, and half minutes below five.
      def minutes(amount_min)
        return amount_min.ceil if amount_min >= 5

        half = (amount_min * 2).ceil / 2.0
        half == half.to_i ? half.to_i : half
      end

      # "35 min", "4 1/2 min", "1 h 05", "30 s"
      def duration(amount_min)
        return "30 s" if amount_min.positive? && amount_min <= 0.5

        told = minutes(amount_min)
        return "#{told.to_i}#{' 1/2' unless (told % 1).zero?} min" if told < 60

        format("%<h>d h %<m>02d", h: told / 60, m: told % 60)
      end

      # A value as a field shows it: a float without needless decimals, "" for nil.
      def shown(value)
        value.is_a?(Float) ? plain(value) : value.to_s
      end

      # A number without needless decimals: 1.50 -> "1.5", 2.0 -> "2".
      def plain(number, digits = 2)
        rounded = number.round(digits)
        rounded == rounded.to_i ? rounded.to_i.to_s : rounded.to_s
      end
    end
  end
end
