# frozen_string_literal: true

require_relative "../measure/spoken"

module FondKettle
  module Stove
    # A stored plan with the cook's own water in the step where the pot is filled: what is shown
    # is what is poured.
    module MyWay
      FILL = "fill"
      # As near as an amount is to what is planned, g.
      SAME_G = 0.5

      module_function

      # `plan`: a stored plan (hash); `liquid_g`: poured in its place; `house`: Measure::House. The
      # plan as it is where its liquid is not one amount of one step (a broth, several liquids).
      def of(plan, liquid_g, house)
        tasks = plan[:tasks].map { |task| task[:kind] == FILL ? filled(task, plan, liquid_g, house) : task }
        plan.merge(tasks: tasks)
      end

      def filled(task, plan, liquid_g, house)
        planned = task[:amounts].find { |amount| liquid?(amount, plan) }
        return task unless planned

        measured = Measure::Spoken.say(liquid_g, house)
        amounts = task[:amounts].map do |one|
          one == planned ? one.merge(g: liquid_g, measured: measured) : one
        end
        said = "#{house.weighed(liquid_g)} #{planned[:what].downcase} (#{measured})"
        told = task[:puts_in].split("; ").map { |piece| piece.include?(planned[:measured]) ? said : piece }
        task.merge(amounts: amounts, puts_in: told.join("; "))
      end

      def liquid?(amount, plan)
        amount[:g] && (amount[:g] - plan[:liquid][:g]).abs <= SAME_G
      end
      private_class_method :filled, :liquid?
    end
  end
end
