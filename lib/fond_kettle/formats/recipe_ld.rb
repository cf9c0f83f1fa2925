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

      # `given`: a GivenDish, whose tasks are the instructions.
      def call(given)
        { "@context" => ["https://schema.org", { OWN_PREFIX => OWN_TERMS }], "@type" => "Recipe",
          "name" => given.title,
          "recipeYield" => "#{Measure::Rounding.plain(given.serves)} servings",
          "totalTime" => "PT#{given.total_min.round}M",
          "recipeIngredient" => given.written,
          "recipeInstructions" => given.tasks.map do |task|
            { "@type" => "HowToStep", "text" => text(task) }
          end,
          OWN => given.data }
      end

      def text(task)
        [*("#{task.puts_in}." unless task.amounts.empty?), "#{task.say}, until #{task.cue}."].join(" ")
      end
      private_class_method :text
    end
  end
end
