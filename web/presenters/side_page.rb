# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/side/side"
require_relative "../../lib/fond_kettle/table/contains"
require_relative "presenter"
require_relative "told_dish"

module FondKettle
  module Web
    module Presenters
      # A dish without rice, and what it comes to for so many.
      class SidePage < Presenter
        # A step: what is done, how long, what goes in, the sign it is done by, cautions first told at it.
        Row = Value.define(:say, :minutes, :puts_in, :cue, :cautions)

        attr_reader :id, :told, :guests

        # `record`: as the shelf has it; `guests`: for how many, nil: as it is written.
        def initialize(household, record, guests)
          super(household)
          @id = record[:id]
          @graph = household.dish(record)
          @guests = guests || @graph.serves
          @told = ToldDish.new(household, @graph.data)
          @side = Dishes::Side.new(@graph, @guests / @graph.serves, household.shelves.measures)
        end

        def title
          @graph.title
        end

        def data
          @graph.data
        end

        # "For **9**: 1 kg in all, 1.4 g salt a portion. Contains milk."
        def lead
          eaten = Table::Contains.say(@side.allergens, @side.not_checked)
          weight = grams(@side.lines.sum { |scaled| scaled.g.to_f })
          "For **#{plain(@guests)}**: #{weight} in all, #{plain(@side.salt.serving_g.round(1))} g salt a " \
            "portion. #{eaten}"
        end

        # What the cook has still to say.
        def problems
          @side.open
        end

        # A Row for each step.
        def rows
          shown = []
          @side.tasks.map do |task|
            fresh = @side.cautions.select { |_, ids| ids.include?(task.id) }.keys - shown
            shown |= fresh
            Row.new(say: task.say, minutes: minutes(task.told_min), puts_in: task.puts_in, cue: task.cue,
                    cautions: fresh.map(&:texts))
          end
        end
      end
    end
  end
end
