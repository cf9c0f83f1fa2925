# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/plan_json"
require_relative "../../lib/fond_kettle/method/planner"
require_relative "../forms/plan_form"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "place"

module FondKettle
  module Web
    # Plan a pot. The address holds the whole plan; every change asks for the page
    # again and the script swaps in what is new.
    class PotPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords

      NEW = { "pots" => :pot, "cups" => :cup }.freeze

      get "/" do
        show(Forms::PlanForm.new(params, household))
      end

      # Starts cooking this plan.
      post "/start" do
        form = Forms::PlanForm.new(params, household)
        next show(form, code: 422) unless form.ok?

        plan = Method::Planner.plan(form.request)
        id = household.cooks.start(title: title_of(form, plan), grain: plan.request.grain.key, pot_id: form.pot && form.pot[:id],
                                   address: form.address, plan: Formats::PlanJson.call(plan), now: now)
        redirect "/stove/#{id}", 303
      end

      # Adds a pot or cup without leaving the plan.
      post "/add/:shelf" do
        field = NEW.fetch(params["shelf"]) { raise NotFound, "There is no such shelf." }
        result = Forms::SHELVES.fetch(params["shelf"].to_sym).call(params["new_#{field}"].to_h)
        form = Forms::PlanForm.new(params, household)
        next show(form, code: 422, adding: { field => Forms.problems(result) }) if result.failure?

        record = household.shelf(params["shelf"].to_sym).add(result.to_h)
        notice "#{record[:name]} is in the cupboard."
        redirect "/pot?#{Forms::PlanForm.new(params.merge(field.to_s => record[:id].to_s), household).address}", 303
      end

      private

      def show(form, code: 200, adding: {})
        plan = Method::Planner.plan(form.request) if form.ok?
        status(form.ok? ? code : 422)
        locals = { form: form, plan: plan, answer: plan && Formats::PlanJson.call(plan) }
        # The script asks only for what a change moves.
        return part(:pot_change, **locals) if request.env["HTTP_X_KETTLE_PART"]

        @title = "Pot"
        @script = "pot.js"
        erb :pot, locals: { **locals, adding: adding }
      end

      def title_of(form, plan)
        "#{plan.request.grain.name}, #{(form.pot ? form.pot[:name] : plan.school.name).downcase}"
      end
    end
  end
end
