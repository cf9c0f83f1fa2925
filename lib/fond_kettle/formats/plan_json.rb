# frozen_string_literal: true

require_relative "../measure/spoken"
require_relative "../methods/placing/amounts"
require_relative "../methods/solved/levels"
require_relative "../methods/solved/range_act"
require_relative "../methods/planning/remedies"
require_relative "../pot/runs/cooking"
require_relative "../pot/depth"
require_relative "held_json"
require_relative "making_json"
require_relative "run_json"
require_relative "sealed_json"
require_relative "stored_plan"
require_relative "task_json"

module FondKettle
  module Formats
    # A Plan as the contract's JSON (a hash with symbol keys, numbers rounded to
    # what they can mean). It is also what a cook keeps of the plan.
    module PlanJson
      module_function

      # The hash of a Methods::Plan.
      def call(plan)
        { plan_version: StoredPlan::VERSION, **amounts(plan), **SealedJson.call(plan),
          **MakingJson.call(plan),
          **course(plan),
          **outcome(plan),
          tasks: TaskJson.tasks(plan), starts: TaskJson.starts(plan), ends: TaskJson.ends(plan),
          **about(plan) }
      end

      def amounts(plan)
        { rice: rice(plan), liquid: liquid(plan), liquids: liquids(plan), base: base(plan),
          balance: balance(plan.balance), batches: plan.request.pots,
          act: act(plan) }.compact
      end

      # The course of the plan: steps, cues, minutes, stages and phases.
      def course(plan)
        { steps: TaskJson.steps(plan), cues: RunJson.cues(plan.run), minutes: minutes(plan),
          stages: stages(plan.stages),
          phases: plan.phases.map { |phase| phase(phase) } }
      end

      # Allergens of what is eaten, and what nobody knows them of.
      def allergens(plan)
        { contains: plan.request.allergens.sort, not_checked: plan.request.not_checked }
      end

      # Outcome of the plan: fit, verdict, cautions, allergens and warnings.
      def outcome(plan)
        { fit: fit(plan), verdict: plan.verdict, comes_out: plan.comes_out, floor_and_top: plan.floor_and_top,
          cautions: plan.cautions.keys.map(&:texts),
          allergens: allergens(plan), warnings: RunJson.warnings(plan.warnings) }
      end

      # The grain, method and amounts that the plan is for.
      def about(plan)
        { grain: plan.request.grain.key, method: plan.method.key, method_name: plan.method.name,
          texture: plan.request.texture, boil_c: plan.setting.boil_c.round(2),
          uptake_per_g: plan.load.uptake.round(4),
          drinks: plan.request.estimates[:uptake].factor.round(4) }
      end

      # The JSON of one vessel: the liquid, the minutes of its stages, how far the core has come.
      def phase(phase)
        { key: phase.key, unknown: phase.unknown, liquid_g: phase.liquid_g.round(3),
          stage_minutes: phase.stage_minutes.map { |minutes| minutes.round(2) },
          core: phase.run.core.round(4),
          uptake_per_g: phase.run.uptake.round(4) }
      end

      # The same with what to do when the cook reports a sign: what a cook keeps. `look`: what the
      # pot's own lid is like to look at ("plain", "glass").
      def for_the_stove(plan, look: "plain")
        remedies = Methods::Remedies.for(plan).transform_values { |remedy| RunJson.remedy(remedy) }
        run = Pot::Cooking.run(plan.load, plan.liquid_g, plan.stages, plan.setting, curve: true)
        call(plan).merge(remedies: remedies, levels: Methods::Levels.of(plan, run), lift: lift(plan, run),
                         vessel: vessel(plan, look), rounds: plan.request.rounds?,
                         unknown: plan.request.unknown, held: HeldJson.call(plan),
                         **SealedJson.for_the_stove(plan))
      end

      # The measures from which the pot is drawn.
      def vessel(plan, look)
        vessel = plan.request.vessel
        { name: vessel.name, diameter_mm: vessel.diameter_mm, floor_mm: vessel.floor_mm,
          height_mm: vessel.height_mm, lid: vessel.lid, base_mm: Methods::Levels.base_mm(plan).round(1),
          material: vessel.material, look: look, source: plan.request.burner.source }
      end

      # Cost of half a minute without the lid on the heat: minutes and grams.
      def lift(plan, run)
        stages = plan.stages.map do |stage|
          stage.off? || stage.until || stage.open? ? stage : stage.with(lifted_s: 30.0)
        end
        lifted = Pot::Cooking.run(plan.load, plan.liquid_g, stages, plan.setting)
        later = [lifted, run].map { |course| course.at("core-gone") || course.minutes }.reduce(:-)
        { minutes: [later, 0.5].max.round(1), g: (lifted.lost_g - run.lost_g).round(1) }
      end

      def rice(plan)
        ml = plan.load.rice_g / plan.load.grain.rho_g_ml
        { g: plan.load.rice_g.round(2), ml: ml.round(1),
          measured: Measure::Spoken.say(ml, plan.request.measures) }
      end

      def liquid(plan)
        { g: plan.liquid_g.round(3), low_g: plan.spread.low_g.round(1), high_g: plan.spread.high_g.round(1),
          ratio_by_volume: plan.ratio_by_volume.round(4), ratio_by_weight: plan.ratio_by_weight.round(4),
          depth_over_rice_mm: Pot::Depth.over_rice_mm(plan.liquid_g, plan.load, plan.request.vessel).round(3),
          measured: Methods::Amounts.in_cups(plan.liquid_g, plan.load, plan.request.measures),
          spread: plan.spread.by_cause.transform_values { |g| g.round(2) } }
      end

      # All liquids that are poured, when there are several.
      def liquids(plan)
        return if plan.request.poured.empty?

        house = plan.request.measures
        poured = [[plan.request.main_liquid&.key || "water", plan.liquid_g, 1.0],
                  *plan.request.poured.map { |one| [one.ingredient.key, one.g, one.ingredient.g_ml] }]
        poured.map do |key, grams, g_ml|
          { ingredient: key, g: grams.round(3), measured: Measure::Spoken.say(grams / g_ml, house) }
        end
      end

      # A broth's own ledger, g.
      def base(plan)
        plan.ledger&.then do |ledger|
          { start_g: ledger.start_g.round(1), lost_g: ledger.lost_g.round(1),
            brought_g: ledger.brought_g.round(1), standing_g: ledger.standing_g.round(1),
            off_g_min: ledger.off_g_min.round(2) }
        end
      end

      # Amounts to pour at first and to keep hot, when that is worth while.
      def act(plan)
        act = Methods::Pouring.of(plan)
        act && { pour_g: act.pour_g.round(1), keep_g: act.keep_g.round(1), look_min: act.look_min.round(1) }
      end

      def balance(balance)
        { uptake_g: balance.uptake_g, loss_g: balance.loss_g, residue_g: balance.residue_g,
          drained_g: balance.drained_g, cloth_g: balance.cloth_g,
          condensed_g: balance.condensed_g, soak_gain_g: balance.soak_gain_g,
          surface_g: balance.surface_g, additions_g: balance.brought_g - balance.drunk_g,
          brought_g: balance.brought_g, drunk_g: balance.drunk_g }.transform_values { |grams| grams.round(4) }
      end

      # Stages with what of their attributes is more than the default.
      def stages(stages)
        stages.map do |stage|
          { key: stage.key, lid: stage.lid, heat: stage.heat, until: stage.until, minutes: stage.minutes,
            **stage.set.except(:add) }.compact
        end
      end

      def minutes(plan)
        { total: plan.total_min, on_heat: plan.on_heat_min.round(1), hands_on: plan.hands_on_min.round(1) }
      end

      def fit(plan)
        fit = plan.fit
        { verdict: fit.verdict, fill_before: fit.fill_before.round(4), fill_after: fit.fill_after.round(4),
          bed_mm: fit.bed_mm.round(1), batches: fit.batches, say: say(fit) }
      end

      def say(fit)
        filled = "#{(fit.fill_before * 100).round} % full before the boil, " \
                 "#{(fit.fill_after * 100).round} % when done"
        "#{filled}; the cooked bed is #{fit.bed_mm.round} mm deep."
      end

      private_class_method :vessel, :lift, :rice, :liquid, :liquids, :base, :act,
                           :balance, :stages, :minutes, :fit, :say, :amounts, :allergens,
                           :course, :outcome, :about, :phase
    end
  end
end
