# frozen_string_literal: true

require "date"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/remembered"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # What of the house's components is to be used within days, and which dishes take it.
      class ToUseUp < Presenter
        DAYS = 3
        # Keys of the food of a dish by its id and version.
        FOOD = Remembered.new(1000)
        private_constant :FOOD

        # `now`: a Time.
        def initialize(household, now)
          super(household)
          @today = now.getlocal.to_date
        end

        # The components, the first to expire first.
        def all
          @all ||= household.components.there.select do |record|
            (Date.iso8601(record[:use_by]) - @today).between?(0, DAYS)
          end
        end

        # The component that a dish (a record of the DishBook) takes and that expires first; nil: none.
        def for(dish)
          return if all.empty?

          food = FOOD.fetch(dish.values_at(:id, :lock_version)) { food(dish) }
          all.find { |record| food.intersect?(["own-#{record[:own_ingredient_id]}", record[:like]]) }
        end

        # "uses up the leek stock, by Thursday".
        def say(record)
          day = Date.iso8601(record[:use_by])
          near = { 0 => "today", 1 => "by tomorrow" }[(day - @today).to_i]
          "uses up #{record[:name]}, #{near || "by #{day.strftime('%A')}"}"
        end

        private

        # Keys of all that is in a dish; none where it cannot be read.
        def food(dish)
          household.dish(household.dishes.find(dish[:id])).lines.filter_map { |line| line.ingredient&.key }
        rescue InvalidInput, NotFound
          []
        end
      end
    end
  end
end
