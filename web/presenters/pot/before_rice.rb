# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../../lib/fond_kettle/methods/loads/base_graph"
require_relative "../../../lib/fond_kettle/methods/loads/placed_step"
require_relative "../../../lib/fond_kettle/methods/loads/food_load"
require_relative "../presenter"
require_relative "../vessel_rows"

module FondKettle
  module Web
    module Presenters
      # The ledger of the vessels in which a dish's base is made, step by step, until the rice goes in.
      class BeforeRice < Presenter
        # A step: what is done, its vessel drawn with what is in it then, and what that did in words.
        Step = Value.define(:say, :drawing, :did)
        # A food at the end: its name and whole grams.
        Line = Value.define(:name, :raw_g, :steam_g, :gives_g, :stays_g)

        # The Forms::PlanForm whose address holds the plan.
        attr_reader :form

        # `plan`: a Methods::Plan.
        def initialize(household, form, plan)
          super(household)
          @form = form
          @plan = plan
          @rows = VesselRows.new(plan.request)
          @vessel = @rows.vessel
        end

        # True where something is done before the rice goes in.
        def any?
          @vessel.worked?
        end

        # What comes of it, as a cook would say it.
        def lead
          unless any?
            return "Nothing is fried or cooked down before the rice goes in: food brings what it has."
          end

          "**#{grams(brought_g)} of water** comes to the rice from what is in the pot when it goes " \
            "in#{bound}; #{grams(steam_g)} went off as steam before."
        end

        # A Step for each.
        def steps
          @steps ||= @vessel.rows.each_with_index.map do |row, index|
            Step.new(say: say(row), did: did(row),
                     drawing: @rows.drawing(row, row.contents, "vessel-#{index}"))
          end
        end

        # A Line for each food in the pot when the rice goes in.
        def lines
          there = @vessel.contents.foods.select { |food| food.raw_g >= 1 && !food.ingredient.fat? }
          @lines ||= there.map do |food|
            Line.new(name: food.ingredient.name, raw_g: food.raw_g.round, steam_g: food.steam_g.round,
                     gives_g: food.giving_g.round, stays_g: (food.mass_g - food.giving_g).round)
          end
        end

        # Free liquid that stands there, whole g.
        def liquid_g
          @vessel.contents.liquid_g.round
        end

        # Fat in the pan, whole g.
        def fat_g
          @vessel.contents.fat_g.round
        end

        private

        def bound
          bound_g = @plan.load.bound_g
          ", #{grams(bound_g)} of it only as steam, bound in the sauce" if bound_g >= 1
        end

        def brought_g
          Methods::FoodLoad.water_g(@vessel.contents)
        end

        def steam_g
          @vessel.rows.sum(&:steam_g)
        end

        def say(row)
          key = row.step.key
          return "The rice goes in" if key == Methods::BaseGraph::RICE
          return "Lift a part of it out, for later" if key.include?(Methods::BaseGraph::KEPT)
          return "What was lifted out" if key.end_with?(Methods::PlacedStep::LAID)

          task = @plan.tasks.find { |one| one.id.start_with?("base.") && one.id.end_with?(".#{key}") }
          task&.say || key.capitalize
        end

        # "12 min; 75 g of steam", or what cannot be.
        def did(row)
          return row.never_hot if row.never_hot

          [("#{row.minutes.ceil} min" if row.minutes.positive?),
           ("#{grams(row.steam_g)} of steam" if row.steam_g >= 1)].compact.join("; ")
        end
      end
    end
  end
end
