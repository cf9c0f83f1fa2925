# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "food"

module FondKettle
  module Vessels
    # How long what was done in a vessel may stand until the next step (docs/model.md: What may stand).
    module Standing
      HALF_RAW_MIN = 0
      FRIED_MIN = 20
      CRISP_MIN = 120
      CRISP = %w[dark-brown crisp].freeze
      # Meat that was hot for less than that is raw inside.
      THROUGH_MIN = 20.0

      module_function

      # Minutes, by the most delicate food of the contents; nil where its kind of step decides.
      #
      #   minutes(pan_of_seared_lamb) # => 0
      def minutes(contents)
        contents.foods.filter_map { |food| of(food) }.min
      end

      # True where meat, fish or the like among the contents is raw, or was seared only.
      def raw?(contents)
        contents.foods.any? { |food| once_raw?(food) && food.hot_min < THROUGH_MIN }
      end

      def of(food)
        return if food.hot_min.zero? || food.ingredient.fat?
        return food.hot_min < THROUGH_MIN ? HALF_RAW_MIN : nil if once_raw?(food)

        crisp?(food) ? CRISP_MIN : FRIED_MIN
      end

      def once_raw?(food)
        food.ingredient.care.intersect?(Care::Cautions.surely_raw)
      end

      # Nuts, seeds and what is fried dark keep without heat.
      def crisp?(food)
        CRISP.include?(food.state) || food.makeup.water <= Composition::FIRM
      end
      private_class_method :of, :once_raw?, :crisp?
    end
  end
end
