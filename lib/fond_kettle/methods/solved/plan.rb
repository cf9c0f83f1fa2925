# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../pot/verdict"
require_relative "comes_out"
require_relative "solved"

module FondKettle
  module Methods
    Warning = Value.define(:code, :say)

    # A task and when it starts, minutes before serving.
    Start = Value.define(:task, :before_min)

    # What the planner answers: made once, never changed.
    #   phases    Phases::Phase, in order; the rice is done in the last
    #   run       the course of the last, with its cues (Pot::Run)
    #   tasks     Care::Task in the order in which they start; `placed` says when
    #             (Clock::Placed), `ends` how long the last may wait (Clock::End)
    #   sealed    what was found of a sealed pot (Sealed), nil for any other
    #   cautions  Care::Caution with the ids of the tasks where each is shown
    Plan = Value.define(:request, :phases, :spread, :run, :fit, :verdict, :tasks, :placed, :ends, :cautions,
                        :warnings, :sealed) do
      include OfPhases

      # The worst that is true of it (ComesOut): the verdict only where nothing is worse.
      def comes_out
        Methods::ComesOut.of(warnings, verdict)
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

      private

      def heated_min(stages, minutes)
        stages.zip(minutes).reject { |stage, _| stage.off? }.sum { |_, min| min }
      end
    end
  end
end
