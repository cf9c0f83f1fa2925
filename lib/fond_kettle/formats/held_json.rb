# frozen_string_literal: true

module FondKettle
  module Formats
    # The JSON of the house's own vessels that a plan holds: each from the first task in it to the last that
    # takes from it, so that no other dish has it in between.
    module HeldJson
      # The part of a step's key by which a task's id says it.
      STEP = /\Adish-/
      # A task at which what other vessels give goes in with the rice.
      FILL = /\Afill\./

      module_function

      # Hashes with the vessel's `name`, the ids of the first and the last task, and of all that are done in
      # it.
      def call(plan)
        [rice_pot(plan), *beside(plan)].compact
      end

      def rice_pot(plan)
        vessel = plan.request.vessel
        held(vessel, plan.tasks.select { |task| in_rice_pot?(task, plan.request.made_in) }.map(&:id))
      end

      # True for what is done in the rice's pot, by a step of the dish or by the way.
      def in_rice_pot?(task, made_in)
        place = place(task.id, made_in)
        place ? place.vessel == made_in.rice_vessel.key : task.kind.in_pot
      end

      def beside(plan)
        made_in = plan.request.made_in
        return [] unless made_in

        made_in.vessels.reject { |vessel| vessel.rice || vessel.par_boils }.map do |vessel|
          held(vessel.pot, tasks(plan, made_in, vessel))
        end
      end

      def held(pot, ids)
        { name: pot.name, from: ids.first, to: ids.last, tasks: ids } if pot.id && ids.any?
      end

      # Ids of the tasks that are done in a vessel or take from it, in their order.
      def tasks(plan, made_in, vessel)
        gives_rice = made_in.rice_from.any? { |pour| pour.vessel == vessel.key }
        plan.tasks.map(&:id).select do |id|
          place = place(id, made_in)
          (place && [place.vessel, *place.from.map(&:vessel)].include?(vessel.key)) ||
            (gives_rice && id.match?(FILL))
        end
      end

      # The MadeInStep of a task's id, or nil.
      def place(id, made_in)
        made_in&.step(id.split(".").grep(STEP).first)
      end
      private_class_method :rice_pot, :in_rice_pot?, :beside, :held, :tasks, :place
    end
  end
end
