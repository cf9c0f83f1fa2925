# frozen_string_literal: true

require "json"
require_relative "../measure/rounding"
require_relative "../dishes/text/written"
require_relative "../table/contains"
require_relative "dish_json"

module FondKettle
  module Formats
    # A dish as Markdown, to be read anywhere; the dish itself stands at its end as JSON, in a comment, so
    # that it comes back as it went out.
    module DishMarkdown
      SPECIAL = /([\\`*_{}\[\]<>#|])/
      OWN = /^<!-- fond-kettle (?<json>\{.*\}) -->\s*\z/

      module_function

      # The arguments are those of RecipeLd.call.
      def call(dish, plan, grain)
        steps = plan.tasks.each_with_index.map { |task, index| "#{index + 1}. #{step(task)}" }
        blocks = ["# #{safe(dish.title)}",
                  "For #{Measure::Rounding.plain(dish.serves)}. #{plan.method.name}.",
                  lines(dish, grain).map { |line| "- #{safe(line)}" }.join("\n"), steps.join("\n"),
                  allergens(plan.request),
                  *plan.cautions.keys.map { |caution| "> #{safe(caution.say)}" }, safe(dish.note),
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

      # The lines as the cook wrote them, the rice first where it is none of them.
      def lines(dish, grain)
        return dish.graph.written if dish.graph

        ["#{Measure::Rounding.plain(dish.rice_g)} g #{grain.name}", *dish.lines.map do |line|
          Dishes::Written.plain(line)
        end]
      end

      # JSON in which nothing ends a comment.
      def comment(dish)
        JSON.generate(DishJson.call(dish)).gsub("--", "\\u002d\\u002d")
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

      private_class_method :lines, :comment, :step, :allergens, :safe
    end
  end
end
