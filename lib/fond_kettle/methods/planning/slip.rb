# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../ground/value"
require_relative "../made/finishing"
require_relative "../made/steaming"
require_relative "../sealed/sealed_words"
require_relative "../sealed/turned_out"
require_relative "../tasks/tasks"
require_relative "../tasks/timing"

module FondKettle
  module Methods
    # Tasks in the order in which they start (Care::Task); `placed`: when that is (Clock::Placed); `ends`: how
    # long the last may wait (Clock::End); the cautions with the ids of the tasks where each is shown.
    Slip = Value.define(:tasks, :placed, :ends, :cautions) do
      # The Slip of a Solved; the block gives its Pot::Run, which what is turned out asks for.
      def self.of(solved, &run)
        request = solved.told
        written = Tasks.write(request, solved.phases, words(solved, &run))
        placed = Timing.place(written, request)
        order = Timing.as_placed(written, placed).each_with_index
                      .sort_by { |task, index| [-placed.starts[task.id], index] }.map(&:first)
        new(tasks: order.freeze, placed: placed, ends: Timing.ends(written).freeze,
            cautions: Care::Cautions.of(order, allergens: request.allergens.join(", "),
                                               avoided: request.clashes.join(" "),
                                               not_checked: request.not_checked.join(", "),
                                               unknown: request.unknown.join(", ")).freeze)
      end

      # Values for the texts of a pot of layers, a steamer, or what is made of the rice.
      def self.words(solved)
        return SealedWords.new(solved.request, solved.phases, solved.sealed).to_h if solved.sealed
        return TurnedOut.new(solved.request, solved.last, yield).words if solved.method.turned_out?

        steamed = solved.phases.select { |phase| phase.load.steamed? }
        { **steamed.map { |phase| Steaming.new(solved.request, phase).words }.reduce({}, :merge),
          **Finishing.new(solved.request, solved.last).words }
      end
      private_class_method :words
    end
  end
end
