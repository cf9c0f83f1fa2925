# frozen_string_literal: true

require "json"
require "securerandom"
require_relative "../../store/meal_book"
require_relative "../../app/forms/meals/slip_form"
require_relative "../../app/meals/cook"
require_relative "../../app/forms/stove/taps_form"
require_relative "../helpers/fields"
require_relative "../presenters/meals/meal_at_stove"
require_relative "../presenters/stove/worth_showing_now"
require_relative "meals_at_hand"
require_relative "place"

module FondKettle
  module Web
    # A meal at the stove: who does what next over all dishes, on several devices at once. What was
    # tapped is kept with its own time, so that it may come late.
    class MealPlace < Place
      helpers Helpers::Fields
      helpers MealsAtHand

      SLIPS = Forms::SlipForm::KINDS
      PLANNED_MEANWHILE = { field: "slip", message: "was told on a page from before somebody else planned " \
                                                    "this meal anew: look at how it stands now, and tell " \
                                                    "it again" }.freeze
      BOTH = "all"

      # The page's own servant: a device that has lost the kitchen goes on with what it knows. Over https it
      # serves all pages.
      get "/keeper.js" do
        content_type "text/javascript"
        headers "cache-control" => "no-cache", "service-worker-allowed" => "/"
        File.read(File.join(Assets::FOLDER, "js", "keeper.js"))
      end

      # A meal at the stove: who does what next.
      get "/:id" do
        show(record)
      end

      # What was tapped: by a form, or handed over by a script.
      post "/:id/taps" do
        form = Forms::TapsForm.new(sent_taps, ids, record[:begun_at] || record[:made_at], now)
        next refused(form.problems) unless form.ok?

        told = at_stove.tell(record, form.taps, form.takers)
        follow_ups.add_meal(record[:id], now)
        answer(told)
      end

      # Something has slipped: what is left is planned anew.
      post "/:id/slip" do
        begun
        form = Forms::SlipForm.new(params, record[:meal], now)
        next show(record, code: 422, problems: form.problems) unless form.ok?

        next show(record, code: 409, problems: [PLANNED_MEANWHILE]) if planned_meanwhile?

        changed = at_stove.anew(record, form.meal)
        done App::ChangeMeal.new(household, now)
                            .call(record, record[:lock_version], changed.meal, changed.schedule,
                                  text: "Planned anew", path: "/meal/#{record[:id]}")
        notice said_of(changed)
        redirect "/meal/#{record[:id]}?who=#{who}", 303
      rescue InvalidInput => e
        show(record, code: 422, problems: e.problems)
      end

      # All is on the table: its pots are done, its rice is out of the bags.
      post "/:id/end" do
        done at_stove.end(record)
        redirect "/log", 303
      end

      # Fields that every form of a slip sends: whose page it is, what slips, and how often the meal was
      # planned by then.
      def slip_fields(shown, who, slip, needs = {})
        sent = { "who" => who, "slip" => slip, "planned" => shown.record[:planned], **needs }
        sent.map { |name, value| Html::Markup.tag("input", type: "hidden", name: name, value: value) }.join
      end

      private

      # Words on what a card's pot should be weighed for, or nil.
      def worth_weighing(card)
        Presenters::WorthShowingNow.on_card(household, card)
      end

      def at_stove
        App::CookMeal.new(household, now)
      end

      # What is not on the stove has nothing that slips. Raises Conflict.
      def begun
        return if record[:begun_at] && record[:schedule]

        raise Conflict, "This meal is not on the stove yet: change it on its own page."
      end

      def show(record, code: 200, problems: [])
        redirect "/clock/#{record[:id]}" unless record[:begun_at]
        redirect "/log" if record[:ended_at]
        status code
        shown = Presenters::MealAtStove.new(household, record, household.meals.standing(record), now)
        return part(:meal_cards, shown: shown, who: who, problems: problems) if part_only?

        @title = record[:title]
        @script = "cook.js"
        @body_class = "at-stove at-meal"
        erb :meal, locals: { shown: shown, who: who, problems: problems }
      end

      # Has somebody planned it anew since the page was made that this came from?
      def planned_meanwhile?
        planned = Integer(text_param("planned"), 10, exception: false)
        !planned.nil? && planned != record[:planned]
      end

      def who
        index = Integer(text_param("who"), 10, exception: false)
        index && index < record[:meal].cooks.size ? index : BOTH
      end

      def ids
        record[:meal].tasks.map(&:id)
      end

      # As a script hands them over, else one of a form.
      def sent_taps
        return JSON.generate(@sent_json) if @sent_json
        return text_param("taps") if params.key?("taps")

        at = (now.to_f * 1000).round
        taps = [%w[task what], %w[then next]].filter_map do |task, what|
          next if text_param(task).empty?

          { key: SecureRandom.uuid, task: text_param(task), by: taker,
            what: what == "next" ? "begun" : text_param(what), at: at }.compact
        end
        JSON.generate(taps: taps)
      end

      # The cook (index) who takes a task, as a form says it, or nil.
      def taker
        Integer(text_param("by"), 10, exception: false)
      end

      def refused(problems)
        return show(record, code: 422, problems: problems) unless part_only?

        halt 422, { "content-type" => "application/json" }, JSON.generate(errors: problems)
      end

      def answer(told)
        redirect "/meal/#{record[:id]}?who=#{who}", 303 unless part_only?
        content_type :json
        JSON.generate(told: told)
      end

      # "Eat at 19:08, 8 min later."
      def said_of(changed)
        later = "Eat at #{hour(changed.meal.serve_at)}" \
                "#{", #{minutes(changed.late_min)} later" if changed.late_min.positive?}."
        waits = changed.waits.map { |wait| waited(changed.meal, wait) }
        [later, *waits].join(" ")
      end

      def waited(meal, wait)
        task = meal.tasks.find { |one| one.id == wait.task }
        hot = " for the table: keep it hot, 60 °C or above" unless wait.next
        "“#{task.say[/\A[^.:,(]+/]}” (#{meal.dish(task.dish).title}) waits #{minutes(wait.min)}#{hot}; " \
          "#{minutes(wait.most_min)} are meant."
      end
    end
  end
end
