# frozen_string_literal: true

require_relative "../measure/spoken"
require_relative "../pot/depth"
require_relative "one_pot"

module FondKettle
  module Stove
    # A plan (the hash of PlanJson) with the cook's own water in the step where the pot is filled:
    # what is shown is what is poured.
    class MyWay
      # As near as an amount is to what is planned, g.
      SAME_G = 0.5

      # `plan` with `liquid_g` poured, which stands `over_mm` over the rice; `house`:
      # Measure::House. The plan as it is where its liquid is not one amount of one step (a broth,
      # several liquids).
      def self.of(plan, liquid_g, over_mm, house)
        new(plan, liquid_g, over_mm, house).plan
      end

      # The arguments are those of `of`.
      def initialize(plan, liquid_g, over_mm, house)
        @plan = plan
        @liquid_g = liquid_g
        @over_mm = over_mm
        @house = house
      end

      # The plan as it is cooked.
      def plan
        filled = @plan[:tasks].find { |task| task[:kind] == OnePot::FILL && liquid_of(task) }
        return @plan unless filled

        own = own(filled)
        steps = @plan[:steps].map do |step|
          step[:id] == own[:id] ? step.merge(own.slice(:puts_in, :cue)) : step
        end
        @plan.merge(tasks: @plan[:tasks].map { |task| task.equal?(filled) ? own : task }, steps: steps)
      end

      private

      def own(task)
        planned = liquid_of(task)
        measured = Measure::Spoken.say(@liquid_g, @house)
        amounts = task[:amounts].map do |one|
          one.equal?(planned) ? one.merge(g: @liquid_g, measured: measured) : one
        end
        said = "#{@house.weighed(@liquid_g)} #{planned[:name].downcase} (#{measured})"
        told = task[:puts_in].split("; ").map { |piece| piece.include?(planned[:measured]) ? said : piece }
        task.merge(amounts: amounts, puts_in: told.join("; "), cue: cue(task))
      end

      def cue(task)
        planned_mm = @plan[:liquid][:depth_over_rice_mm]
        task[:cue].sub(Pot::Depth.words(planned_mm), Pot::Depth.words(@over_mm))
      end

      def liquid_of(task)
        task[:amounts].find do |amount|
          amount[:g] && (amount[:g] - @plan[:liquid][:g]).abs <= SAME_G
        end
      end
    end
  end
end
