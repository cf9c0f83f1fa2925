# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/formats/meal_calendar"
require_relative "../../lib/fond_kettle/formats/meal_json"
require_relative "../../lib/fond_kettle/formats/meal_reader"
require_relative "../../app/meals/cook"
require_relative "../../app/meals/lay"
require_relative "../../app/forms/meals/meal_change_form"
require_relative "../../app/forms/meals/meal_form"
require_relative "../../app/forms/meals/move_form"
require_relative "../helpers/fields"
require_relative "../presenters/meals/meal_clock"
require_relative "../presenters/meals/meal_list"
require_relative "../presenters/meals/meal_sheet"
require_relative "meals_at_hand"
require_relative "place"

module FondKettle
  module Web
    # Several dishes on the table at the same minute: laid, placed, moved, given away, begun.
    class ClockPlace < Place
      helpers Helpers::Fields
      helpers MealsAtHand

      LONGEST_JSON = 500_000

      # The meals that are still to come or on the stove.
      get "/" do
        meals = params["all"] ? household.meals.open : household.meals.to_come(now)
        redirect "/clock/#{meals.first[:id]}" if meals.one? && params["all"].nil?
        redirect "/clock/new" if meals.empty? && !guest?
        @title = "Clock"
        erb :clock_list, locals: { meals: Presenters::MealList.new(household, meals).all }
      end

      # A meal that is not laid yet.
      get "/new" do
        lay(Forms::MealForm.new(params, household, now))
      end

      # Lays a meal of several dishes and finds its times.
      post "/" do
        form = Forms::MealForm.new(params, household, now)
        next lay(form, code: 422) unless form.ok?

        laid("meal") { |act| act.call(form) }
      rescue InvalidInput => e
        form.refuse(e.problems)
        lay(form, code: 422)
      end

      # Takes a meal in that was given away as JSON.
      post "/import" do
        meal = Formats::MealReader.new(parsed(sent_text)).meal
        laid("import") { |act| act.given_away(meal) }
      rescue InvalidInput => e
        lay(Forms::MealForm.new({}, household, now), code: 422, import: e.problems)
      end

      # A meal: when each task starts, who does it, what cannot be met.
      get "/:id" do
        show(record)
      end

      # Moves, pins, lets go or hands over one task; what is left follows.
      post "/:id/move" do
        met
        form = Forms::MoveForm.new(params, record[:meal])
        next show(record, code: 422, problems: form.problems) unless form.ok?

        change { arrange.mended(form.changed, record) }
      end

      # What is done the day before.
      post "/:id/ahead" do
        change { arrange.ahead(record, Array(params["ahead"]).grep(String)) }
      end

      # When it is eaten, who cooks, how many rings there are.
      post "/:id/change" do
        form = Forms::MealChangeForm.new(params, record[:meal], now)
        next show(record, code: 422, problems: form.problems) unless form.ok?

        change { arrange.placed(form.changed) }
      end

      # One of the ways out of a meal that cannot be met.
      post "/:id/way" do
        form = Forms::MealChangeForm.way(params, record[:meal])
        change { arrange.placed(form) }
      end

      # Looks for a better one, for so long as a page may wait; what is pinned stays.
      post "/:id/better" do
        scheduled
        change { [record[:meal], arrange.better(record)] }
      end

      # Puts its pots on the stove.
      post "/:id/begin" do
        met
        App::CookMeal.new(household, now).begin(record[:id])
        # That it was laid is no longer what was done last.
        session.delete("take_back")
        redirect "/meal/#{record[:id]}", 303
      end

      # It is over, or is not cooked.
      post "/:id/end" do
        done App::ChangeMeal.new(household, now).end(record)
        redirect "/clock?all=1", 303
      end

      # One sheet to print.
      get "/:id/print" do
        @title = record[:title]
        erb :meal_sheet, layout: false, locals: { shown: sheet }
      end

      # The meal for a calendar (iCalendar).
      get "/:id/meal.ics" do
        content_type "text/calendar; charset=utf-8"
        attachment "meal.ics"
        Formats::MealCalendar.call(record[:meal], scheduled, id: "meal-#{record[:id]}", now: now)
      end

      # The meal as it is given away.
      get "/:id/meal.json" do
        content_type :json
        attachment "meal.json"
        JSON.pretty_generate(Formats::MealJson.call(record[:meal], record[:schedule]))
      end

      # What is to get for it.
      get "/:id/shopping.txt" do
        content_type "text/plain; charset=utf-8"
        sheet.shopping_text
      end

      private

      # Raises Conflict where the meal has no hours to go by.
      def met
        return if record[:schedule]

        raise Conflict, "This meal cannot be met as it is: look at what would free it."
      end

      def lay(form, code: 200, import: [])
        status code
        @title = "A meal"
        @script = "meal_form.js"
        erb :clock_new, locals: { form: form, import: import }
      end

      # Goes to the meal that the block lays, once for each form of a `kind`.
      def laid(kind)
        path = household.once(form_key(kind), now) do
          "/clock/#{done(yield(App::LayMeal.new(household, now)))}"
        end
        redirect path, 303
      end

      # Of a file, else of a field.
      def sent_text
        file = params["file"]
        return text_param("json") unless file.is_a?(Hash) && file[:tempfile].respond_to?(:read)

        file[:tempfile].read(LONGEST_JSON + 1).to_s
      end

      def parsed(text)
        if text.bytesize > LONGEST_JSON
          raise InvalidInput.at("json",
                                "must be at most #{LONGEST_JSON / 1000} kB")
        end

        JSON.parse(text, max_nesting: 20)
      rescue JSON::ParserError, EncodingError
        raise InvalidInput.at("json", "must be JSON, as a meal is given away")
      end

      def show(record, code: 200, problems: [])
        if record[:begun_at] && record[:ended_at].nil? && code == 200 && params["plan"].nil?
          redirect "/meal/#{record[:id]}"
        end
        status code
        shown = Presenters::MealClock.new(household, record, now, chosen: text_param("task"))
        return part(:clock_answer, shown: shown, problems: problems) if part_only?

        @title = record[:title]
        @script = "meal.js"
        @body_class = "at-clock"
        view = record[:schedule] ? :clock : :clock_trouble
        erb view, locals: { shown: shown, problems: problems }
      end

      def sheet
        Presenters::MealSheet.new(household, record, now)
      end
    end
  end
end
