# frozen_string_literal: true

require "json"
require_relative "../measure/rounding"
require_relative "../table/contains"

module FondKettle
  module Formats
    # A dish as Markdown, to be read anywhere; the dish itself stands at its end as JSON, in a comment, so
    # that it comes back as it went out.
    module DishMarkdown
      SPECIAL = /([\\`*_{}\[\]<>#|])/
      OWN = /^<!-- fond-kettle (?<json>\{.*\}) -->\s*\z/

      module_function

      # The arguments are those of RecipeLd.call.
      def call(dish, plan)
        steps = plan.tasks.each_with_index.map { |task, index| "#{index + 1}. #{step(task)}" }
        blocks = ["# #{safe(dish.title)}",
                  "For #{Measure::Rounding.plain(dish.serves)}. #{plan.method.name}.",
                  dish.graph.written.map { |line| "- #{safe(line)}" }.join("\n"), steps.join("\n"),
                  allergens(plan.request),
                  *plan.cautions.keys.map { |caution| "> #{safe(caution.say)}" },
                  "<!-- fond-kettle #{comment(dish)} -->"]
        blocks.reject(&:empty?).join("\n\n") << "\n"
      end

      # The dish (a hash) that Markdown of ours holds, or nil.
      def own(text)
        json = text[OWN, :json] if text.start_with?("# ")
        json && JSON.parse(json)
      rescue JSON::ParserError
        nil
      end

      # JSON in which nothing ends a comment.
      def comment(dish)
        JSON.generate(dish.graph.data).gsub("--", "\\u002d\\u002d")
      end

      def step(task)
        time = "#{Measure::Rounding.duration(task.told_min)}: " if task.told_min.positive?
        puts_in = ": #{safe(task.puts_in)}" unless task.amounts.filter_map(&:told).empty?
        "#{time}#{safe(task.say)}#{puts_in}, until #{safe(task.cue)}."
      end

      def allergens(request)
        safe(Table::Contains.say(request.allergens.sort, request.not_checked))
      end

      def safe(text)
        text.gsub(SPECIAL) { "\\#{Regexp.last_match(1)}" }
      end

      private_class_method :comment, :step, :allergens, :safe
    end
  end
end
