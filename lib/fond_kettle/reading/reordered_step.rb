# frozen_string_literal: true

module FondKettle
  module Reading
    # A step of a dish of schema 2 (a hash) that is done sooner or later than it was read: it stands before
    # another one, and beside the rice as its new neighbours do.
    class ReorderedStep
      # In the place of a step's id: behind all of them.
      LAST = "last"
      BEFORE = "before"
      IN = "in"
      WITH = "with"

      # `dish`: the hash; `step`: one of its steps.
      def initialize(dish, step)
        @dish = dish
        @step = step
      end

      # The dish with the step before the one of an id, or behind all (LAST).
      def ahead_of(id)
        others = @dish["steps"] - [@step]
        at = others.index { |one| one["id"] == id } || others.size
        @dish.merge("steps" => others.insert(at, placed(others, at)))
      end

      private

      # The step as it is done in the rice's vessel: before the rice goes in, or with it.
      def placed(others, at)
        own = others.take(at).select { |one| one["vessel"] == @step["vessel"] }
        there = own.last&.fetch("rice", BEFORE)
        goes_in = @step["rice"] == IN || own.none? { |one| one["rice"] == IN }
        return @step.merge(later?(others, at) ? { "rice" => BEFORE } : {}) if goes_in

        @step.merge("rice" => there == IN ? WITH : there)
      end

      # True where the rice goes into its vessel only after it.
      def later?(others, at)
        @step["rice"] != IN &&
          others.drop(at).any? { |one| one["vessel"] == @step["vessel"] && one["rice"] == IN }
      end
    end
  end
end
