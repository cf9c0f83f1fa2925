# frozen_string_literal: true

require_relative "../care/kind"

module FondKettle
  module Stove
    # What is done for one of several equal pots: what is done once for all of them is done
    # with the first.
    module Potful
      FILL = "fill"

      module_function

      # The stored plan (hash) of pot `number` (from 1).
      def of(plan, number)
        return plan if number == 1

        filled = plan[:tasks].index { |task| task[:kind] == FILL } || 0
        before, from_then_on = plan[:tasks].partition.with_index { |_, index| index < filled }
        plan.merge(tasks: [*before.select { |task| Care::Kinds.fetch(task[:kind]).in_pot }, *from_then_on])
      end
    end
  end
end
