# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../clock/slot"
require_relative "../stove/one_pot"
require_relative "meal_task"

module FondKettle
  module Meals
    # One dish of a meal: its `key`, `title` and stored plan (a hash of the newest version, with
    # tasks, starts and ends); `cook_ids`: its pots at the stove once it is begun. What is jotted down
    # beside the rice ("Salad: …") is a dish that has tasks only.
    MealDish = Value.define(:key, :title, :plan, :cook_ids) do
      # True when a pot of rice is part of it.
      def rice?
        plan.key?(:rice)
      end

      # Grams of its rice, of all its pots and rounds.
      def rice_g
        plan[:rice][:g] * plan.fetch(:batches, 1)
      end

      # Rounds in which it is cooked in one pot; each has tasks of its own.
      def rounds
        Stove::OnePot.rounds(plan)
      end

      # Equal pots that it is cooked in at once.
      def pots
        rounds > 1 ? 1 : plan.fetch(:batches, 1)
      end

      # The id of the pot, or round, at the stove that a task (MealTask) is done in; nil before it is begun.
      def cook_id(task)
        cook_ids[Stove::OnePot.number_of(plan, own_id(task.id)) - 1]
      end

      # Tasks (MealTask) of all its pots, in the order in which they are done.
      def tasks
        before = nil
        plan[:tasks].map do |task|
          slot = slot(task, before)
          before = task
          MealTask.new(slot: slot, told: task)
        end
      end

      # Clock::End of what has to be over so long before serving.
      def ends
        plan[:ends].map do |one|
          least, most = one[:before_serve]
          Clock::End.new(task: id(one[:task]), least: least, most: most)
        end
      end

      # Clock::Span of each vessel of the house that it holds, as long as tasks (`ids`, of the meal) are done
      # in it.
      def spans(ids)
        plan.fetch(:held, []).filter_map do |one|
          tasks = one[:tasks].map { |task| id(task) } & ids
          next if tasks.empty?

          Clock::Span.new(id: "#{key} #{one[:name]}", from: tasks.first, to: tasks.last, tasks: tasks,
                          uses: { MealDish.vessel(one[:name]) => 1 })
        end
      end

      # The name by which the clock knows a vessel of the house.
      def self.vessel(name)
        "vessel: #{name}"
      end

      # The id in the meal of a task of its plan.
      def id(task_id)
        "#{key}/#{task_id}"
      end

      # The id in its plan of a task of the meal.
      def own_id(meal_id)
        meal_id.delete_prefix("#{key}/")
      end

      private

      # Nothing starts before what the plan begins with earlier, so that the pot can be followed step
      # by step.
      def slot(task, before)
        after = task[:after].map { |one| follows(one, task) }
        after << Clock::After.new(task: id(before[:id]), least: -minutes(before), most: nil) if before
        Clock::Slot.of(id(task[:id]), minutes(task), uses: uses(task), oven_c: task[:oven_c], after: after,
                                                     dish: key)
      end

      # Each pot waits no longer because the others are worked at meanwhile.
      def follows(one, task)
        least, most = one[:gap]
        most += others_min(one[:task], task) if most
        Clock::After.new(task: id(one[:task]), least: least, most: most)
      end

      # Minutes that the work between two tasks takes more in all pots than in one.
      def others_min(before_id, task)
        return 0 if pots == 1

        from, to = [before_id, task[:id]].map { |id| plan[:tasks].index { |one| one[:id] == id } }
        from ? plan[:tasks][(from + 1)...to].sum { |one| minutes(one) - one[:minutes] } : 0
      end

      # What is done by hand in each of several pots takes so much longer, but where the food is timed.
      def minutes(task)
        each = Care::Kinds.fetch(task[:kind]).in_pot && task[:hands_on] && task[:heat].nil?
        [task[:minutes] * (each ? pots : 1), 1].max
      end

      def uses(task)
        task[:uses].to_h do |name, count|
          [name.to_s, name.to_s == "burner" && Care::Kinds.fetch(task[:kind]).in_pot ? count * pots : count]
        end
      end
    end
  end
end
