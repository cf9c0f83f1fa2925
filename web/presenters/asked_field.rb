# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/kind"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/kit/dish_vessels"
require_relative "../../lib/fond_kettle/reading/answered_dish"
require_relative "../../lib/fond_kettle/reading/reordered_step"
require_relative "../helpers/numbers"

module FondKettle
  module Web
    module Presenters
      # How a question about a told dish is answered: from `choices` (pairs of value and words) or as text
      # (nil); `hint`: what is taken until then; `food`: the name of a food that nobody knows.
      AskedField = Value.define(:choices, :hint, :food)

      # Makes AskedFields for the questions of a dish of schema 2 (a hash).
      class AskedFields
        include Helpers::Numbers

        # The choice that leaves a question open.
        OPEN = ["", "not sure yet"].freeze
        # The choice that leaves it as it was read.
        AS_READ = ["", "as it was read"].freeze
        EXAMPLES = { "serves" => "Regular adults", "grain" => "400 g basmati; for a side: none",
                     "rice_g" => "400 g, or 2 cups", "g" => "120 g, or 2 tbsp",
                     "food" => "Leek, or chicken thighs",
                     "minutes" => "20 min, or 1 h 30" }.freeze

        # `dish`: the hash; `methods`: pairs of key and words of the ways to choose from.
        def initialize(dish, methods)
          @dish = dish
          @methods = methods
        end

        # The AskedField of a Forms::Asked.
        def of(asked)
          field = asked.answer.field
          choices = choices(field, asked.question)
          open = asked.question.key?("as_read") ? AS_READ : OPEN
          AskedField.new(choices: choices && [open, *choices], hint: hint(field, asked.question),
                         food: (unknown(asked.question["of"]) if field == "g"))
        end

        private

        def choices(field, question)
          case field
          when "method" then @methods
          when "kind" then kinds
          when "takes" then question["choices"] ? lines(question["choices"]) : steps
          when "at", "also" then steps
          when "before" then [*steps, [Reading::ReorderedStep::LAST, "after all others"]]
          when "vessel" then vessels
          end
        end

        def kinds
          Reading::AnsweredDish::KINDS.map { |key| [key, Care::Kinds.fetch(key).word] }
        end

        def lines(ids)
          ids.map { |id| [id, @dish["lines"].find { |line| line["id"] == id }["text"]] }
        end

        def steps
          @dish["steps"].each_with_index.map do |step, index|
            [step["id"], "#{index + 1}. #{step['say'][0, 60]}"]
          end
        end

        # The dish's own, and further ones.
        def vessels
          own = @dish.fetch("vessels", []).map do |one|
            [one["key"], (one["name"] || one["key"]).tr("-", " ")]
          end
          own + Reading::AnsweredDish::FURTHER.map do |kind|
            ["#{Reading::MovedStep::NEW}#{kind}", "another #{Kit::DishVessels.fetch(kind).word}"]
          end
        end

        # Words for a value as it was read.
        def as_read(field, value, question)
          return grams(value.to_f) if field == "g"
          return minutes(value) if field == "minutes"

          choices(field, question).to_h.fetch(value, value)
        end

        def hint(field, question)
          if (value = question["as_read"])
            return "As read: #{as_read(field, value, question)}"
          end

          guess = question["guess"]
          return EXAMPLES[field] unless guess
          return "Until you say: #{grams(guess.to_f)}" if guess.is_a?(Numeric)

          words = choices(field, question).to_h.fetch(guess, guess)
          "Until you say: #{words}"
        end

        def unknown(id)
          line = @dish["lines"].find { |one| one["id"] == id }
          line["food"] if line && line["unknown"]
        end
      end
    end
  end
end
