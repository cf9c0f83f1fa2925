# frozen_string_literal: true

require_relative "../pot/balance"
require_relative "../pot/cooking"
require_relative "../pot/fit"
require_relative "../pot/rescue"
require_relative "../pot/verdict"
require_relative "charging"
require_relative "plan"
require_relative "warnings"

module FondKettle
  module Method
    # What comes of the cook's own water: a run of the pot, how it comes out (as a
    # whole, at the floor and at the top), what can still be done and what to hear.
    Trial = Value.define(:charge, :run, :verdict, :parts, :rescue, :warnings)

    # Tries an amount of liquid in the pot of a Request.
    module Trying
      module_function

      # `liquid_g` poured; `stages` (Stage) in place of the method's own. Without
      # them, the stages take the minutes that the plan would give them.
      def run(request, liquid_g, stages: nil, step_min: Pot::Cooking::CURVE_STEP_MIN)
        charge = Charging.charge(request)
        setting = Charging.setting(request)
        planned = Charging.stages(request)
        charge = Pot::Balancing.solve(charge, planned, setting).charge if charge.residue_g.positive?
        stages ||= planned
        run = Pot::Cooking.run(charge, liquid_g, stages, setting, step_min: step_min, curve: true)
        bed_mm = request.vessel.depth_mm(Pot::Fitting.cooked_ml(charge))
        Trial.new(charge: charge, run: run, parts: Pot::Verdict.floor_and_top(run, charge, bed_mm),
                  verdict: Pot::Verdict.of(run, charge), warnings: warnings(request, charge, setting, liquid_g, run),
                  rescue: Pot::Rescue.for(run, charge, setting, request.vessel.lid).freeze)
      end

      def warnings(request, charge, setting, liquid_g, run)
        fit = Pot::Fitting.check(charge, liquid_g, request.vessel)
        Warnings.boiling(run, setting) + fit.problems.map { |code| Warnings.fitting(code, fit) } +
          Warnings.short_of_water(run, charge)
      end
      private_class_method :warnings
    end
  end
end
