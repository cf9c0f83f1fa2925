# frozen_string_literal: true

require_relative "meal"

module FondKettle
  module Meals
    # Tasks of a meal that can be done the day before: those of a kind whose result may wait cold for hours,
    # when all that comes before them can be done then, too. The last task of a dish is never one.
    module Ahead
      # Hours from the evening before to serving.
      HOURS = 24

      module_function

      # Tasks of a meal that can be done the day before, in their order.
      def tasks(meal)
        meal.dishes.flat_map { |dish| of(dish) }
      end

      # `ids` of a meal that can really be done the day before, with all that has to come before them.
      def whole(meal, ids)
        meal.dishes.flat_map do |dish|
          can = of(dish)
          last = can.rindex { |task| ids.include?(task.id) }
          last ? can.first(last + 1).map(&:id) : []
        end
      end

      def of(dish)
        dish.tasks[0...-1].take_while { |task| task.kind.cold_h && task.kind.cold_h >= HOURS }
      end
      private_class_method :of
    end
  end
end
