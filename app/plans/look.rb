# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/options"
require_relative "../../lib/fond_kettle/dishes/supper"
require_relative "../../lib/fond_kettle/formats/plan_json"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/kit/atmosphere"
require_relative "../../lib/fond_kettle/methods/planning/comparison"
require_relative "../../lib/fond_kettle/methods/planning/depth_rule"
require_relative "../../lib/fond_kettle/methods/request/own_rule"
require_relative "../../lib/fond_kettle/methods/planning/planner"
require_relative "../../lib/fond_kettle/methods/planning/trial"
require_relative "../../lib/fond_kettle/pot/runs/cooking"
require_relative "../../lib/fond_kettle/pot/depth"
require_relative "../../lib/fond_kettle/stove/my_way"
require_relative "../forms/layered_form"
require_relative "../forms/plan_form"

module FondKettle
  module App
    # Looks at what comes of a plan that is asked for, and stores nothing.
    class LookAtPlan
      # The lid is lifted for so long, s, in the course that shows what that costs.
      LIFTED_S = 30.0
      SEA_M = 0
      # What comes of the cook's own water (Methods::Trial), and how much that is, g.
      OwnWater = Value.define(:trial, :liquid_g)

      attr_reader :form

      # `form`: a Forms::PlanForm with nothing wrong; `kitchen`: the household's record of it.
      def initialize(form, kitchen)
        @form = form
        @kitchen = kitchen
      end

      # The Methods::Plan; `curve`: with the course of its pot over time.
      def plan(curve: false)
        Methods::Planner.plan(form.request, curve: curve)
      end

      # A Plan for each of these methods that suits the grain, for the same rice and pot.
      def side_by_side(methods)
        Methods::Comparison.plans(form.request, methods, vessel_for: form.kit.method(:for_method))
      end

      # The Plan by another method, or the problem. Raises InvalidInput.
      def by(method)
        Methods::Comparison.plan(form.request, method, vessel_for: form.kit.method(:for_method))
      end

      # The Dishes::Supper of its dish.
      def supper
        Dishes::Laying.supper(form.dish, form.factor, form.base_request, servings: form.servings)
      end

      # The Plan of its dish as it is written, before anything of tonight.
      def as_written(supper)
        Methods::Planner.plan(supper.before)
      end

      # Lines that can be left out or replaced tonight, each with the change that this makes
      # (Dishes::Options).
      def options(supper)
        Dishes::Options.of(form.whole_dish, without: form.indexes(:without),
                                            instead: form.indexes(:instead), now: supper) do |dish|
          Dishes::Laying.supper(dish, form.factor, form.base_request, servings: form.servings)
        end
      end

      # Its JSON as a page shows it: with the cook's own water (OwnWater or nil) in the step where the pot is
      # filled.
      def json(plan, own)
        my_way(Formats::PlanJson.call(plan), plan, own)
      end

      # The same as a cook keeps it; `look`: of its lid.
      def stored(plan, own, look)
        my_way(Formats::PlanJson.for_the_stove(plan, look: look), plan, own)
      end

      # Result of the cook's own amount of water (OwnWater), or nil when none is given.
      def own(plan)
        kind, amount = form.own_rule
        return unless kind

        own_g = Methods::OwnRule.of(plan, @kitchen[:finger_mm]).liquid_g(kind, amount)
        OwnWater.new(liquid_g: own_g,
                     trial: Methods::Trying.run(plan.request, own_g.clamp(0.0, Limits::LIQUID_G.max)))
      end

      # The rule of depth that the plan's method goes by, judged in this pot; nil where it has none.
      def rule(plan)
        return unless plan.method.rule

        Methods::DepthRules.judge(plan, plan.method.rule == "finger" ? @kitchen[:finger_mm] : 0.0)
      end

      # The Pot::Run of another programme (as typed) for the same pot of layers; nil where it is none.
      def over(plan, typed)
        return if typed.to_s.empty? || plan.sealed.nil?

        other = Forms::LayeredForm.new({ programme: typed }).layered(form.method)
        said = plan.request.in_layers.with(programme: other.programme, done: plan.sealed.par_cook.done,
                                           steam_min: nil)
        Methods::Planner.plan(plan.request.with(layered: said), curve: true).run
      rescue InvalidInput
        nil
      end

      # The Pot::Run of the same plan cooked another way ("lifted", "sea", "own"), or nil.
      def overlay(plan, with)
        case with
        when "lifted" then rerun(plan, plan.stages.flat_map { |stage| lifted(stage) }, plan.setting)
        when "sea" then rerun(plan, plan.stages, plan.setting.with(boil_c: sea_c))
        when "own" then own(plan)&.trial&.run
        end
      end

      private

      def sea_c
        Kit::Atmosphere.boiling_point_c(SEA_M)
      end

      def my_way(json, plan, own)
        return json unless own

        over_mm = Pot::Depth.over_rice_mm(own.liquid_g, plan.load, plan.request.vessel)
        Stove::MyWay.of(json, own.liquid_g, over_mm, form.kit.measures)
      end

      def rerun(plan, stages, setting)
        Pot::Cooking.run(plan.load, plan.liquid_g, stages, setting, curve: true)
      end

      # A timed stage on the heat in three parts, the lid off at the start of each.
      def lifted(stage)
        return [stage] if stage.off? || stage.until || stage.open?

        Array.new(3) { stage.with(minutes: stage.minutes / 3, lifted_s: LIFTED_S) }
      end
    end
  end
end
