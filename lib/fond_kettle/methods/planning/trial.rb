# frozen_string_literal: true

require_relative "../../phases/solve"
require_relative "../../pot/runs/cooking"
require_relative "../../pot/fit"
require_relative "../solved/comes_out"
require_relative "../warnings/not_safe"
require_relative "../warnings/outcome_warnings"
require_relative "rescue"
require_relative "../warnings/sealed_faults"
require_relative "../../pot/verdict"
require_relative "../solved/last_pot"
require_relative "../warnings/warnings"

module FondKettle
  module Methods
    # What comes of the cook's own water: a run of the pot, how it comes out (as a
    # whole, at the floor and at the top), what can still be done and what to hear.
    Trial = Value.define(:load, :run, :verdict, :floor_and_top, :rescue, :warnings) do
      # The worst that is true of it (ComesOut).
      def comes_out
        Methods::ComesOut.of(warnings, verdict)
      end
    end

    # Tries an amount of liquid in the pot of a Request.
    module Trying
      module_function

      # The Trial of `liquid_g` poured; `stages` (Pot::Stage) in place of the method's own.
      # Without them, the stages take the minutes that the plan would give them. `step_min`
      # is how fine the curve is, minutes. `kitchen`: as it truly is (Belief::Estimates; nil: as the request
      # holds it): the stages take the minutes of a plan that does not know it. Raises Error where a sauce
      # does not settle.
      def run(request, liquid_g, stages: nil, step_min: Pot::Cooking::CURVE_STEP_MIN, kitchen: nil)
        stages ||= LastPot.of(request).planned if kitchen
        request = request.with(held: kitchen) if kitchen
        potful = LastPot.of(request)
        load = potful.load.residue_g.positive? ? potful.solve.load : potful.load
        setting = potful.setting
        stages ||= potful.timed
        run = Pot::Cooking.run(load, liquid_g, stages, setting, step_min: step_min, curve: true)
        bed_mm = request.vessel.thick_mm(Pot::Fitting.cooked_ml(load), load.bulk_ml)
        Trial.new(load: load, run: run, floor_and_top: Pot::Verdict.floor_and_top(run, load, bed_mm),
                  verdict: Pot::Verdict.of(run, load),
                  warnings: warnings(request, load, setting, liquid_g, run),
                  rescue: Rescue.for(run, load, liquid_g, stages, setting).freeze)
      end

      def warnings(request, load, setting, liquid_g, run)
        return [*SealedFaults.of(request, load, run), *NotSafe.in_layers(request)] if load.stack

        fit = Pot::Fitting.check(load, liquid_g, request.vessel)
        [*NotSafe.warnings(request, run), *Warnings.boiling(run, setting),
         *fit.problems.map { |code| Warnings.fitting(code, fit) }, *OutcomeWarnings.short_of_water(run, load)]
      end
      private_class_method :warnings
    end
  end
end
