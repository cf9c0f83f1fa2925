# frozen_string_literal: true

require_relative "../care/kind"

module FondKettle
  module Stove
    # The plan of one of several equal pots: tasks done once for all of them belong to the first. In rounds in
    # the same pot, each has its own tasks; tasks that end all of them belong to the last.
    module OnePot
      FILL = "fill"
      ROUND = /\.round-(?<number>\d+)\z/

      module_function

      # The stored plan (hash) of pot, or round, `number` (from 1).
      def of(plan, number)
        return plan.merge(tasks: of_round(plan[:tasks], number, rounds(plan))) if rounds(plan) > 1
        return plan if number == 1

        filled = plan[:tasks].index { |task| task[:kind] == FILL } || 0
        before, from_then_on = plan[:tasks].partition.with_index { |_, index| index < filled }
        plan.merge(tasks: [*before.select { |task| Care::Kinds.fetch(task[:kind]).in_pot }, *from_then_on])
      end

      # The number of the pot, or round, that a task (its id) of a stored plan is the first to be done in.
      def number_of(plan, task_id)
        return 1 if rounds(plan) == 1

        (1..rounds(plan)).find { |number| of(plan, number)[:tasks].any? { |task| task[:id] == task_id } }
      end

      # In how many rounds, one after the other in the same pot, a stored plan (hash) is cooked.
      def rounds(plan)
        return 1 if plan.fetch(:batches, 1) == 1

        plan[:tasks].filter_map { |task| round(task) }.max || 1
      end

      def of_round(tasks, number, rounds)
        last = tasks.index { |task| round(task) == rounds && task[:kind] == FILL } || tasks.size
        tasks.each_with_index.select do |task, index|
          own = round(task)
          if own
            own == number
          else
            number == (index > last ? rounds : 1)
          end
        end.map(&:first)
      end

      # The round of a task; nil for the first, or for all.
      def round(task)
        ROUND.match(task[:id])&.then { |found| found[:number].to_i }
      end
      private_class_method :of_round, :round
    end
  end
end
