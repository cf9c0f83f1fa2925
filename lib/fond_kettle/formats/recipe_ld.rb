# frozen_string_literal: true

require_relative "../measure/rounding"

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
      # instructions.
      def call(dish, plan)
        { "@context" => ["https://schema.org", { OWN_PREFIX => OWN_TERMS }], "@type" => "Recipe",
          "name" => dish.title,
          "recipeYield" => "#{Measure::Rounding.plain(dish.serves)} servings",
          "totalTime" => "PT#{plan.total_min.round}M",
          "recipeIngredient" => dish.graph.written,
          "recipeInstructions" => plan.tasks.map do |task|
            { "@type" => "HowToStep", "text" => text(task) }
          end,
          OWN => dish.graph.data }
      end

      def text(task)
        [*("#{task.puts_in}." unless task.amounts.empty?), "#{task.say}, until #{task.cue}."].join(" ")
      end
      private_class_method :text
    end
  end
end
