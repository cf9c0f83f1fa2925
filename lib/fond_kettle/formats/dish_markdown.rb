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

      # `given`: a GivenDish.
      def call(given)
        steps = given.tasks.each_with_index.map { |task, index| "#{index + 1}. #{step(task)}" }
        blocks = ["# #{safe(given.title)}",
                  ["For #{Measure::Rounding.plain(given.serves)}", *given.way, ""].join(". ").strip,
                  given.written.map { |line| "- #{safe(line)}" }.join("\n"), steps.join("\n"),
                  safe(Table::Contains.say(given.allergens, given.not_checked)),
                  *given.cautions.map { |say| "> #{safe(say)}" },
                  "<!-- fond-kettle #{comment(given)} -->"]
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
      def comment(given)
        JSON.generate(given.data).gsub("--", "\\u002d\\u002d")
      end

      def step(task)
        time = "#{Measure::Rounding.duration(task.told_min)}: " if task.told_min.positive?
        puts_in = ": #{safe(task.puts_in)}" unless task.amounts.filter_map(&:told).empty?
        "#{time}#{safe(task.say)}#{puts_in}, until #{safe(task.cue)}."
      end

      def safe(text)
        text.gsub(SPECIAL) { "\\#{Regexp.last_match(1)}" }
      end

      private_class_method :comment, :step, :safe
    end
  end
end
