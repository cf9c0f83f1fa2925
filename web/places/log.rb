# frozen_string_literal: true

require_relative "../../app/forms/fields"
require_relative "../../app/lessons/explain"
require_relative "../../app/lessons/forget"
require_relative "../../app/lessons/judge"
require_relative "../../app/lessons/mine"
require_relative "../../lib/fond_kettle/log/cause_words"
require_relative "../../lib/fond_kettle/log/odd_words"
require_relative "../helpers/fields"
require_relative "../../app/forms/plan_form"
require_relative "../../store/shelf"
require_relative "../../app/forms/both_ways"
require_relative "../presenters/cooked_pot"
require_relative "../presenters/door_card"
require_relative "../presenters/probed_boil"
require_relative "../presenters/taught_bags"
require_relative "../presenters/taught_pots"
require_relative "../presenters/was_it_different"
require_relative "../presenters/why_it_came_out"
require_relative "place"

module FondKettle
  module Web
    # Page of what was cooked, how it came out, and what that taught.
    class LogPlace < Place
      helpers Helpers::Fields

      SCALES = Presenters::CookedPot::SCALES
      FIELDS = %w[grain wetness floor note before_g after_g].freeze
      # Weights that are asked for: field and words.
      WEIGHTS = { "before_g" => "Before it went on the heat, filled and under its lid",
                  "after_g" => "Before you opened it, under its lid" }.freeze
      WEIGH = Log::CauseWords::WEIGH
      ODD_QUESTION = Log::OddWords::QUESTION
      TAKEN = "The next pot of this rice in this pot takes it into account."
      NOT_TAKEN = "It teaches nothing."
      # What pots are found by: a word, a month, an eater's id.
      LOOKED_FOR = %w[q month eater].freeze
      # So many of the last pots stand on the page's shelf.
      STRIP = 5
      # Whether a cook that went off its plan teaches, as it is asked.
      COUNTS = { "yes" => "Yes, it went so: learn from it", "no" => "No: learn nothing from it" }.freeze

      # Every pot that was cooked, and what the pots have taught.
      get "/" do
        @title = "Log"
        @style = "ways.css"
        finished = household.cooks.finished
        found = looked_for? ? look_for : finished
        erb :log, locals: { cooks: found.map { |record| cooked(record) }, any: finished.any?,
                            months: household.cooks.months, eaters: household.shelves.eaters, two: two(found),
                            taught: Presenters::TaughtPots.new(household, finished).all,
                            mine: household.lessons.mine.all, cards: moved_cards, odd: odd(found),
                            bags: Presenters::TaughtBags.new(household).all }
      end

      # Forgets that a cook's own water comes right.
      post "/mine/:id/remove" do
        record = household.lessons.mine.find(id_from(params["id"]))
        done App::TellMine.new(household, now).forget(record, sent_version)
        redirect "/log", 303
      end

      # Forgets what a cook, the cooks of a bag, or all have taught.
      post "/forget" do
        of = forgotten
        done forgetting.call(of)
        redirect back_to(of), 303
      end

      # Has what was forgotten teach again.
      post "/learn-again" do
        of = forgotten
        done forgetting.learn_again(of)
        redirect back_to(of), 303
      end

      # One pot that was cooked, and how it came out.
      get "/:id" do
        cook = in_log
        redirect "/stove/#{cook[:id]}" unless cook[:finished_at]
        show(cook, cook[:outcome]&.transform_keys(&:to_s) || cooked(cook).weighed)
      end

      # Writes down how a pot came out.
      post "/:id" do
        cook = in_log
        raise Conflict, Store::CookBook::STILL_COOKING unless cook[:finished_at]

        result = Forms::OUTCOME.call(params.slice(*FIELDS))
        next show(cook, params, code: 422, problems: Forms.problems(result)) if result.failure?

        judge(cook, result.to_h.compact)
      end

      # Answers whether something was different when a pot came out far off what was expected.
      post "/:id/different" do
        cook = in_log
        result = Forms::ANSWER.call(params.slice("different"))
        raise InvalidInput, Forms.problems(result) if result.failure?

        taught cook, (done judging.answer(cook, result[:different] == "yes", sent_version))
        redirect "/log/#{cook[:id]}", 303
      rescue Conflict => e
        cook[:outcome] ? somebody_first(household.cooks.find(cook[:id])) : raise(e)
      end

      # Takes a pot out of the log: it teaches nothing any more.
      post "/:id/remove" do
        cook = in_log
        done judging.remove(cook)
        redirect "/log", 303
      end

      private

      # What is to be forgotten, or no longer. Raises InvalidInput.
      def forgotten
        result = Forms::FORGET.call(params.slice("of"))
        raise InvalidInput, Forms.problems(result) if result.failure?

        result[:of]
      end

      def forgetting
        App::ForgetLessons.new(household, now)
      end

      # To the cook that was forgotten, else to the list of bags.
      def back_to(of)
        of.start_with?(Log::Forgettable::COOK) ? "/log/#{of[/\d+/]}" : "/log#forget"
      end

      def looked_for?
        LOOKED_FOR.any? { |name| !text_param(name).empty? }
      end

      def look_for
        household.cooks.finished(word: text_param("q"), month: text_param("month"),
                                 eater: Integer(text_param("eater"), 10, exception: false))
      end

      # Ids of these cooks of which it is asked whether something was different.
      def odd(found)
        found.select { |record| household.lessons.odd(record).any? }.map { |record| record[:id] }
      end

      # The two of these cooks that are wanted beside one another.
      def two(found)
        wanted = Array(params["two"]).grep(String).first(2)
        found.select { |record| wanted.include?(record[:id].to_s) }.map { |record| cooked(record) }
      end

      # The cook of the address, on the stove or in the log. Raises NotFound.
      def in_log
        household.cooks.find(id_from(params["id"])).tap do |cook|
          raise NotFound, Store::Shelf::REMOVED if cook[:removed_at]
        end
      end

      def judge(cook, values)
        taught cook, (done judging.call(cook, values, sent_version, teaches: teaches(cook)))
        redirect household.lessons.odd(cook).any? ? "/log/#{cook[:id]}" : "/log", 303
      rescue InvalidInput => e
        show(cook, params, code: 422, problems: e.problems)
      rescue Conflict
        somebody_first(household.cooks.find(cook[:id]))
      end

      def judging
        App::JudgeCook.new(household, now)
      end

      def taught(cook, teaches)
        look_at_cards(cook)
        notice(teaches && !cook[:forgotten_at] ? TAKEN : NOT_TAKEN)
      end

      # What was chosen stays in the form, beside what stands there now; writing it down again is a choice.
      def somebody_first(cook)
        stored = cook[:outcome].transform_keys(&:to_s)
        titles = { **Presenters::CookedPot::SCALES.to_h { |name, legend, _| [name, legend] }, "note" => "Note", **WEIGHTS }
        typed = params.merge("lock_version" => stored["lock_version"].to_s)
        show(cook, typed, code: 409, both: Forms::BothWays.of(titles, typed, stored))
      end

      def moved_cards
        pots = household.shelf(:pots).all.map { |pot| pot[:id] }
        household.cards.all.select { |card| card[:moved] && pots.include?(card[:pot_id]) }
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

      def why(cook)
        Presenters::WhyItCameOut.new(household, cook, App::ExplainCook.new(household).call(cook))
      end

      def show(cook, typed, code: 200, problems: [], both: nil)
        status code
        @title = cook[:title]
        erb :log_entry, locals: { cooked: cooked(cook), typed: typed, problems: problems, both: both,
                                  why: why(cook), probed: Presenters::ProbedBoil.new(household, cook),
                                  asked: Presenters::WasItDifferent.new(household, cook),
                                  taught: Presenters::TaughtBags.new(household).cook(cook[:id]) }
      end
    end
  end
end
