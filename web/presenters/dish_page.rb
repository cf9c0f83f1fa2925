# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/dishes/written"
require_relative "../../lib/fond_kettle/formats/recipe_ld"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # A dish of the house as it stands.
      class DishPage < Presenter
        attr_reader :id, :dish

        # `record`: as the shelf has it; `plan`: in its own amount, or nil where it cannot be
        # cooked; `problems`: why.
        def initialize(household, record, plan, problems)
          super(household)
          @id = record[:id]
          @dish = household.dish(record)
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
          @problems.map { |problem| "#{problem[:field]} #{problem[:message]}" }
        end

        # The dish as recipe data of a page, or nil. A block of data cannot end its own element.
        def data
          return unless @plan

          JSON.generate(Formats::RecipeLd.call(dish, @plan, @plan.request.grain)).gsub("<", "\\u003c")
        end

        # Its lines by when they go in: [heading, [[line as written, its state or nil]]].
        def stages
          dish.lines.group_by(&:stage).sort_by { |stage, _| Dishes::STAGES.keys.index(stage) }
              .map do |stage, lines|
            [Dishes::STAGES.fetch(stage).capitalize,
             lines.map { |line| [Dishes::Written.plain(line), (line.state unless line.state == "raw")] }]
          end
        end

        # What is done for it, a sentence each.
        def steps
          dish.steps.map do |step|
            [step.say, *(minutes(step.minutes) if step.minutes.positive?),
             *("until #{step.cue}" unless step.cue.empty?)].join(", ")
          end
        end
      end
    end
  end
end
