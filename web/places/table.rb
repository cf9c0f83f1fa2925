# frozen_string_literal: true

require "uri"
require_relative "../helpers/dish_words"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "../presenters/components"
require_relative "../presenters/kept_things"
require_relative "../presenters/dish_choices"
require_relative "../presenters/meals/meal_list"
require_relative "../presenters/pot/first_page"
require_relative "../presenters/stove/stove_pots"
require_relative "../presenters/table_top"
require_relative "place"

module FondKettle
  module Web
    # The first page: who eats, which dish, when, what is in the cupboard.
    class TablePlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords
      helpers Helpers::DishWords

      # Who eats, which dish, what is on the stove, what is kept; where nothing is told yet, what rice wants.
      get "/" do
        next first_page if untold? && !params.key?("table")

        top = Presenters::TableTop.new(household, params)
        next part(:table_change, top: top) if part_only?

        @title = "Table"
        @style = "table.css"
        @script = "table.js"
        found = household.dishes.search(text_param("q"), sides: false)
        choices = Presenters::DishChoices.new(household, found, now)
        erb :table, locals: { top: top, choices: choices,
                              eaters: household.values(:eaters), bags: household.values(:bags),
                              cooking: on_the_stove, meals: meals,
                              kept: Presenters::KeptThings.new(household, now),
                              components: Presenters::Components.new(household, now),
                              latest: household.cooks.finished(most: 1).first }
      end

      # Dims the kitchen on this device, or lights it again, and goes back to the page.
      post "/dim" do
        session["dim"] = !dim?
        redirect page_before, 303
      end

      private

      # True while nobody has put anything into this kitchen.
      def untold?
        %i[eaters pots cups bags].all? { |shelf| household.shelf(shelf).all.empty? } &&
          household.dishes.none? && household.cooks.none?
      end

      def first_page
        shown = Presenters::FirstPage.new(household, params, now)
        return part(:first_change, shown: shown) if part_only?

        @title = "Start"
        @style = "table.css"
        @script = "first.js"
        erb :first, locals: { shown: shown, form: shown.form }
      end

      def meals
        Presenters::MealList.new(household, household.meals.to_come(now)).all
      end

      def on_the_stove
        Presenters::StovePots.new(household, household.cooks.on_the_stove, now).all
      end

      # How many more eat, and what is cooked for another day: name, label, usual number.
      def numbers(eaters)
        [eaters.empty? ? ["guests", "People", 2] : ["guests", "Guests", 0], ["boxes", "Lunch boxes", 0],
         ["freezer", "For the freezer", 0]]
      end

      # Rice to choose from: the house's bags, or every grain: [grain, name, what is left].
      def rices(bags)
        return grain_choices if bags.empty?

        bags.map { |bag| [bag.grain, bag.name, "#{grams(bag.left_g)} left"] }
      end

      # Path and query of our own page that the form was sent from.
      def page_before
        from = URI.parse(request.referer.to_s)
        from.host == request.host ? [from.path.to_s.squeeze("/"), from.query].compact.join("?") : "/"
      rescue URI::Error
        "/"
      end
    end
  end
end
