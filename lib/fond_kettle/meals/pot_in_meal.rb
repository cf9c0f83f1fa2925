# frozen_string_literal: true

require_relative "pot_clock"

module FondKettle
  module Meals
    # The clock of a pot that belongs to a meal: the meal says when its steps start, for hands and rings are
    # shared, and when it is wanted on the table.
    class PotInMeal < PotClock
      # `standing`: Standing of the meal; `dish`: the MealDish that the pot is of; the others as of PotClock.
      def initialize(cook, now, standing, dish, **house)
        super(cook, now, **house)
        @standing = standing
        @of = dish
      end

      # The Time when its last task is over.
      def ready_at
        last = task(@cook.tasks.last)
        last ? @standing.meal.at(@standing.schedule.over_min(last)) : super
      end

      # The Time when the task after the one at hand starts, nil: it is the last.
      def next_at
        following = @cook.following && task(@cook.following)
        following ? @standing.starts_at(following) : super
      end

      private

      # The MealTask of a task of the pot's plan, nil: it was done the day before.
      def task(told)
        @standing.tasks.find { |one| one.id == @of.id(told[:id]) }
      end
    end
  end
end
