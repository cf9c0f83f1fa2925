# frozen_string_literal: true

require_relative "../../../app/dishes/lay_bench"
require_relative "../supper_words"
require_relative "dish_bench"
require_relative "evening_amounts"
require_relative "kept_instead"

module FondKettle
  module Web
    module Presenters
      # The bench of a dish for one evening: scaled, in tonight's pots, each step with its hour.
      class EveningBench < SupperWords
        # The DishBench.
        def shown
          laid = App::LayBench.new(household).of_request(supper.dish, supper.factor, plan.request, plan: plan)
          amounts = EveningAmounts.new(supper.lines, plan.request.measures, planned(laid.dish.rice_line))
          DishBench.new(household, laid, clock: clock(laid.dish.steps), amounts: amounts, kept: kept)
        end

        private

        # KeptInstead::Choices by the key of the vessel.
        def kept
          KeptInstead.new(household, form, plan, supper).choices.group_by(&:vessel)
        end

        # The rice and its liquid as the plan has them, by the id of their line.
        def planned(rice_line)
          main = supper.dish.main_liquid&.written
          liquid = "#{weighed(supper.liquid_g)} (#{poured(plan, supper.liquid_g)})"
          { rice_line => "#{rice.weight} (#{rice.words})", **(main ? { main => liquid } : {}) }
        end

        # When each step starts, by its id; what its way does itself starts when the way does that.
        def clock(steps)
          places = plan.request.made_in.steps.to_h { |place| [place.id, place.key] }
          found = steps.to_h { |step| [step.id, start_of(step, places[step.id])] }
          found.compact.transform_values { |start| at(start) }
        end

        # The Start of a step, or nil.
        def start_of(step, key)
          return plan.starts.find { |start| start.task.id.split(".").last == key } if key

          alike = plan.starts.select { |start| start.task.kind.key == step.kind }
          alike.first if alike.one?
        end
      end
    end
  end
end
