# frozen_string_literal: true

require_relative "meal"

module FondKettle
  module Meals
    # The delays of a meal at the stove, and their ends. Each counts once, from the time when the meal is
    # wanted (Changes.from_wanted).
    module Slips
      HOLD_MIN = 10

      module_function

      # They come so many minutes later.
      def guest(meal, minutes)
        meal.with(guests_min: meal.guests_min + minutes)
      end

      # They come when they were to.
      def guest_back(meal)
        meal.with(guests_min: 0)
      end

      # Nothing more is begun for some minutes from a Time on: somebody is at the door.
      def hold(meal, now)
        meal.with(held_until: now + (HOLD_MIN * 60))
      end

      # It goes on at once.
      def hold_back(meal)
        meal.with(held_until: nil)
      end

      # A ring is gone from a Time on.
      def ring(meal, now)
        meal.with(lost: [*meal.lost, LostResource.new(resource: "burner", count: 1, from: now)])
      end

      # The last ring that was lost is back.
      def ring_back(meal)
        last = meal.lost.rindex { |one| one.resource == "burner" }
        meal.with(lost: meal.lost.reject.with_index { |_, index| index == last })
      end

      # Number of rings that are left now.
      def rings(meal)
        meal.rings - meal.lost.select { |one| one.resource == "burner" }.sum(&:count)
      end

      # A cook (index) is called away: what was theirs is anybody's.
      def cook(meal, cook)
        others = meal.who.reject { |_, one| one == cook }
        who = others.transform_values { |one| one > cook ? one - 1 : one }
        meal.with(cooks: meal.cooks.reject.with_index { |_, index| index == cook }, who: who,
                  gone: [*meal.gone, meal.cooks[cook]])
      end

      # A cook (by name) is back.
      def cook_back(meal, name)
        meal.with(cooks: [*meal.cooks, name], gone: meal.gone - [name])
      end

      # A task takes so many minutes longer.
      def longer(meal, task, minutes)
        meal.with(longer: { **meal.longer, task => meal.longer.fetch(task, 0) + minutes })
      end

      # Takes a longer time back.
      def longer_back(meal, task)
        meal.with(longer: meal.longer.except(task))
      end

      # A dish (its key) is not made.
      def drop(meal, key)
        meal.with(dropped: [*meal.dropped, key].uniq)
      end

      # Takes a dish into the meal again.
      def make(meal, key)
        meal.with(dropped: meal.dropped - [key])
      end
    end
  end
end
