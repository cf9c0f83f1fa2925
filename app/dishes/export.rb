# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/formats/dish_markdown"
require_relative "../../lib/fond_kettle/formats/recipe_ld"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../forms/plan_form"
require_relative "../plans/look"

module FondKettle
  module App
    # A dish as a text to give away: "json", "jsonld" or "md". Stores nothing.
    class ExportDish
      ONLY_JSON = "A side is given away as JSON."

      # `kitchen`: the household's record of it.
      def initialize(household, kitchen)
        @household = household
        @kitchen = kitchen
      end

      # The text of a stored dish. Raises NotFound for a format that it has not, InvalidInput where it cannot
      # be planned in its own amount.
      def text(record, kind)
        dish = @household.dish(record)
        side = @household.dishes.side?(record)
        raise NotFound, ONLY_JSON if side && kind != "json"
        return JSON.pretty_generate(side ? dish.data : dish.graph.data) if kind == "json"

        plan = App::LookAtPlan.new(in_own_amount(record), @kitchen).plan
        return Formats::DishMarkdown.call(dish, plan) if kind == "md"

        JSON.pretty_generate(Formats::RecipeLd.call(dish, plan))
      end

      private

      def in_own_amount(record)
        form = Forms::PlanForm.in_own_amount(record, @household)
        form.ok? ? form : raise(InvalidInput, form.problems)
      end
    end
  end
end
