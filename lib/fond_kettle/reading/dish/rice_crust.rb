# frozen_string_literal: true

require_relative "../steps/rice_course"
require_relative "../words/food_words"
require_relative "rice_base"

module FondKettle
  module Reading
    # Finds whether boiled rice steams dry on a crust, with nothing else under or between it: "potatoes in the
    # hot butter, the rice and the dill in layers".
    class RiceCrust
      # What such rice may lie on, and what of it is a layer of its own.
      FOODS = %w[potato flatbread bread salt saffron].freeze
      LAYERS = %w[potato flatbread bread].freeze
      HERB = FoodWords.row("herb")

      # `steps`: ReadSteps; `lines`: ReadLines; `base`: the RiceBase.
      def initialize(steps, lines, base)
        @steps = steps
        @lines = lines
        @base = base
      end

      # True where there is one, if only of fat, and no food that is a dish of its own.
      def alone?
        lines.any? { |line| crust?(line) } && lines.none? { |line| dish?(line) } &&
          !laid.flat_map(&:from).intersect?(cooked)
      end

      # True where it is of fat alone.
      def bare?
        alone? && @lines.none? { |line| LAYERS.include?(line.ingredient&.key) }
      end

      # True for a line that is no crust, and nothing that runs.
      def over?(line)
        !line.runs? && !line.ingredient.nil? && !FOODS.include?(line.ingredient.key)
      end

      private

      # ReadSteps at which something is laid under the rice or with it.
      def laid
        @laid ||= [*@base.steps, *@steps.select { |step| step.rice == RiceCourse::IN }]
      end

      # ReadLines that go in there.
      def lines
        laid.flat_map(&:takes).map { |index, _| @lines[index] }
      end

      def crust?(line)
        FOODS.include?(line.ingredient&.key) || line.ingredient&.fat?
      end

      def dish?(line)
        over?(line) && line.grain.nil? && !HERB.means?(line.ingredient)
      end

      # Keys of vessels in which something was cooked for it.
      def cooked
        @steps.select { |step| RiceBase::COOKS.include?(step.kind) }.map(&:vessel)
      end
    end
  end
end
