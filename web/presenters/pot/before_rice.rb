# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../../lib/fond_kettle/kit/vessel"
require_relative "../../../lib/fond_kettle/methods/loads/base_graph"
require_relative "../../../lib/fond_kettle/methods/loads/food_load"
require_relative "../../../lib/fond_kettle/methods/loads/rice_vessel"
require_relative "../../drawings/vessel_picture"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # The ledger of the vessels in which a dish's base is made, step by step, until the rice goes in.
      class BeforeRice < Presenter
        # A step: what is done, its vessel drawn with what is in it then, and what that did in words.
        Step = Value.define(:say, :drawing, :did)
        # A food at the end: its name and whole grams.
        Line = Value.define(:name, :raw_g, :steam_g, :gives_g, :stays_g)
        BOWL = { name: "bowl", diameter_mm: 220.0, height_mm: 90.0, floor_mm: 110.0, lid: "none", id: nil,
                 lid_factor: nil, material: "steel", kg: 0.5 }.freeze
        # Kinds of steps on a fire.
        HEATED = %w[fry reduce simmer broth boil].freeze
        # So many times what lies in it.
        ROOMY = 1.6

        # The Forms::PlanForm whose address holds the plan.
        attr_reader :form

        # `plan`: a Methods::Plan.
        def initialize(household, form, plan)
          super(household)
          @form = form
          @plan = plan
          @vessel = Methods::RiceVessel.of(plan.request)
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
            Step.new(say: say(row), drawing: drawing(row, index), did: did(row))
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

          task = @plan.tasks.find { |one| one.id.start_with?("base.") && one.id.end_with?(".#{key}") }
          task&.say || key.capitalize
        end

        def drawing(row, index)
          kind, pot = vessel(row)
          hot = HEATED.include?(row.does&.kind)
          seen = Drawings::VesselView.new(name: pot.name, kind: kind, vessel: pot, contents: row.contents,
                                          source: @vessel.setting.burner.source,
                                          heat: (row.does.heat if hot))
          Drawings::VesselPicture.new(seen, "vessel-#{index}").to_s
        end

        # [kind, Kit::Vessel] in which a step is done.
        def vessel(row)
          made_in = @plan.request.made_in
          key = row.step.vessel
          return ["bowl", bowl_for(row.contents)] if key == Methods::BaseGraph::BOWL
          return ["pot", @vessel.setting.vessel] if made_in.nil? || made_in.vessel(key).rice

          there = made_in.vessel(key)
          [there.kind, there.pot]
        end

        # One that holds it, of the same shape.
        def bowl_for(contents)
          bowl = Kit::Vessel.new(**BOWL)
          larger = Math.cbrt([contents.volume_ml * ROOMY / bowl.volume_ml, 1.0].max)
          bowl.with(diameter_mm: bowl.diameter_mm * larger, height_mm: bowl.height_mm * larger,
                    floor_mm: bowl.floor_mm * larger)
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
