# frozen_string_literal: true

module FondKettle
  module Vessels
    # The way of food through the vessels of a dish.
    module FoodWay
      module_function

      ALL = "all"

      # Of `steps` in their order (each with its `vessel`, and `from`: Pours) those at which what goes in at
      # one of them is there, that one first. Nothing is left in a vessel that gives all it has.
      def of(steps, step)
        held = [step.vessel]
        later = steps.drop(steps.index(step) + 1).select do |one|
          there = [one.vessel, *one.from.map(&:vessel)].intersect?(held)
          held = (held - emptied(one)) | [one.vessel] if there
          there
        end
        [step, *later]
      end

      def emptied(step)
        step.from.select { |pour| pour.what == ALL && pour.share.nil? && pour.g.nil? }.map(&:vessel)
      end
      private_class_method :emptied
    end
  end
end
