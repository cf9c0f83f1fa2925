# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/dishes/side/side"
require_relative "../../lib/fond_kettle/formats/dish_markdown"
require_relative "../../lib/fond_kettle/formats/given_dish"
require_relative "../../lib/fond_kettle/formats/recipe_ld"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../forms/plan_form"
require_relative "../plans/look"

module FondKettle
  module App
    # A dish as a text to give away: "json", "jsonld" or "md". Stores nothing.
    class ExportDish
      # `kitchen`: the household's record of it.
      def initialize(household, kitchen)
        @household = household
        @kitchen = kitchen
      end

      # The text of a stored dish. Raises InvalidInput where it cannot be planned in its own amount.
      def text(record, kind)
        return JSON.pretty_generate(data(record)) if kind == "json"
        return Formats::DishMarkdown.call(given(record)) if kind == "md"

        JSON.pretty_generate(Formats::RecipeLd.call(given(record)))
      end

      private

      def data(record)
        dish = @household.dish(record)
        side?(record) ? dish.data : dish.graph.data
      end

      def side?(record)
        @household.dishes.side?(record)
      end

      def given(record)
        dish = @household.dish(record)
        return Formats::GivenDish.of(dish, plan(record)) unless side?(record)

        Formats::GivenDish.of_side(Dishes::Side.new(dish, 1.0, @household.shelves.measures))
      end

      def plan(record)
        form = Forms::PlanForm.in_own_amount(record, @household)
        raise InvalidInput, form.problems unless form.ok?

        App::LookAtPlan.new(form, @kitchen).plan
      end
    end
  end
end
