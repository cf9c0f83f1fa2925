# frozen_string_literal: true

require_relative "../../app/cooks/start"
require_relative "../../app/forms/plan_form"
require_relative "../../app/lessons/mine"
require_relative "../../app/plans/look"
require_relative "../helpers/things"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "../presenters/pot/before_rice"
require_relative "../presenters/pot/course_chart"
require_relative "../presenters/pot/course_pot"
require_relative "../presenters/pot/layered_pot"
require_relative "../presenters/pot/made_pot"
require_relative "../presenters/pot/pot_answer"
require_relative "../presenters/pot/side_by_side"
require_relative "../presenters/pot/under_seal"
require_relative "place"
require_relative "pot_shelves"

module FondKettle
  module Web
    # Plan a pot. The address holds the whole plan; every change asks for the page
    # again and the script swaps in what is new.
    class PotPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords
      helpers Helpers::Things

      register PotShelves

      # A plan: how much liquid, its range, each step, what comes of it.
      get "/" do
        show(Forms::PlanForm.new(params, household))
      end

      # Every method that suits the grain, for the same rice and pot.
      get "/side-by-side" do
        form = Forms::PlanForm.new(params, household)
        next show(form) unless form.ok?

        @title = "Side by side"
        @style = "ways.css"
        plans = look(form).side_by_side(household.library.all.values)
        shown = Presenters::SideBySide.new(household, form, plans, sort: text_param("sort"),
                                                                   two: params["two"])
        full = shown.in_full.map { |name, plan, its| [name, answered(its, plan, look(its))] }
        erb :side_by_side, locals: { shown: shown, full: full }
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
        plan = look(form).plan(curve: true)
        other = look(form).overlay(plan, params["with"])
        shown = Presenters::CourseChart.new(household, form, plan, other, params["with"])
        pot = Presenters::CoursePot.new(household, plan, other, params["at"])
        next part(:course_pot, pot: pot, shown: shown) if part_only?

        @script = "course.js"
        erb :course, locals: { shown: shown, pot: pot }
      end

      # What is done in the rice's vessel before it goes in, and what that does to its water.
      get "/before" do
        form = Forms::PlanForm.new(params, household)
        next show(form) unless form.ok?

        @title = "Before the rice goes in"
        erb :before_rice, locals: { shown: Presenters::BeforeRice.new(household, form, look(form).plan) }
      end

      # Starts cooking this plan.
      post "/start" do
        form = Forms::PlanForm.new(params, household)
        next show(form, code: 422) unless form.ok?

        path = household.once(form_key("start"), now) do
          "/stove/#{App::StartCook.new(household, now).call(form).first}"
        end
        redirect path, 303
      end

      # Takes down that the cook's own water comes right in this pot.
      post "/mine" do
        form = Forms::PlanForm.new(params, household)
        next show(form, code: 422) unless form.ok?

        done App::TellMine.new(household, now).call(form)
        notice(App::TellMine::TOLD)
        redirect "/pot?#{form.address}", 303
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
        return shown.cells(look(form).plan) if form.ok?

        [form.problems.first[:message], *Array.new(Presenters::UnderSeal::HEADS.size - 1, "")]
      end

      def look(form)
        App::LookAtPlan.new(form, kitchen)
      end

      def show(form, code: 200, adding: {})
        shown = answer(form) if form.ok?
        status(form.ok? ? code : 422)
        # The script asks only for what a change moves.
        return part(:pot_change, form: form, shown: shown) if part_only?

        @title = "Pot"
        @script = "pot.js"
        @style = "pot.css"
        erb :pot, locals: { form: form, shown: shown, adding: adding }
      end

      def answer(form)
        look = look(form)
        answered(form, look.plan(curve: form.method.sealed?), look)
      end

      def answered(form, plan, look)
        own = look.own(plan)
        Presenters::PotAnswer.new(household, form, plan, look.json(plan, own),
                                  own: own&.trial, own_g: own&.liquid_g, now: now, rule: look.rule(plan),
                                  layers: layers(form, plan), made: made(form, plan))
      end

      # What is made of the rice, where anything is, or nil.
      def made(form, plan)
        made = Presenters::MadePot.new(household, form, plan)
        made if made.any?
      end

      # What a pot of layers says beside that, or nil.
      def layers(form, plan)
        return unless plan.method.layered?

        Presenters::LayeredPot.new(household, form, plan, over: look(form).over(plan, params["over"]))
      end
    end
  end
end
