# frozen_string_literal: true

require_relative "../../belief/spread"
require_relative "../../care/cautions"
require_relative "../../phases/phase"
require_relative "../../pot/runs/cooking"
require_relative "../../pot/fit"
require_relative "../../pot/verdict"
require_relative "../made/finishing"
require_relative "../loads/loading"
require_relative "../request/oven_reach"
require_relative "../solved/plan"
require_relative "../request/request"
require_relative "../sealed/sealed_words"
require_relative "../solved/solved"
require_relative "../made/steaming"
require_relative "../tasks/tasks"
require_relative "../tasks/timing"
require_relative "../sealed/turned_out"
require_relative "../warnings/warnings"

module FondKettle
  module Methods
    # Request in, Plan out. Pure: the same request gives the same plan.
    module Planner
      module_function

      # The Plan of a Request, or of one Solved already; with `curve`, its run carries its curve.
      # Raises Error where no liquid settles, InvalidInput where the oven gets no hotter than that.
      def plan(asked, curve: false)
        solved = Solved.of(asked)
        OvenReach.call(solved.request)
        request = solved.request
        phases = solved.phases
        last = solved.last
        run = course(last, curve: curve || request.method.turned_out?)
        fit = Pot::Fitting.check(last.load, last.liquid_g, request.vessel)
        Plan.new(request: request, phases: phases, run: run, fit: fit, sealed: solved.sealed,
                 spread: spread(solved),
                 verdict: Pot::Verdict.of(run, last.load), **tasks(solved.told, phases, words(solved, run)),
                 warnings: Warnings.for(request, last, run, fit, solved.sealed))
      end

      # The spread of the liquid (Belief::Spread) of a Request, or of one Solved already, when nothing else of
      # its plan is needed. It uses the stages as they were before they were timed, since rice that is ready
      # later takes longer. Raises Error when no liquid settles.
      def spread(asked)
        solved = Solved.of(asked)
        last = solved.last
        Belief::Spreading.around(last.balance, Loading.last_stages(solved.request), last.setting,
                                 solved.request.estimates)
      end

      # The Pot::Run of a phase as it is planned.
      def course(phase, curve:)
        step_min = curve ? Pot::Cooking::CURVE_STEP_MIN : Pot::Cooking::CUES_STEP_MIN
        Pot::Cooking.run(phase.load, phase.liquid_g, phase.stages, phase.setting, step_min: step_min,
                                                                                  curve: curve)
      end

      # Values for the texts of a pot of layers, a steamer, or what is made of the rice.
      def words(solved, run)
        return SealedWords.new(solved.request, solved.phases, solved.sealed).to_h if solved.sealed
        return TurnedOut.new(solved.request, solved.last, run).words if solved.method.turned_out?

        steamed = solved.phases.select { |phase| phase.load.steamed? }
        { **steamed.map { |phase| Steaming.new(solved.request, phase).words }.reduce({}, :merge),
          **Finishing.new(solved.request, solved.last).words }
      end

      # Tasks in the order in which they start, when that is, and the cautions at each.
      def tasks(request, phases, more)
        written = Tasks.write(request, phases, more)
        placed = Timing.place(written, request)
        order = Timing.as_placed(written, placed).each_with_index
                      .sort_by { |task, index| [-placed.starts[task.id], index] }.map(&:first)
        { tasks: order.freeze, placed: placed, ends: Timing.ends(written).freeze,
          cautions: Care::Cautions.of(order, allergens: request.allergens.join(", "),
                                             avoided: request.clashes.join(" "),
                                             not_checked: request.not_checked.join(", "),
                                             unknown: request.unknown.join(", ")).freeze }
      end

      private_class_method :course, :words, :tasks
    end
  end
end
