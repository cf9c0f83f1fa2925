# frozen_string_literal: true

require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # Result of a method of the house's own in this kitchen.
      class Tried < Presenter
        def initialize(household, plan)
          super(household)
          @plan = plan
        end

        def sentence
          "**In your kitchen:** #{@plan.request.grain.name.downcase} for whoever eats here, " \
            "#{@plan.request.measures.weighed(@plan.load.rice_g)}, takes " \
            "**#{@plan.request.measures.weighed(@plan.liquid_g)}** water (#{poured(@plan)}) and " \
            "**#{minutes(@plan.total_min)}** in all, and comes out #{outcome_words(@plan)}."
        end

        def warnings
          @plan.warnings.map(&:say)
        end
      end
    end
  end
end
