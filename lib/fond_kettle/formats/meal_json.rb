# frozen_string_literal: true

module FondKettle
  module Formats
    # A meal as JSON: a request that `kettle clock` takes as it is, with what there is to do at each
    # task, who cooks and when each starts. MealReader reads it back.
    module MealJson
      TIME = "%Y-%m-%dT%H:%M"
      # What a task says beside its times.
      SAID = %i[kind key say puts_in cue why hands_on cautions].freeze

      module_function

      # The hash of a Meals::Meal and its Meals::Schedule (nil: none was found).
      def call(meal, schedule)
        { title: meal.title, serve_at: meal.serve_at.strftime(TIME), cooks: meal.cooks,
          resources: { cook: meal.cooks.size, burner: meal.rings, oven: meal.shelves },
          tasks: meal.every_task.map { |task| task(meal, task) },
          ends: meal.dishes.flat_map(&:ends).map { |one| finish(one) },
          ahead: meal.ahead, pins: meal.pins, cautions: cautions(meal), **times(meal, schedule) }
      end

      def task(meal, task)
        slot = task.slot
        { id: task.id, dish: meal.dish(task.dish).title, minutes: task.minutes, uses: slot.uses,
          oven_c: slot.oven_c,
          after: slot.after.map { |after| { task: after.task, gap: [after.least, after.most] } },
          **task.told.slice(*SAID) }.compact
      end

      def finish(one)
        { task: one.task, before_serve: [one.least, one.most] }
      end

      def cautions(meal)
        meal.dishes.flat_map { |dish| dish.plan.fetch(:cautions, []) }.uniq { |one| one[:code] }
            .map { |one| one.slice(:code, :say) }
      end

      def times(meal, schedule)
        return {} unless schedule

        { starts: schedule.starts.transform_values { |min| meal.at(min).strftime(TIME) },
          span_minutes: schedule.span_min, lower_bound_minutes: schedule.bound_min }
      end
      private_class_method :task, :finish, :cautions, :times
    end
  end
end
