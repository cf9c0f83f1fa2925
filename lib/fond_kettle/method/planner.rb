# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../pot/balance"
require_relative "../pot/cooking"
require_relative "../pot/fit"
require_relative "../pot/spread"
require_relative "../pot/verdict"
require_relative "charging"
require_relative "plan"
require_relative "request"
require_relative "slip"
require_relative "warnings"

module FondKettle
  module Method
    # Request in, Plan out. Pure: the same request gives the same plan.
    module Planner
      module_function

      # With `curve`, the plan's run carries its curve.
      def plan(request, curve: false)
        charge = Charging.charge(request)
        setting = Charging.setting(request)
        stages = Charging.stages(request)
        balance = Pot::Balancing.solve(charge, stages, setting)
        charge = balance.charge
        timed = timed(stages, balance.run)
        step_min = curve ? Pot::Cooking::CURVE_STEP_MIN : Pot::Cooking::CUES_STEP_MIN
        run = Pot::Cooking.run(charge, balance.liquid_g, timed, setting, step_min: step_min, curve: curve)
        fit = Pot::Fitting.check(charge, balance.liquid_g, request.vessel)
        Plan.new(request: request, school: request.school, charge: charge, setting: setting, stages: timed, balance: balance,
                 spread: Pot::Spreading.around(balance, charge, stages, setting, cooks: request.lesson.cooks), run: run, fit: fit,
                 verdict: Pot::Verdict.of(run, charge),
                 steps: Slip.write(request, charge, balance, balance.run.stage_minutes),
                 cautions: cautions(request, timed), warnings: Warnings.for(request, charge, setting, balance, run, fit))
      end

      # The stages with the minutes that the balance's run took, so that the plan
      # can be run again as it stands.
      def timed(stages, run)
        stages.zip(run.stage_minutes).map do |stage, minutes|
          stage.ends_at ? stage : stage.with(minutes: minutes, extra_min: 0.0)
        end
      end

      def cautions(request, stages)
        ingredients = request.additions.map(&:ingredient) + request.company
        tags = [*request.school.tags, *(if stages.any?(&:cloth)
                                          "cloth"
                                        end), "lid:#{request.vessel.lid}", "material:#{request.vessel.material}",
                *ingredients.flat_map(&:care)]
        Care::Cautions.for(tags, allergens: ingredients.flat_map(&:allergens).uniq)
      end

      private_class_method :timed, :cautions
    end
  end
end
