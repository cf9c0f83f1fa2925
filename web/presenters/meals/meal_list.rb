# frozen_string_literal: true

require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # Meals that are planned or on the stove.
      class MealList < Presenter
        # One of them: where it is looked at, what it is called, when it is eaten, what is in it.
        MealEntry = Value.define(:path, :title, :when, :dishes, :begun)

        # `records`: of Store::MealBook.
        def initialize(household, records)
          super(household)
          @records = records
        end

        # MealEntry.
        def all
          @records.map do |record|
            meal = record[:meal]
            begun = !record[:begun_at].nil?
            MealEntry.new(path: "/#{begun ? 'meal' : 'clock'}/#{record[:id]}", title: meal.title,
                          when: moment(meal.serve_at), dishes: meal.dishes.map(&:title).join(", "),
                          begun: begun)
          end
        end
      end
    end
  end
end
