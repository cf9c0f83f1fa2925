# frozen_string_literal: true

require_relative "../measure/rounding"
require_relative "../dishes/text/written"
require_relative "../table/contains"

module FondKettle
  module Formats
    # A dish as Markdown, to be read anywhere.
    module DishMarkdown
      SPECIAL = /([\\`*_{}\[\]<>#|])/

      module_function

      # The arguments are those of RecipeLd.call.
      def call(dish, plan, grain)
        lines = ["#{Measure::Rounding.plain(dish.rice_g)} g #{grain.name}", *dish.lines.map do |line|
          Dishes::Written.plain(line)
        end]
        steps = plan.tasks.each_with_index.map { |task, index| "#{index + 1}. #{step(task)}" }
        blocks = ["# #{safe(dish.title)}",
                  "For #{Measure::Rounding.plain(dish.serves)}. #{plan.method.name}.",
                  lines.map { |line| "- #{safe(line)}" }.join("\n"), steps.join("\n"),
                  allergens(plan.request),
                  *plan.cautions.keys.map { |caution| "> #{safe(caution.say)}" }, safe(dish.note)]
        blocks.reject(&:empty?).join("\n\n") << "\n"
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

      private_class_method :step, :allergens, :safe
    end
  end
end
