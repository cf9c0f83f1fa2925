# frozen_string_literal: true

module FondKettle
  module Meals
    # The tasks of a dish without rice, as the plan that a meal stores of it.
    module StoredTasks
      module_function

      # Keys of a stored plan that clock and stove need, of Care::Tasks and their `cautions` (Care::Caution to
      # ids of tasks).
      def plan(tasks, cautions)
        codes = cautions.flat_map { |caution, ids| ids.map { |id| [id, caution.code] } }
        { tasks: tasks.map { |task| stored(task, codes.filter_map { |id, code| code if id == task.id }) },
          ends: [{ task: tasks.last.id, before_serve: [0, tasks.last.kind.waits] }],
          cautions: cautions.keys.map { |caution| { code: caution.code, say: caution.say } } }
      end

      def stored(task, codes)
        slot = task.slot
        { id: task.id, kind: task.kind.key, key: task.key, say: task.say, cue: task.cue, why: task.why,
          hands_on: task.hands_on, minutes: task.minutes, uses: slot.uses, oven_c: slot.oven_c,
          cautions: codes, puts_in: task.puts_in,
          after: slot.after.map { |one| { task: one.task, gap: [one.least, one.most] } } }
      end
      private_class_method :stored
    end
  end
end
