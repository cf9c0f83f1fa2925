# frozen_string_literal: true

require_relative "../../vessels/standing"
require_relative "../loads/rice_vessel"
require_relative "base_minutes"
require_relative "carried_food"
require_relative "heat_checks"

module FondKettle
  module Methods
    # Writes the tasks of a base: one after the other, or of a dish that is made in several vessels each after
    # what it needs.
    class BaseTasks
      # The heat that a base stands on where nobody says.
      HEAT = "medium"
      TOASTS = "toast"
      RICE = /\brice\b/i

      # `list`: the TaskList; `heat_min`: what a steamer takes to boil; `last`: true for the phase in which
      # the rice is done.
      # `washed`: the last task of its washing (nil: none); `amounts`: TaskAmounts.
      def initialize(request, list, amounts, heat_min, last:, washed: nil)
        @request = request
        @amounts = amounts
        @checks = HeatChecks.new(request, list)
        @washed = washed
        @list = list
        @heat_min = heat_min
        @last = last
      end

      # Writes stages (StageText) of a PhaseText solved as `phase`, after the task `before` (nil: none).
      # Returns the last task, or those that no other comes after.
      def write(stages, text, phase, before)
        return in_vessels(stages, text, phase, before) if @request.made_in && stages.any?

        stages.reduce(before) { |last, stage| step(stage, text, phase, last) }
      end

      private

      def step(stage, text, phase, before)
        min = BaseMinutes.of(@request, stage, text, phase, @heat_min)
        heat = @request.made_in&.step(stage.key)&.heat || HEAT
        before = [*before, *@washed] if toasts_rice?(stage)
        @list.own("base.#{phase.key}.#{stage.key}", stage, before, heat: heat, min: min,
                                                                   waits: stands_min(stage))
      end

      # Rice that is turned in hot fat has to be drained by then.
      def toasts_rice?(stage)
        stage.kind == TOASTS && (!stage.own? || stage.say.match?(RICE))
      end

      # A stage of the method's own comes after all that is there, and what comes first after `before`.
      def in_vessels(stages, text, phase, before)
        done = {}
        carried = CarriedFood.new(@request.made_in, stages, @amounts)
        stages.each do |stage|
          place = @request.made_in.step(stage.key)
          last = place ? after(place, done) : ends(done.values)
          made = step(stage, text, phase, last.empty? ? before : last)
          done[stage.key] = measured(stage, made, carried)
        end
        ends(done.values)
      end

      # Tasks that a step comes after; one that takes the rice, after its washing too.
      def after(place, done)
        washed = place.after.include?(MadeInStep::RICE) ? @washed : nil
        [*done.values_at(*place.after).compact, *washed]
      end

      # The check of raw food that is cooked apart from the rice, where it was heated last.
      def measured(stage, made, carried)
        @checks.apart("check-heat.#{stage.key}", made, carried.at(stage) & @amounts.apart)
      end

      # Tasks that no other of them comes after.
      def ends(tasks)
        needed = tasks.flat_map { |task| task.slot.after.map(&:task) }
        tasks.reject { |task| needed.include?(task.id) }
      end

      # Minutes that what it made may stand, or nil.
      def stands_min(stage)
        row = RiceVessel.of(@request).changed_row(stage) if @last
        row && Vessels::Standing.minutes(row.contents)
      end
    end
  end
end
