# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "graph_dish"
require_relative "graph_order"

module FondKettle
  module Dishes
    # Checks a GraphDish, in words: everything that has an amount goes in once in all, nothing is used before
    # it is there, no circle.
    class GraphCheck
      # Shares may add up to that much more than all.
      HAIR = 0.005

      # `dish`: a GraphDish.
      def initialize(dish)
        @dish = dish
        @names = dish.lines.to_h { |line| [line.id, line.food] }
      end

      # Faults: hashes of a field and a message; none where it holds together.
      def faults
        [*unknown, *over, *empty, *circle]
      end

      private

      def unknown
        @dish.steps.each_with_index.flat_map do |step, index|
          [*stray("steps.#{index}.takes", step.takes.map(&:line), @names.keys, "a line"),
           *stray("steps.#{index}.after", [*step.after, *step.beside], @dish.steps.map(&:id), "a step"),
           *stray("steps.#{index}.from", [*step.from.map(&:vessel), *step.needed, step.vessel], vessels,
                  "a vessel"),
           *stray("steps.#{index}.to", [*step.to], [*vessels, *GraphVessel::AWAY], "a vessel or a place")]
        end
      end

      def vessels
        @vessels ||= @dish.vessels.map(&:key)
      end

      def stray(field, given, known, what)
        (given - known).map { |key| fault(field, "#{key} is not #{what} of the dish: #{known.join(', ')}") }
      end

      # Lines of which more goes in than there is.
      def over
        shares = @dish.steps.flat_map(&:takes).group_by(&:line).transform_values { |all| all.sum(&:share) }
        shares.select { |_, share| share > 1 + HAIR }.map do |line, share|
          times = Measure::Rounding.plain(share, 2)
          fault("lines", "#{@names[line]}: #{times} times of it goes in, not once")
        end
      end

      # Vessels that give something and into which nothing is put.
      def empty
        @dish.steps.each_with_index.flat_map do |step, index|
          never = (step.from.map(&:vessel) | step.needed).reject { |vessel| filled?(vessel, step) }
          never.map do |vessel|
            fault("steps.#{index}.from", "nothing is put into the #{name(vessel)} that step #{step.id} uses")
          end
        end
      end

      def filled?(vessel, step)
        (@dish.steps - [step]).any? { |one| one.vessel == vessel || one.to == vessel }
      end

      def circle
        return [] if unknown.any? || GraphOrder.new(@dish).ordered

        [fault("steps", "go round in a circle: what each comes after cannot all be over before it")]
      end

      def name(key)
        @dish.vessels.find { |vessel| vessel.key == key }&.then { |one| one.name || one.kind } || key
      end

      def fault(field, message)
        { field: "dish.#{field}", message: message }
      end
    end
  end
end
