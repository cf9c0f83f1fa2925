# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/stored_plan"
require_relative "../../lib/fond_kettle/meals/changes"
require_relative "../../lib/fond_kettle/meals/standing"
require_relative "../../lib/fond_kettle/stove/cook"
require_relative "../../lib/fond_kettle/stove/one_pot"
require_relative "../../store/teaching_cook"
require_relative "../act"
require_relative "../lessons/worth_of_pot"

module FondKettle
  module App
    # A meal at the stove: its pots are put there, taps move them, what has slipped is planned anew, and in
    # the end all is on the table.
    class CookMeal < Act
      # Puts every pot of a meal on the stove, waiting; once.
      def begin(id)
        household.meals.begin(id, now) { |dish| start(dish) }
      end

      # Tells taps ([key, Meals::Tap] each), each once; returns how many were new. `takers`: the cook (index)
      # by id of a task that somebody has taken.
      def tell(record, taps, takers = {})
        household.meals.tell(record[:id], taps, now) do |fresh|
          household.meals.take(record[:id], takers.slice(*fresh.map(&:task)))
          Meals::Standing.left(fresh).each { |tap| follow(record[:meal], tap) }
        end
      end

      # Plans the rest of a meal anew, as the changed meal `wanted` (Meals::Meal) needs it. Returns the answer
      # of Meals::Changes. Raises InvalidInput when there is no such plan.
      def anew(record, wanted)
        meal, schedule = Meals::Changes.from_wanted(record[:meal], wanted, record[:schedule])
        standing = household.meals.standing(record.merge(meal: meal, schedule: schedule))
        Meals::Changes.anew(standing, now)
      end

      # All is on the table: its pots are done, its rice is out of the bags. It can be taken back.
      def end(record)
        noted("On the table: #{record[:title]}", "change", "/meal/#{record[:id]}") do
          record[:meal].dishes.flat_map(&:cook_ids).each { |id| done(id) }
          household.meals.end(record[:id], now)
        end
      end

      private

      # Pots of a dish, each waiting on the stove; their ids.
      def start(dish)
        plan = { **Formats::StoredPlan.read(dish[:plan]), worth: worth(dish) }
        about = { **dish.slice(:title, :grain, :pot_id, :address, :request), now: now,
                                                                             pots: plan.fetch(:batches, 1) }
        (1..about[:pots]).map do |number|
          household.cooks.start(**about, plan: Stove::OnePot.of(plan, number), pot_no: number, waits: true)
        end
      end

      # What is worth showing of a dish's pot, as it is stored.
      def worth(dish)
        WorthOfPot.new(household).of_stored(dish[:request], Store::TeachingCook.dish_title(dish))
      end

      # The pots of a dish go to the task that has begun.
      def follow(meal, tap)
        dish = meal.dishes.find { |one| tap.task.start_with?("#{one.key}/") }
        dish.cook_ids.each do |id|
          pot = household.cooks.find(id)
          next if pot[:finished_at] || pot[:left_at]

          step(pot, dish.own_id(tap.task), tap.at) if tap.what == "begun"
          back(pot, dish.own_id(tap.task)) if tap.what == "not-begun"
        end
      end

      # The pot goes back to where it stood, where this was the last that was tapped of it.
      def back(pot, task)
        cook = Stove::Cook.new(pot[:plan], pot[:events])
        return if cook.waiting? || cook.task[:id] != task

        household.cooks.undo(pot[:id], now) || household.cooks.wait_again(pot[:id])
      end

      def step(pot, to, at)
        cook = Stove::Cook.new(pot[:plan], pot[:events])
        place = cook.tasks.index { |task| task[:id] == to }
        return unless place
        return household.cooks.begin(pot[:id], now, at: at) if cook.waiting? && place.zero?
        return unless cook.waiting? || place > cook.position

        household.cooks.move(pot[:id], cook.task[:id], to, now, at: at)
      end

      def done(id)
        pot = household.cooks.find(id)
        return unless pot[:finished_at].nil? && pot[:left_at].nil? && pot[:events].any?

        household.finish(id, now)
      end
    end
  end
end
