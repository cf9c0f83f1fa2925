# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/shopping"
require_relative "../../lib/fond_kettle/formats/shopping_list"
require_relative "../../app/forms/plan_form"
require_relative "../../app/plans/look"
require_relative "../helpers/dish_words"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "../presenters/bench/evening_bench"
require_relative "../presenters/evening"
require_relative "../presenters/sheet"
require_relative "place"

module FondKettle
  module Web
    # Page of one dish for one evening: how much of everything, what to get, what must start when. Like
    # the Pot's, its address holds everything.
    class EveningPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords
      helpers Helpers::DishWords

      # A dish laid for tonight: how much of everything, and when.
      get "/" do
        redirect "/pot?#{request.query_string}" if params["dish"].to_s.empty?
        redirect "/dishes/#{side_id}", 303 if side_id
        redirect "/evening?#{from_the_table}", 303 if params.key?("q")
        form = Forms::PlanForm.new(params, household)
        status 422 unless form.ok?
        shown = form.ok? && form.dish ? shown(Presenters::Evening, form) : nil
        locals = { form: form, shown: shown, bench: shown && bench(form, shown) }
        # The script asks only for what a change moves.
        next part(:evening_change, **locals) if part_only?

        @title = form.dish ? form.dish.title : "The evening"
        @script = "evening.js"
        @style = "bench.css"
        erb :evening, locals: locals
      end

      # One sheet of paper, for a dish or for plain rice.
      get "/print" do
        form = Forms::PlanForm.new(params, household)
        raise InvalidInput, form.problems unless form.ok?

        @title = form.dish ? form.dish.title : form.request.grain.name
        shown = shown(Presenters::Sheet, form)
        erb :sheet, layout: false, locals: { shown: shown, bench: form.dish && bench(form, shown) }
      end

      # What is to get for it, as a text.
      get "/shopping.txt" do
        content_type "text/plain; charset=utf-8"
        Formats::ShoppingList.text(list.to_buy)
      end

      # The same as a table.
      get "/shopping.csv" do
        content_type "text/csv; charset=utf-8"
        attachment "shopping.csv"
        Formats::ShoppingList.csv(list.items)
      end

      private

      # The id of a chosen dish that has no rice, and so no pot of it; or nil.
      def side_id
        record = household.dishes.all.find { |one| one[:id].to_s == params["dish"] }
        record[:id] if record && household.dishes.side?(record)
      end

      # The table asks for grain and portion of plain rice; a dish has its own.
      def from_the_table
        Rack::Utils.build_nested_query(params.except("q", "grain", "portion"))
      end

      def shown(presenter, form)
        return presenter.new(household, form, App::LookAtPlan.new(form, kitchen).plan) unless form.dish

        supper = supper(form)
        presenter.new(household, form, supper.plan, supper, shopping(supper))
      end

      def bench(form, shown)
        Presenters::EveningBench.new(household, form, shown.plan, shown.supper).shown
      end

      def supper(form)
        App::LookAtPlan.new(form, kitchen).supper
      end

      def shopping(supper)
        Dishes::Shopping.new(supper, supper.plan.request.measures, household.stock_g)
      end

      def list
        form = Forms::PlanForm.new(params, household)
        raise InvalidInput, form.problems unless form.ok?
        raise NotFound, "Choose a dish first." unless form.dish

        shopping(supper(form))
      end
    end
  end
end
