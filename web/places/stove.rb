# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/formats/run_json"
require_relative "../../lib/fond_kettle/methods/found_pot"
require_relative "../../lib/fond_kettle/methods/planner"
require_relative "../../lib/fond_kettle/methods/remedies"
require_relative "../../lib/fond_kettle/stove/cook"
require_relative "../forms/heat_form"
require_relative "../forms/plan_form"
require_relative "../forms/pour_form"
require_relative "../helpers/fields"
require_relative "../presenters/cooking"
require_relative "place"

module FondKettle
  module Web
    # Cook along. All times are kept by the server; a page only counts them down.
    class StovePlace < Place
      helpers Helpers::Fields

      SIGNS = Methods::Remedies::SIGNS
      CUES = Presenters::Cooking::CUES
      HEAT_UNITS = Forms::HeatForm::UNITS

      get "/" do
        cooking = household.cooks.on_the_stove
        redirect "/stove/#{cooking.first[:id]}" if cooking.one?
        @title = "Stove"
        erb :stove_list, locals: { cooking: cooking }
      end

      get "/:id" do
        show(household.cooks.find(id_from(params["id"])))
      end

      # What another device compares with, to know whether something has changed.
      get "/:id/state" do
        content_type :json
        JSON.generate(state: cooking(household.cooks.find(id_from(params["id"]))).state)
      end

      # Leaves task `from` for task `to` (ids). Another device may have left it already;
      # then nothing happens and the page shows where the pot stands.
      post "/:id/task" do
        id = id_from(params["id"])
        unless tasks_of(id).include?(params["to"])
          raise InvalidInput.at("to", "must be one of the pot's tasks")
        end

        household.cooks.move(id, params["from"].to_s, params["to"], now)
        redirect "/stove/#{id}", 303
      end

      post "/:id/seen" do
        id = id_from(params["id"])
        unless CUES.key?(params["cue"])
          raise InvalidInput.at("cue", "must be one of: #{CUES.keys.join(', ')}")
        end

        household.cooks.see(id, params["cue"], now)
        redirect "/stove/#{id}", 303
      end

      post "/:id/lifted" do
        id = id_from(params["id"])
        household.cooks.note(id, "lifted", "lid", now)
        redirect "/stove/#{id}", 303
      end

      post "/:id/sign" do
        id = id_from(params["id"])
        signs = Methods::Remedies::SIGNS
        unless signs.key?(params["sign"])
          raise InvalidInput.at("sign", "must be one of: #{signs.keys.join(', ')}")
        end

        household.cooks.note(id, "sign", params["sign"], now)
        advise(household.cooks.find(id), params["sign"])
        redirect "/stove/#{id}", 303
      end

      # What was really poured, in grams or the house's cup.
      post "/:id/poured" do
        cook = household.cooks.find(id_from(params["id"]))
        form = Forms::PourForm.new(params, household.values(:cups))
        next show(cook, code: 422, pour: form) unless form.ok?

        written(cook, form.grams)
        redirect "/stove/#{cook[:id]}", 303
      end

      # What the thermometer shows in the thickest piece.
      post "/:id/measured" do
        cook = household.cooks.find(id_from(params["id"]))
        form = Forms::HeatForm.new(params)
        next show(cook, code: 422, heat: form) unless form.ok?

        household.cooks.note(cook[:id], "measured", form.heat_c.round(1), now)
        redirect "/stove/#{cook[:id]}", 303
      end

      post "/:id/finish" do
        id = id_from(params["id"])
        bag = household.finish(id, now)
        notice "#{bag[:name]}: #{grams(bag[:left_g])} left in the bag." if bag
        redirect "/log/#{id}", 303
      end

      private

      # What to do about a sign, reckoned from what was poured and how long it was on the heat.
      def advise(record, sign)
        return unless Methods::FoundPot::SIGNS.key?(sign)

        form = Forms::PlanForm.new(Rack::Utils.parse_nested_query(record[:address]), household)
        heat_min = Stove::Cook.new(record[:plan], record[:events]).on_heat_s(now) / 60.0
        remedy = found(form, record, sign, heat_min) if form.ok? && heat_min.positive?
        return unless remedy

        household.cooks.note(record[:id], "remedy", JSON.generate(Formats::RunJson.remedy(remedy)), now)
      end

      def found(form, record, sign, heat_min)
        plan = Methods::Planner.plan(form.request)
        Methods::FoundPot.remedy(plan, sign, poured_g: record[:poured_g] || plan.liquid_g, heat_min: heat_min)
      end

      # Of a broth, what stands in the pot: what its food brought was never poured.
      def written(cook, amount_g)
        base = cook[:plan][:base]
        household.cooks.note(cook[:id], "standing", amount_g.round(1), now) if base
        household.cooks.pour(cook[:id], [amount_g - (base ? base[:brought_g] : 0.0), 0.0].max)
        notice "#{grams(amount_g)} #{base ? 'standing there' : 'poured'}, written down."
      end

      def tasks_of(id)
        household.cooks.find(id)[:plan][:tasks].map { |task| task[:id] }
      end

      def cooking(record)
        Presenters::Cooking.new(household, record, now)
      end

      def show(record, code: 200, pour: nil, heat: Forms::HeatForm.blank)
        redirect "/log/#{record[:id]}" if record[:finished_at]
        status code
        @title = "Stove"
        @script = "stove.js"
        @body_class = "at-stove"
        shown = cooking(record)
        pour ||= Forms::PourForm.blank(shown.pour_g, household.values(:cups))
        erb :stove, locals: { shown: shown, pour: pour, heat: heat }
      end
    end
  end
end
