# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/plan_json"
require_relative "../../lib/fond_kettle/formats/stored_request"
require_relative "../../lib/fond_kettle/methods/comparison"
require_relative "../../lib/fond_kettle/methods/depth_rule"
require_relative "../../lib/fond_kettle/methods/own_rule"
require_relative "../../lib/fond_kettle/methods/planner"
require_relative "../../lib/fond_kettle/methods/trial"
require_relative "../../lib/fond_kettle/pot/depth"
require_relative "../../lib/fond_kettle/stove/my_way"
require_relative "../../lib/fond_kettle/stove/potful"
require_relative "../../app/forms/layered_form"
require_relative "../../app/forms/plan_form"
require_relative "../helpers/drawers"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "../presenters/course"
require_relative "../presenters/layered_pot"
require_relative "../presenters/made_pot"
require_relative "../presenters/pot_answer"
require_relative "../presenters/side_by_side"
require_relative "../presenters/under_seal"
require_relative "place"
require_relative "pot_shelves"

module FondKettle
  module Web
    # Plan a pot. The address holds the whole plan; every change asks for the page
    # again and the script swaps in what is new.
    class PotPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords
      helpers Helpers::Drawers

      register PotShelves

      LIFTED_S = 30.0

      # A plan: how much liquid, its range, each step, what comes of it.
      get "/" do
        show(Forms::PlanForm.new(params, household))
      end

      # Every method that suits the grain, for the same rice and pot.
      get "/side-by-side" do
        form = Forms::PlanForm.new(params, household)
        next show(form) unless form.ok?

        @title = "Side by side"
        plans = Methods::Comparison.plans(form.request, household.library.all.values,
                                          vessel_for: form.kit.method(:for_method))
        erb :side_by_side, locals: { shown: Presenters::SideBySide.new(household, form, plans) }
      end

      # The usual programmes, seals, degrees and layers for this pot; `row`: one of them alone.
      get "/under-seal" do
        form = Forms::PlanForm.new(params, household)
        next show(form) unless form.ok? && form.method.sealed?

        under_seal(Presenters::UnderSeal.new(household, form))
      end

      # The course of the pot over time, and another laid over it.
      get "/course" do
        form = Forms::PlanForm.new(params, household)
        next show(form) unless form.ok?

        @title = "The course of the pot"
        plan = Methods::Planner.plan(form.request, curve: true)
        other = overlay(plan, params["with"])
        shown = Presenters::Course.new(household, form, plan, other, params["with"])
        erb :course, locals: { shown: shown }
      end

      # Starts cooking this plan.
      post "/start" do
        form = Forms::PlanForm.new(params, household)
        next show(form, code: 422) unless form.ok?

        redirect household.once(form_key("start"), now) { started(form) }, 303
      end

      private

      def under_seal(shown)
        heads = Presenters::UnderSeal::HEADS
        if params["row"]
          row = shown.rows[Integer(params["row"], 10, exception: false) || 0] || shown.rows.first
          return part(:under_seal_row, shown: shown, row: row, cells: judged(shown, row), heads: heads)
        end
        @title = "Under the seal"
        @script = "under_seal.js" unless params["all"]
        filled = shown.rows.to_h { |one| [one.number, judged(shown, one)] } if params["all"]
        erb :under_seal, locals: { shown: shown, filled: filled, heads: heads }
      end

      # A row's cells; one that cannot be planned says why.
      def judged(shown, row)
        form = Forms::PlanForm.new(Rack::Utils.parse_nested_query(shown.address(row)), household)
        return shown.cells(Methods::Planner.plan(form.request)) if form.ok?

        [form.problems.first[:message], *Array.new(Presenters::UnderSeal::HEADS.size - 1, "")]
      end

      # Starts one cook for each of its equal pots; the path of the first.
      def started(form)
        plan = Methods::Planner.plan(form.request)
        own, own_g = own_rule(form, plan).values_at(:own, :own_g)
        stored = stored(form, plan, own_g)
        happened = own_g ? [["poured", own_g.round(1)], ["outlook", own.comes_out]] : []
        pots = plan.request.pots
        ids = (1..pots).map do |number|
          household.cooks.start(title: title_of(form, plan), grain: plan.request.grain.key,
                                pot_id: form.kit.pot&.id, address: form.address, now: now,
                                request: Formats::StoredRequest.write(plan.request),
                                plan: Stove::Potful.of(stored, number), pot_no: number, pots: pots,
                                happened: happened)
        end
        "/stove/#{ids.first}"
      end

      # The plan as a cook keeps it: with the cook's own water, where that is shown.
      def stored(form, plan, own_g)
        stored = Formats::PlanJson.for_the_stove(plan, look: household.lid_look(form.kit.pot&.id))
        own_g ? my_way(stored, form, plan, own_g) : stored
      end

      # A plan's JSON with the cook's own water.
      def my_way(json, form, plan, own_g)
        over_mm = Pot::Depth.over_rice_mm(own_g, plan.load, plan.request.vessel)
        Stove::MyWay.of(json, own_g, over_mm, form.kit.measures)
      end

      def show(form, code: 200, adding: {})
        shown = answer(form, planned(form)) if form.ok?
        status(form.ok? ? code : 422)
        # The script asks only for what a change moves.
        return part(:pot_change, form: form, shown: shown) if part_only?

        @title = "Pot"
        @script = "pot.js"
        erb :pot, locals: { form: form, shown: shown, adding: adding }
      end

      # With its curve, where that is drawn.
      def planned(form)
        Methods::Planner.plan(form.request, curve: form.method.sealed?)
      end

      def answer(form, plan)
        own = own_rule(form, plan)
        json = Formats::PlanJson.call(plan)
        json = my_way(json, form, plan, own[:own_g]) if own[:own_g]
        Presenters::PotAnswer.new(household, form, plan, json, **own, now: now, rule: rule(plan),
                                                                      layers: layers(form, plan),
                                                                      made: made(form, plan))
      end

      # What is made of the rice, where anything is, or nil.
      def made(form, plan)
        made = Presenters::MadePot.new(household, form, plan)
        made if made.any?
      end

      # What a pot of layers says beside that, or nil.
      def layers(form, plan)
        return unless plan.method.layered?

        Presenters::LayeredPot.new(household, form, plan, over: over(form, plan))
      end

      # Another programme for the same rice, to be laid over the plan's own (Pot::Run), or nil.
      def over(form, plan)
        return if params["over"].to_s.empty? || plan.sealed.nil?

        other = Forms::LayeredForm.new({ programme: params["over"] }).layered(form.method)
        said = plan.request.in_layers.with(programme: other.programme, done: plan.sealed.par_cook.done,
                                           steam_min: nil)
        Methods::Planner.plan(plan.request.with(layered: said), curve: true).run
      rescue InvalidInput
        nil
      end

      # What comes of the cook's own water, where it is given.
      def own_rule(form, plan)
        return { own: nil, own_g: nil } unless form.own_rule

        kind, amount = form.own_rule
        own_g = Methods::OwnRule.of(plan, kitchen[:finger_mm]).liquid_g(kind, amount)
        { own: Methods::Trying.run(plan.request, own_g.clamp(0.0, Forms::Limits::LIQUID_G.max)),
          own_g: own_g }
      end

      # The same plan, cooked another way.
      def overlay(plan, with)
        case with
        when "lifted" then rerun(plan, plan.stages.flat_map { |stage| lifted(stage) }, plan.setting)
        when "sea" then rerun(plan, plan.stages,
                              plan.setting.with(boil_c: Kit::Atmosphere.boiling_point_c(0)))
        when "own" then own_rule(Forms::PlanForm.new(params, household), plan)[:own]&.run
        end
      end

      def rerun(plan, stages, setting)
        Pot::Cooking.run(plan.load, plan.liquid_g, stages, setting, curve: true)
      end

      # A timed stage on the heat in three parts, the lid off at the start of each.
      def lifted(stage)
        return [stage] if stage.off? || stage.until || stage.open?

        Array.new(3) { stage.with(minutes: stage.minutes / 3, lifted_s: LIFTED_S) }
      end

      # The rule of depth that the plan's method goes by, judged in this pot.
      def rule(plan)
        return unless plan.method.rule

        Methods::DepthRules.judge(plan, plan.method.rule == "finger" ? kitchen[:finger_mm] : 0.0)
      end

      def title_of(form, plan)
        return form.dish.title if form.dish

        "#{plan.request.grain.name}, #{form.kit.pot ? form.kit.pot.name : plan.method.name.downcase}"
      end
    end
  end
end
