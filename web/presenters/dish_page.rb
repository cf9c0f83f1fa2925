# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/dishes/line"
require_relative "../../lib/fond_kettle/dishes/placing_questions"
require_relative "../../lib/fond_kettle/dishes/text/written"
require_relative "../../lib/fond_kettle/formats/recipe_ld"
require_relative "../../lib/fond_kettle/measure/numeral"
require_relative "../../lib/fond_kettle/methods/request/request"
require_relative "presenter"
require_relative "told_dish"

module FondKettle
  module Web
    module Presenters
      # A dish of the house as it stands.
      class DishPage < Presenter
        OUT = { "before-rice" => "lifted out before the rice",
                "back-at-end" => "lifted out, put back in the end" }.freeze

        attr_reader :id, :dish, :told

        # `record`: as the shelf has it; `plan`: in its own amount, or nil where it cannot be
        # cooked; `problems`: why.
        def initialize(household, record, plan, problems)
          super(household)
          @id = record[:id]
          @dish = household.dish(record)
          @told = ToldDish.new(household, dish.graph.data) if dish.graph
          @plan = plan
          @problems = problems
        end

        def lead
          grain = Larder::Grains.fetch(dish.grain).name.downcase
          way = ", #{@plan.method.name.downcase}" if @plan
          pan = ", in a pot #{plain(dish.pan_mm)} mm wide" if dish.pan_mm
          "For **#{plain(dish.serves)}**: **#{grams(dish.rice_g)}** #{grain}, " \
            "#{grams(dish.portion_g)} a head#{way}#{pan}."
        end

        def problems
          [*@problems.map { |problem| "#{problem[:field]} #{problem[:message]}" },
           *(told ? dish.graph.open : Dishes::PlacingQuestions.new(dish.lines, dish.steps, dish.placing).all)]
        end

        # Names of food in it that nobody knows.
        def unknown
          dish.lines.select do |line|
            line.ingredient.care.include?(Methods::Request::UNKNOWN)
          end.map(&:name).uniq
        end

        # The dish as recipe data of a page, or nil. A block of data cannot end its own element.
        def data
          return unless @plan

          JSON.generate(Formats::RecipeLd.call(dish, @plan, @plan.request.grain)).gsub("<", "\\u003c")
        end

        # Its lines by when they go in: [heading, [[line as written, what else is said of it]]].
        def stages
          dish.lines.group_by(&:stage).sort_by { |stage, _| Dishes::STAGES.keys.index(stage) }
              .map do |stage, lines|
            [Dishes::STAGES.fetch(stage).capitalize,
             lines.map { |line| [Dishes::Written.plain(line), remarks(line)] }]
          end
        end

        # The dish's own steps, one sentence each.
        def steps
          dish.steps.map do |step|
            ["#{"#{step.vessel.heading} " if step.vessel}#{step.say}", *(if step.between?
                                                                           step.time
                                                                         end), *(if step.minutes.positive?
                                                                                   minutes(step.minutes)
                                                                                 end),
             *("until #{step.cue}" unless step.cue.empty?)].join(", ")
          end
        end

        private

        # "browned; 1/2 in the base, 1/2 at the end; optional"
        def remarks(line)
          [(line.state unless line.state == "raw"), (places(line) if line.shares.size > 1),
           OUT[line.out], ("optional" if line.optional),
           ("instead of #{line.instead_of}" if line.instead_of)].compact.join("; ")
        end

        def places(line)
          line.shares.map { |stage, share| "#{Measure::Numeral.write(share)} #{Dishes::STAGES.fetch(stage)}" }
              .join(", ")
        end
      end
    end
  end
end
