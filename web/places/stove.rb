# frozen_string_literal: true

require "json"
require_relative "../../app/cooks/finish"
require_relative "../../app/cooks/tell"
require_relative "../../app/forms/stove/heat_form"
require_relative "../../app/forms/stove/pour_form"
require_relative "../../app/forms/stove/step_form"
require_relative "../../app/forms/stove/tapped_at"
require_relative "../../app/forms/stove/told_form"
require_relative "../../app/forms/stove/weight_form"
require_relative "../../lib/fond_kettle/house/guided_tests"
require_relative "../helpers/fields"
require_relative "../presenters/stove/stove_step"
require_relative "../presenters/meals/meal_list"
require_relative "../presenters/stove/stove_panel"
require_relative "../presenters/stove/stove_pots"
require_relative "place"

module FondKettle
  module Web
    # Cook along. All times are kept by the server; a page only counts them down.
    class StovePlace < Place
      helpers Helpers::Fields

      HEAT_UNITS = Forms::HeatForm::UNITS

      BOIL = "boil"
      BOILS_C = House::GUIDED_TESTS.fetch("height").fields.first.range
      GONE_ON = "The pot stands at another step by now."

      # A tap says when it was made, and is known again.
      before "/:id/*" do
        next unless request.post?

        @tapped = Forms::TappedAt.new(params, now)
        raise InvalidInput, @tapped.problems unless @tapped.ok?
      end

      # Every pot that is on the stove, the next one first.
      get "/" do
        records = household.cooks.on_the_stove
        redirect "/stove/#{records.first[:id]}" if records.one? && meals.empty?
        @title = "Stove"
        @script = "pots.js"
        @body_class = "at-stove"
        erb :stove_list, locals: { pots: Presenters::StovePots.new(household, records, now).all, meals: meals }
      end

      # When each pot next wants somebody, for an alarm on any page.
      get "/due" do
        content_type :json
        pots = household.cooks.on_the_stove.map { |record| Presenters::StoveStep.new(household, record, now) }
        due = pots.filter_map do |pot|
          (say, at = pot.wanted) && { **about(pot), say: say, at: milliseconds(at) }
        end
        JSON.generate(now: milliseconds(now), due: due.sort_by { |one| one[:at] })
      end

      # A pot as it stands: its task, since when and until when.
      get "/:id" do
        show(record)
      end

      # What another device compares with, to know whether something has changed.
      get "/:id/state" do
        content_type :json
        JSON.generate(state: Presenters::StoveStep.new(household, record, now).state)
      end

      # Begins with a pot that waits.
      post "/:id/begin" do
        once { household.cooks.begin(record[:id], now, at: @tapped.at) }
      end

      # Leaves task `from` for task `to` (ids), with what was poured or seen. Another device may
      # have left it already, or it was the second of two taps; then nothing happens and the page
      # shows where the pot stands.
      post "/:id/task" do
        step = Forms::StepForm.new(params, record[:plan][:tasks].map { |task| task[:id] })
        raise InvalidInput, step.problems unless step.ok?
        next back_to_the_pot if step.double?(now)

        pour = Forms::PourForm.new(params, household.values(:cups)) if params.key?("poured")
        next show(record, code: 422, pour: pour) unless pour.nil? || pour.ok?

        once do
          raise Conflict, GONE_ON if part_only? && gone_on?(step)

          tell.step(record, step, changed_g(pour), boiled_c(step.seen))
        end
      end

      # Something that was seen or done; what follows from it is reckoned.
      post "/:id/told" do
        told = Forms::ToldForm.new(params, household.values(:cups))
        next show(record, code: 422, told: told, panel: "did") if told.misread?
        raise InvalidInput, told.problems unless told.ok?

        once(form_key("told")) { tell.happened(record, told) }
      end

      # What was really poured, or stands there, in grams or the house's cup.
      post "/:id/poured" do
        pour = Forms::PourForm.new(params, household.values(:cups))
        next show(record, code: 422, pour: pour) unless pour.ok?

        once { tell.pour(record, pour.grams) }
      end

      # What the thermometer shows in the thickest piece.
      post "/:id/measured" do
        form = Forms::HeatForm.new(params)
        next show(record, code: 422, heat: form) unless form.ok?

        once { tell.measure(record, form.heat_c) }
      end

      # What the filled pot weighs, before it goes on the heat or before it is opened.
      post "/:id/weighed" do
        cook = Stove::Cook.new(record[:plan], record[:events])
        kind = cook.weighs or raise Conflict, GONE_ON
        before_g = cook.weighed_g[Stove::Weighing::BEFORE] if kind == Stove::Weighing::AFTER
        form = Forms::WeightForm.new(params, before_g: before_g)
        next show(record, code: 422, weight: form) unless form.ok?

        once { tell.weigh(record, kind, form.grams) }
      end

      # Takes the last tap back.
      post "/:id/undo" do
        notice "That is too long ago to be taken back." unless household.cooks.undo(record[:id], now)
        back_to_the_pot
      end

      # The pot is done: it goes into the log, its rice out of the bag.
      post "/:id/finish" do
        bag = done App::FinishCook.new(household, now).done(record)
        notice "#{bag[:name]}: #{grams(bag[:left_g])} left in the bag." if bag
        redirect "/log/#{record[:id]}", 303
      end

      # A pot that was never cooked.
      post "/:id/leave" do
        done App::FinishCook.new(household, now).leave(record)
        redirect "/stove", 303
      end

      private

      def about(pot)
        { title: [pot.record[:title], pot.pot_of].compact.join(", "), path: "/stove/#{pot.id}" }
      end

      # Meals that are on the stove.
      def meals
        Presenters::MealList.new(household, household.meals.open).all.select(&:begun)
      end

      def record
        @record ||= household.cooks.find(id_from(params["id"]))
      end

      # Does the block once for each tap, however often a device hands it over.
      def once(key = nil)
        household.once(@tapped.key || key, now) do
          yield
          "/stove/#{record[:id]}"
        end
        back_to_the_pot
      end

      # A script shows the pot anew itself.
      def back_to_the_pot
        halt 204 if part_only?

        redirect "/stove/#{record[:id]}", 303
      end

      def tell
        App::TellCook.new(household, follow_ups, @tapped.at)
      end

      # True where another device has left the step already.
      def gone_on?(step)
        Stove::Cook.new(record[:plan], record[:events]).task[:id] != step.from
      end

      # What was poured, g, where it is not what the page showed already.
      def changed_g(pour)
        shown_g = Presenters::StoveStep.new(household, record, now).pour_g if pour
        pour.grams if pour && shown_g != Measure::Rounding.grams(pour.grams)
      end

      # What a probe shows that stands in boiling water, °C; nil where it is not there, or somewhere else.
      def boiled_c(seen)
        shown = household.stand_ins.read("probe", now) if seen == BOIL
        shown.value if shown && BOILS_C.cover?(shown.value)
      end

      def shown_by(panel, record)
        return Presenters::StoveStep.new(household, record, now) unless panel

        Presenters::StovePanel.new(household, record, now, stands: params["stands"])
      end

      def show(record, code: 200, pour: nil, heat: Forms::HeatForm.blank, weight: Forms::WeightForm.blank,
               told: nil, panel: params["panel"])
        redirect "/log/#{record[:id]}" if record[:finished_at]
        redirect "/stove" if record[:left_at]
        panel = nil unless Presenters::StovePanel::NAMES.include?(panel)
        shown = shown_by(panel, record)
        status code
        @title = "Stove"
        @script = "stove.js"
        @body_class = "at-stove"
        pour ||= Forms::PourForm.blank(shown.pour_g, household.values(:cups))
        erb :stove, locals: { shown: shown, pour: pour, heat: heat, weight: weight, told: told,
                              panel: panel }
      end
    end
  end
end
