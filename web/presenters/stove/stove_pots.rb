# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "stove_step"
require_relative "../presenter"
require_relative "../pot_views"

module FondKettle
  module Web
    module Presenters
      # Several pots on the stove, the one that is wanted next first.
      class StovePots < Presenter
        # One of them: its id, title ("Pilaf, pot 1 of 2"), what there is to do, when (words) and by
        # when the page counts (ms), when it next wants somebody (`due`, ms), what is next and when, when it
        # is ready, its drawing, and whether it waits.
        PotEntry = Value.define(:id, :title, :say, :left, :ends, :due, :next, :ready, :drawing, :waits)

        # `records`: the cooks' own; `now`: a Time.
        def initialize(household, records, now)
          super(household)
          @records = records
          @now = now
        end

        # All pots; those that wait come last, those that take their time before them.
        def all
          @records.map { |record| StoveStep.new(household, record, @now) }
                  .sort_by { |pot| [pot.cook.waiting? ? 1 : 0, pot.due_at || later, pot.id] }
                  .map { |pot| shown(pot) }
        end

        private

        # After everything that has an end.
        def later
          @now + 86_400
        end

        def shown(pot)
          cook = pot.cook
          PotEntry.new(id: pot.id, title: [pot.title, pot.pot_of].compact.join(" · "), say: pot.says,
                       left: left(cook), ends: cook.task_ends_at && milliseconds(cook.task_ends_at),
                       due: pot.due_at && milliseconds(pot.due_at), next: pot.following, ready: pot.ready,
                       drawing: pot.small_drawing, waits: cook.waiting?)
        end

        def left(cook)
          return "waits" if cook.waiting?
          return "takes its time" unless cook.task_ends_at

          "until #{hour(cook.task_ends_at)}"
        end
      end
    end
  end
end
