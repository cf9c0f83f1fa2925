# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../clock/slot"

module FondKettle
  module Meals
    # A task of a meal: its Clock::Slot, whose id says the dish too ("d1/stages.cook.boil"), and what
    # there is to do, as the plan of its dish has it (`told`, a hash).
    MealTask = Value.define(:slot, :told) do
      # Unique in its meal.
      def id
        slot.id
      end

      # The key of its dish.
      def dish
        slot.dish
      end

      # Whole minutes, for the clock.
      def minutes
        slot.minutes
      end

      # Care::Kind.
      def kind
        Care::Kinds.fetch(told[:kind])
      end

      # The instruction.
      def say
        told[:say]
      end

      # Food that goes in at this task, as a cook reads it, or "".
      def puts_in
        told[:puts_in].to_s
      end

      # True when it keeps a cook busy.
      def hands_on?
        slot.uses.key?("cook")
      end
    end
  end
end
