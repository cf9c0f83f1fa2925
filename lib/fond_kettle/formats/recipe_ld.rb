# frozen_string_literal: true

require_relative "../measure/rounding"
require_relative "../dishes/written"

module FondKettle
  module Formats
    # A dish as a schema.org Recipe, as JSON-LD.
    module RecipeLd
      module_function

      # `dish`: a Dishes::Dish; `plan`: its Plan as written, whose steps are the
      # instructions; `grain`: its Grain.
      def call(dish, plan, grain)
        { "@context" => "https://schema.org", "@type" => "Recipe", "name" => dish.title,
          "recipeYield" => "#{Measure::Rounding.plain(dish.serves)} servings", "description" => dish.note,
          "totalTime" => "PT#{plan.total_min.round}M",
          "recipeIngredient" => ["#{Measure::Rounding.plain(dish.rice_g)} g #{grain.name} rice",
                                 *ingredients(dish)],
          "recipeInstructions" => plan.tasks.map do |task|
            { "@type" => "HowToStep", "text" => "#{task.say}, until #{task.cue}." }
          end }
      end

      # As written, without the marks of the quick text.
      def ingredients(dish)
        dish.lines.map { |line| Dishes::Written.plain(line) }
      end
    end
  end
end
