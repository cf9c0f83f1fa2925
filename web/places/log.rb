# frozen_string_literal: true

require_relative "../forms/fields"
require_relative "../helpers/fields"
require_relative "../forms/plan_form"
require_relative "../presenters/cooked_pot"
require_relative "../presenters/door_card"
require_relative "../presenters/taught_pots"
require_relative "place"

module FondKettle
  module Web
    # What was cooked, how it came out, and what that taught.
    class LogPlace < Place
      helpers Helpers::Fields

      SCALES = Presenters::CookedPot::SCALES
      FIELDS = %w[grain wetness floor note].freeze
      TAKEN = "The next pot of this rice in this pot takes it into account."
      NOT_TAKEN = "It teaches nothing."
      # Whether a cook that went off its plan teaches, as it is asked.
      COUNTS = { "yes" => "Yes, it went so: learn from it", "no" => "No: learn nothing from it" }.freeze

      get "/" do
        @title = "Log"
        finished = household.cooks.finished
        erb :log, locals: { cooks: finished.map { |record| cooked(record) },
                            taught: Presenters::TaughtPots.new(household, finished).all,
                            cards: household.cards.all.select { |card| card[:moved] } }
      end

      get "/:id" do
        cook = household.cooks.find(id_from(params["id"]))
        redirect "/stove/#{cook[:id]}" unless cook[:finished_at]
        show(cook, cook[:outcome]&.transform_keys(&:to_s) || {})
      end

      post "/:id" do
        cook = household.cooks.find(id_from(params["id"]))
        raise Conflict, Store::CookBook::STILL_COOKING unless cook[:finished_at]

        result = Forms::OUTCOME.call(params.slice(*FIELDS))
        next show(cook, params, code: 422, problems: Forms.problems(result)) if result.failure?

        judge(cook, result.to_h.compact)
      end

      private

      def judge(cook, values)
        outcome = Log::Outcome.new(note: "", floor: Log::UNSAID, **values)
        teaches = teaches(cook)
        household.cooks.judge(cook[:id], outcome, sent_version, teaches: teaches)
        look_at_cards(cook)
        notice "Written down. #{teaches ? TAKEN : NOT_TAKEN}"
        redirect "/log", 303
      rescue Conflict => e
        show(cook, params, code: 409, clash: e.message)
      end

      # One that went far off its plan only where the cook says that it went so.
      def teaches(cook)
        credible = cooked(cook).credible
        credible == "ask" ? params["counts"] == "yes" : credible == "yes"
      end

      # Cards that say something else by now are offered anew.
      def look_at_cards(cook)
        household.cards.of(cook[:pot_id], cook[:grain]).each do |card|
          typed = Rack::Utils.parse_query(card[:address]).merge("for" => "people", "guests" => "1",
                                                                "who" => [])
          form = Forms::PlanForm.new(typed, household)
          shown = Presenters::DoorCard.new(household, form, card, now)
          household.cards.mark(card, !shown.reprint.nil?) if form.ok?
        end
      end

      def cooked(record)
        Presenters::CookedPot.new(household, record)
      end

      def show(cook, typed, code: 200, problems: [], clash: nil)
        status code
        @title = cook[:title]
        erb :log_entry, locals: { cooked: cooked(cook), typed: typed, problems: problems, clash: clash }
      end
    end
  end
end
