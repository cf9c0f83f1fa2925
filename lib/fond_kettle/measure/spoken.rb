# frozen_string_literal: true

require_relative "../ground/remembered"
require_relative "cup"
require_relative "easiest"
require_relative "numeral"

module FondKettle
  module Measure
    # Says a volume as the shortest combination of a house's own cups and spoons
    # that comes close enough, the way it is poured: "1 3/4 cups + 2 tbsp",
    # "2 jam glasses less 1 tbsp".
    module Spoken
      PINCH_ML = 0.3
      PINCHES_BELOW_ML = 1.1

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

      def best(amount_ml, house)
        Easiest.new(amount_ml, house).pieces
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

      private_class_method :best, :volume, :words, :pinch_count, :pinches
    end
  end
end
