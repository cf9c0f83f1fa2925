# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/draft"
require_relative "../../lib/fond_kettle/formats/request/graph_dish_reader"
require_relative "dish_form"
require_relative "told_dish_form"

module FondKettle
  module Forms
    # The form of a dish: one that is told in plain sentences, or one of typed lines and steps.
    module DishForms
      module_function

      # Of what was sent (string keys).
      def of(typed, household)
        (typed.key?("text") ? ToldDishForm : DishForm).new(typed, household)
      end

      # Of a stored dish.
      def of_record(record, household)
        (household.dishes.told?(record) ? ToldDishForm : DishForm).of_record(record, household)
      end

      # Of what came in (as Formats::DishReader reads it). Raises InvalidInput where a dish of schema 2 does
      # not hold together.
      def imported(read, household)
        case read
        when Hash
          Formats::GraphDishReader.new(read, names: household.names).dish
          ToldDishForm.of_dish(read, household)
        when Formats::Draft then DishForm.of_draft(read, household)
        else ToldDishForm.new({ "text" => read.text }, household)
        end
      end

      # Fields in which two of them differ (BothWays::Difference); of a dish that was told and one that was
      # typed none is the same.
      def differences(form, stored)
        form.instance_of?(stored.class) ? form.differences(stored) : []
      end
    end
  end
end
