# frozen_string_literal: true

require_relative "../../belief/spread"
require_relative "../../ground/value"
require_relative "../../pot/fit"
require_relative "../../pot/runs/cooking"
require_relative "../../pot/verdict"
require_relative "../loads/loading"
require_relative "../solved/comes_out"
require_relative "../solved/solved"
require_relative "../warnings/warnings"
require_relative "slip"

module FondKettle
  module Methods
    # A task and when it starts, minutes before serving.
    Start = Value.define(:task, :before_min)

    # The planner's answer: a Solved with what follows from it. Each part is made when it is first asked
    # for, and once: many pages show no more than a few figures. A plan never changes, and two of the same
    # Solved are equal.
    class Plan
      include OfPhases

      # The Request, its Phases::Phase list (the rice is done in the last), and what was found of a sealed pot
      # (Sealed), nil for any other.
      attr_reader :request, :phases, :sealed

      # `solved`: a Solved; with `curve`, its run carries its curve.
      def initialize(solved, curve: false)
        @solved = solved
        @request = solved.request
        @phases = solved.phases
        @sealed = solved.sealed
        @curve = curve || request.method.turned_out?
      end

      # True for a plan of the same.
      def ==(other)
        other.is_a?(Plan) && state == other.state
      end
      alias eql? ==

      # The same for equal plans.
      def hash
        state.hash
      end

      # Its course in the last phase, with its cues (Pot::Run). A sealed pot was solved by that very run.
      def run
        @run ||= if sealed && !@curve
                   last.run
                 else
                   Pot::Cooking.run(load, liquid_g, stages, setting, step_min: step_min, curve: @curve)
                 end
      end

      # The range of its liquid (Belief::Spread). It uses the stages as they were before they were timed,
      # since rice that is ready later takes longer.
      def spread
        @spread ||= Belief::Spreading.around(balance, Loading.last_stages(request), setting,
                                             request.estimates)
      end

      # The fill of its pot (Pot::Fit).
      def fit
        @fit ||= Pot::Fitting.check(load, liquid_g, request.vessel)
      end

      # Verdict on the rice (Pot::Verdict).
      def verdict
        @verdict ||= Pot::Verdict.of(run, load)
      end

      # A list of Warning.
      def warnings
        @warnings ||= Warnings.for(request, last, run, fit, sealed).freeze
      end

      # Care::Task list in the order in which they start.
      def tasks
        slip.tasks
      end

      # Starts of the tasks (Clock::Placed).
      def placed
        slip.placed
      end

      # Bounds for the wait after the last task (a list of Clock::End).
      def ends
        slip.ends
      end

      # Care::Caution with the ids of the tasks where each is shown.
      def cautions
        slip.cautions
      end

      # The worst that is true of it (ComesOut): the verdict only where nothing is worse.
      def comes_out
        ComesOut.of(warnings, verdict)
      end

      # Verdict at the floor and at the top of the bed.
      def floor_and_top
        Pot::Verdict.floor_and_top(run, load, fit.bed_mm)
      end

      # Minutes from the first task to serving.
      def total_min
        placed.span_min
      end

      # The start of each task, in order (Start).
      def starts
        tasks.map { |task| Start.new(task: task, before_min: placed.starts.fetch(task.id)) }
      end

      # Minutes of hands at work.
      def hands_on_min
        tasks.select(&:hands_on).sum(&:told_min)
      end

      # Minutes of all stages on the heat or in the oven.
      def on_heat_min
        phases.sum do |phase|
          if phase.equal?(last)
            heated_min(stages, run.stage_minutes)
          else
            heated_min(phase.stages, phase.stage_minutes)
          end
        end
      end

      # The cautions shown at a task.
      def cautions_at(task)
        cautions.select { |_, ids| ids.include?(task.id) }.keys
      end

      # Rice and whatever else drinks, g: what a ratio is a ratio to.
      def drinkers_g
        load.rice_g + request.additions.select { |addition| addition.ingredient.drinks? }.sum(&:g)
      end

      # g of liquid per g of raw rice and dry additions.
      def ratio_by_weight
        liquid_g / drinkers_g
      end

      # mL of liquid per mL of raw rice and dry additions.
      def ratio_by_volume
        drinkers_ml = (load.rice_g / load.grain.rho_g_ml) +
                      request.additions.select { |addition| addition.ingredient.drinks? }
                             .sum { |addition| addition.g / addition.ingredient.g_ml }
        liquid_g / drinkers_ml
      end

      protected

      # Everything that a plan follows from.
      def state
        [@solved, @curve]
      end

      private

      def slip
        @slip ||= Slip.of(@solved) { run }
      end

      def step_min
        @curve ? Pot::Cooking::CURVE_STEP_MIN : Pot::Cooking::CUES_STEP_MIN
      end

      def heated_min(stages, minutes)
        stages.zip(minutes).reject { |stage, _| stage.off? }.sum { |_, min| min }
      end
    end
  end
end
