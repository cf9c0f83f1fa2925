# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/formats/given_dish"
require_relative "../../lib/fond_kettle/formats/recipe_ld"
require_relative "../../lib/fond_kettle/methods/request/request"
require_relative "presenter"
require_relative "told_dish"

module FondKettle
  module Web
    module Presenters
      # A dish of the house as it stands.
      class DishPage < Presenter
        attr_reader :id, :dish, :told

        # `record`: as the shelf has it; `plan`: in its own amount, or nil where it cannot be
        # cooked; `problems`: why.
        def initialize(household, record, plan, problems)
          super(household)
          @id = record[:id]
          @dish = household.dish(record)
          @told = ToldDish.new(household, dish.graph.data)
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
           *dish.graph.open, *dish.graph.guessed]
        end

        # The dish of schema 2 (a hash).
        def data_as_told
          dish.graph.data
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

          JSON.generate(Formats::RecipeLd.call(Formats::GivenDish.of(dish, @plan))).gsub("<", "\\u003c")
        end
      end
    end
  end
end
