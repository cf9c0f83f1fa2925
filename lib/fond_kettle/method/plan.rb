# frozen_string_literal: true

require_relative "../pot/verdict"
require_relative "../value"

module FondKettle
  module Method
    # One step of the slip. `minutes` nil where the step takes as long as it takes;
    # `watch` names the cues that can be tapped at the stove.
    Step = Value.define(:key, :say, :minutes, :hands_on, :heat, :cue, :why, :watch)

    Warning = Value.define(:code, :say)

    # What the planner answers: made once, never changed.
    Plan = Value.define(:request, :school, :charge, :setting, :stages, :balance, :spread, :run, :fit,
                        :verdict, :steps, :cautions, :warnings) do
      def liquid_g
        balance.liquid_g
      end

      # How it comes out at the floor and at the top of the bed.
      def parts
        Pot::Verdict.floor_and_top(run, charge, fit.bed_mm)
      end

      # Minutes of all steps, one after another.
      def total_min
        steps.sum { |step| step.minutes || 0 }
      end

      # Minutes of all stages on the heat or in the oven.
      def on_heat_min
        stages.zip(run.stage_minutes).reject { |stage, _| stage.off? }.sum { |_, minutes| minutes }
      end

      # Rice and whatever else drinks, g: what a ratio is a ratio to.
      def drinkers_g
        charge.rice_g + request.additions.select { |addition| addition.ingredient.drinks? }.sum(&:g)
      end

      def ratio_by_weight
        liquid_g / drinkers_g
      end

      # mL of liquid per mL of raw rice and dry additions.
      def ratio_by_volume
        drinkers_ml = (charge.rice_g / charge.grain.rho_g_ml) +
                      request.additions.select { |addition| addition.ingredient.drinks? }
                             .sum { |addition| addition.g / addition.ingredient.g_ml }
        liquid_g / drinkers_ml
      end
    end
  end
end
