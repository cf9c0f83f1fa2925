# frozen_string_literal: true

require_relative "../measure/rounding"
require_relative "../dishes/text/written"
require_relative "dish_json"

module FondKettle
  module Formats
    # A dish as a schema.org Recipe, as JSON-LD; what that has no words for stands in a property
    # of our own, so that it comes back as it went out.
    module RecipeLd
      OWN_PREFIX = "kettle"
      OWN_TERMS = "https://fond-kettle.invalid/terms#"
      OWN = "#{OWN_PREFIX}:dish".freeze

      module_function

      # `dish`: a Dishes::Dish; `plan`: its Plan as written, whose steps are the
      # instructions; `grain`: its Grain.
      def call(dish, plan, grain)
        { "@context" => ["https://schema.org", { OWN_PREFIX => OWN_TERMS }], "@type" => "Recipe",
          "name" => dish.title,
          "recipeYield" => "#{Measure::Rounding.plain(dish.serves)} servings", "description" => dish.note,
          "totalTime" => "PT#{plan.total_min.round}M",
          "recipeIngredient" => ingredients(dish, grain),
          "recipeInstructions" => plan.tasks.map do |task|
            { "@type" => "HowToStep", "text" => text(task) }
          end,
          OWN => DishJson.call(dish) }
      end

      def text(task)
        [*("#{task.puts_in}." unless task.amounts.empty?), "#{task.say}, until #{task.cue}."].join(" ")
      end

      # The lines as written, without the marks of the quick text.
      def ingredients(dish, grain)
        return dish.graph.written if dish.graph

        ["#{Measure::Rounding.plain(dish.rice_g)} g #{grain.name} rice",
         *dish.lines.map { |line| Dishes::Written.plain(line) }]
      end
      private_class_method :text, :ingredients
    end
  end
end
