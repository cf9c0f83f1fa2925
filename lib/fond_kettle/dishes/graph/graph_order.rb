# frozen_string_literal: true

require_relative "graph_dish"

module FondKettle
  module Dishes
    # What each step of a graph comes after: the steps that it names, those that make what it uses or took
    # from there before, and the one before it in its vessel or out of it.
    class GraphOrder
      # `dish`: a GraphDish.
      def initialize(dish)
        @dish = dish
        @steps = dish.steps
      end

      # Ids of the steps that each comes after, by its id.
      def before
        @before ||= @steps.each_with_index.to_h { |step, index| [step.id, before_step(step, index)] }
      end

      # The steps in an order that keeps all of it, as near to the text's as can be; nil where there is none.
      def ordered
        left = @steps.dup
        done = []
        until left.empty?
          step = left.find { |one| (before.fetch(one.id) - done).empty? }
          return unless step

          done << step.id
          left.delete(step)
        end
        @steps.sort_by { |step| done.index(step.id) }
      end

      # Each vessel from which a step takes something, with that step and the one that makes it: [vessel's
      # key, maker, user].
      def pours
        @steps.each_with_index.flat_map do |step, index|
          givers(step).filter_map do |vessel|
            made = maker(vessel, step, @steps.take(index))
            [vessel, made, step] if made
          end
        end
      end

      private

      def before_step(step, index)
        earlier = @steps.take(index)
        own = earlier.reverse.find { |one| uses?(one, step.vessel) }
        made = givers(step).filter_map { |vessel| maker(vessel, step, earlier) }
        lifted = givers(step).filter_map { |vessel| taken(vessel, earlier) }
        [*step.after, *[*made, *lifted].map(&:id), *own&.id].uniq - [step.id]
      end

      # The last step that took something out of a vessel: "lift the chicken out, then strain the stock".
      def taken(vessel, earlier)
        earlier.reverse.find { |one| one.from.any? { |pour| pour.vessel == vessel } }
      end

      # True where something is done in a vessel, or poured or lifted out of it.
      def uses?(step, vessel)
        step.vessel == vessel || step.from.any? { |pour| pour.vessel == vessel }
      end

      def givers(step)
        [*step.from.map(&:vessel), *step.needed].uniq
      end

      # The step that makes what a vessel gives: the last before it in the text, else the last of all.
      def maker(vessel, step, earlier)
        fills = ->(one) { one.vessel == vessel || one.to == vessel }
        earlier.reverse.find(&fills) || (@steps - [step]).reverse.find(&fills)
      end
    end
  end
end
