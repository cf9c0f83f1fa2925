# frozen_string_literal: true

module FondKettle
  module Vessels
    # The way of food through the vessels of a dish.
    module FoodWay
      module_function

      # Of `steps` in their order (each with its `vessel`, and `from`: Pours) those at which what goes in at
      # one of them is there, that one first.
      def of(steps, step)
        held = [step.vessel]
        later = steps.drop(steps.index(step) + 1).select do |one|
          there = [one.vessel, *one.from.map(&:vessel)].intersect?(held)
          held |= [one.vessel] if there
          there
        end
        [step, *later]
      end
    end
  end
end
