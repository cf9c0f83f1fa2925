# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/signs"
require_relative "../../lib/fond_kettle/formats/plan_json"
require_relative "../../lib/fond_kettle/formats/stored_request"
require_relative "../../lib/fond_kettle/methods/planner"
require_relative "../../app/forms/already_form"
require_relative "../../app/forms/plan_form"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "place"

module FondKettle
  module Web
    # It's on the stove already, nothing was planned, and something is wrong: a remedy, and from
    # there a cook like any other.
    class AlreadyPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords

      # What can be wrong with a pot of rice that has boiled.
      AT = "low"

      # Where a pot is told that is on the stove already.
      get "/" do
        show(Forms::AlreadyForm.new({}, household), problems: [])
      end

      # Takes over a pot that is on the stove already.
      post "/" do
        form = Forms::AlreadyForm.new(params, household)
        next show(form, code: 422) unless form.ok?

        plan_form = Forms::PlanForm.new(form.plan_fields, household)
        next show(form, code: 422, problems: plan_form.problems) unless plan_form.ok?

        path = household.once(form_key("already"), now) { "/stove/#{taken_over(form, plan_form)}" }
        follow_ups.told(id_from(path.delete_prefix("/stove/")))
        redirect path, 303
      end

      private

      # Starts a cook that stands where the pot does, with what was seen; returns its id.
      def taken_over(form, plan_form)
        plan = Methods::Planner.plan(plan_form.request)
        boiled_at = now - (form.values[:since] * 60)
        heat_on_at = boiled_at - ((plan.run.at("boil") || 0) * 60)
        id = household.cooks.start(title: "#{plan.request.grain.name}, #{plan_form.kit.pot.name}",
                                   grain: plan.request.grain.key, pot_id: plan_form.kit.pot.id,
                                   address: plan_form.address, plan: Formats::PlanJson.for_the_stove(plan),
                                   request: Formats::StoredRequest.write(plan.request), now: heat_on_at)
        stand(id, heat_on_at, boiled_at, form.values[:poured])
        sign(id, form.values[:sign])
        id
      end

      # Brings it to the step after the boil.
      def stand(id, heat_on_at, boiled_at, poured_g)
        tasks = household.cooks.find(id)[:plan][:tasks]
        on = tasks.find { |task| task[:stage]&.zero? }
        low = tasks[tasks.index(on) + 1]
        poured = poured_g ? [["poured", poured_g.round(1)]] : []
        household.cooks.move(id, tasks.first[:id], on[:id], heat_on_at, happened: poured)
        household.cooks.move(id, on[:id], low[:id], boiled_at, happened: [%w[seen boil]])
      end

      def sign(id, key)
        household.cooks.note(id, [["sign", key]], now)
      end

      def show(form, code: 200, problems: form.problems)
        status code
        @title = "On the stove already"
        @body_class = "at-stove"
        signs = Care::Signs.at(AT, share: 1.0, boiled: true)
        erb :already, locals: { form: form, problems: problems, signs: signs,
                                pots: household.shelf(:pots).all }
      end
    end
  end
end
