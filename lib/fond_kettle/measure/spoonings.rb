# frozen_string_literal: true

require_relative "../ground/remembered"
require_relative "../ground/value"

module FondKettle
  module Measure
    # One way of spooning: [count, spoon] each, what they hold, and the trouble of measuring it.
    Spooning = Value.define(:spoons, :ml, :trouble)

    # All that can be measured by a house's spoons.
    module Spoonings
      # Nobody counts further in spoons.
      MOST_SPOONS = 8
      MOST_QUARTERS = 11

      OF = Remembered.new(50) { |spoons| all(spoons) }
      private_constant :OF

      module_function

      # All Spoonings of a list of spoons (Cup), by volume, the empty one first: halves of the larger spoons,
      # quarters of the smaller ones while they do not fill one more of the larger; of equal volumes, only the
      # one with the least trouble.
      def of(spoons)
        OF[spoons]
      end

      # The trouble of measuring so many of one thing: awkward fractions are harder.
      def trouble(count)
        ((count * 2) % 1).zero? ? 1 : 1.3
      end

      def all(spoons)
        counts = counts(spoons)
        ways = counts.empty? ? [[]] : counts.first.product(*counts.drop(1))
        same = ways.map { |way| spooning(way.select { |count, _| count.positive? }) }.group_by(&:ml).values
        same.flat_map { |alike| easiest(alike) }.sort_by(&:ml).freeze
      end

      # The possible numbers of each spoon: lists of [count, spoon].
      def counts(spoons)
        large, small = spoons.sort_by { |spoon| -spoon.ml }
        [*([(0..(MOST_SPOONS * 2)).map { |halves| [halves / 2.0, large] }] if large),
         *([(0..MOST_QUARTERS).map { |quarters| [quarters / 4.0, small] }] if small)]
      end

      def spooning(spoons)
        Spooning.new(spoons: spoons, ml: spoons.sum(0.0) { |count, spoon| count * spoon.ml },
                     trouble: spoons.sum(0.0) { |count, _| trouble(count) + (count / 5.0) })
      end

      # The ways of one spoon and of two that are the least trouble among those of equal volume. They are
      # taken out of a cup, and each further spoon is more trouble.
      def easiest(ways)
        ways.group_by { |way| way.spoons.size }.values.map { |alike| alike.min_by(&:trouble) }
      end

      private_class_method :all, :counts, :spooning, :easiest
    end
  end
end
