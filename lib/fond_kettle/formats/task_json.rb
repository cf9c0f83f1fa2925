# frozen_string_literal: true

module FondKettle
  module Formats
    # The tasks of a Plan as the contract's JSON: exactly what `kettle clock` takes, and
    # what there is to do.
    module TaskJson
      module_function

      # Tasks in the order in which they start; `stage` is the index of the plan's stage
      # that a task is, and missing for any other.
      def tasks(plan)
        stages = plan.last.stages.each_with_index.to_h do |stage, index|
          ["stages.#{plan.last.key}.#{stage.key}", index]
        end
        plan.tasks.map do |task|
          { **of(task, codes(plan, task), at_once(plan)), stage: stages[of_one_round(task.id)] }.compact
        end
      end

      # A Care::Task with the `codes` of its cautions; `pots`: of so many equal ones it is told for one.
      def of(task, codes, pots = 1)
        { **slot(task.slot), **content(task, codes, pots) }.compact
      end

      # The start of each task, in minutes before serving.
      def starts(plan)
        plan.tasks.to_h { |task| [task.id, plan.placed.starts[task.id]] }
      end

      # The same tasks as the steps of a slip.
      def steps(plan)
        plan.tasks.map do |task|
          { id: task.id, key: task.key, kind: task.kind.key, say: task.say, puts_in: task.puts_in,
            minutes: task.told_min&.round(2),
            hands_on: task.hands_on, heat: task.heat, cue: task.cue, why: task.why, watch: task.watch,
            cautions: codes(plan, task) }
        end
      end

      # The longest time before serving at which the last task may end.
      def ends(plan)
        plan.ends.map { |finish| { task: finish.task, before_serve: [finish.least, finish.most] } }
      end

      def slot(slot)
        { id: slot.id, minutes: slot.minutes, uses: slot.uses, oven_c: slot.oven_c,
          after: slot.after.map { |after| { task: after.task, gap: [after.least, after.most] } } }
      end

      def content(task, codes, pots)
        { kind: task.kind.key, key: task.key, say: task.say, cue: task.cue, why: task.why,
          hands_on: task.hands_on, timed_min: task.timed_min&.round(4), heat: task.heat, watch: task.watch,
          amounts: task.amounts.map { |amount| amount(amount, pots) }, puts_in: task.puts_in,
          cautions: codes, core_c: task.core_c, list: task.list&.to_h }
      end

      # `g` and `measured` of one of several pots, `g_all` of all.
      def amount(amount, pots)
        g = amount.g&.round(3)
        { what: amount.key, name: amount.what, g: g, measured: amount.measured,
          **(amount.poured_off ? { poured_off: true } : {}),
          **(pots > 1 ? { g_all: amount.g && (amount.g * pots).round(3) } : {}) }
      end

      # The id that a task of a later round has in the first.
      def of_one_round(id)
        id.sub(/\.round-\d+\z/, "")
      end

      # Number of equal pots whose tasks are listed together; rounds have tasks of their own.
      def at_once(plan)
        plan.request.rounds? ? 1 : plan.request.pots
      end

      def codes(plan, task)
        plan.cautions_at(task).map(&:code)
      end

      private_class_method :slot, :content, :amount, :of_one_round, :at_once, :codes
    end
  end
end
