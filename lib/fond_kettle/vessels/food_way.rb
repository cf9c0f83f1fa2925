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
        way = [step]
        index = place(steps, step)
        while (one = steps[index += 1])
          next unless held.include?(one.vessel) || one.from.any? { |pour| held.include?(pour.vessel) }

          one.from.each { |pour| held.delete(pour.vessel) if emptied?(pour) }
          held |= [one.vessel]
          way << one
        end
        way
      end

      # Index of a step, which is nearly always one of them itself.
      def place(steps, step)
        steps.index { |one| one.equal?(step) } || steps.index(step)
      end

      def emptied?(pour)
        pour.what == ALL && pour.share.nil? && pour.g.nil?
      end
      private_class_method :place, :emptied?
    end
  end
end
