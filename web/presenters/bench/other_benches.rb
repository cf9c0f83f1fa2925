# frozen_string_literal: true

require_relative "../presenter"
require_relative "dish_bench"

module FondKettle
  module Web
    module Presenters
      # Benches of other dishes of the house that stand beside one, and those that might.
      class OtherBenches < Presenter
        # Dishes that stand beside it at most.
        MOST = 3

        # `id`: of the dish that they stand beside; `others`: ids of dishes, as they were sent.
        def initialize(household, id, others)
          super(household)
          @id = id
          @others = others
        end

        # Ids of those that stand there; what is no dish any more is left out.
        def ids
          all = household.dishes.all.map { |one| one[:id] } - [@id]
          (all & @others.filter_map { |text| Integer(text, 10, exception: false) }).first(MOST)
        end

        # A DishBench for each.
        def benches
          @benches ||= ids.filter_map do |id|
            dish = household.dish(household.dishes.find(id))
            graph = dish.respond_to?(:graph) ? dish.graph : dish
            DishBench.of_told(household, graph.data, id: "bench-#{id}")
          end
        end

        # [id, title] of the others.
        def choices
          rest = household.dishes.all.reject { |one| [@id, *ids].include?(one[:id]) }
          rest.map { |one| [one[:id], one[:title]] }
        end
      end
    end
  end
end
