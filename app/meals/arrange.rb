# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/meals/ahead"
require_relative "../../lib/fond_kettle/meals/changes"
require_relative "../../lib/fond_kettle/meals/schedule"
require_relative "../../lib/fond_kettle/meals/ways_out"
require_relative "../deadline"

module FondKettle
  module App
    # Finds when each task of a meal starts, for so long as whoever asks may wait. Stores nothing.
    class ArrangeMeal
      # So long may a page wait for the first schedule, for something better, and for ways out, s.
      FIRST_S = 1.6
      LOOK_S = 0.8
      WAYS_S = 3

      # `now`: a Time; where there may be too little time, nothing starts before it.
      def initialize(now)
        @now = now
      end

      # [the Meals::Meal, its Meals::Schedule]; what is ready may have to wait longer, and the schedule is
      # nil where none was found.
      def placed(meal)
        Meals::Scheduling.nearest(meal, now: soon(meal), stop: Deadline.within(FIRST_S))
      rescue InvalidInput
        [meal, nil]
      end

      # A better Schedule than there is.
      def better(record)
        Meals::Scheduling.of(record[:meal], from: record[:schedule].starts,
                                            stop: Deadline.within(LOOK_S),
                                            seed: record[:lock_version])
      end

      # A meal that was changed, with what is left of its schedule.
      def mended(meal, record)
        [meal, Meals::Changes.mended(meal, record[:schedule])]
      end

      # The same with tasks (ids) done the day before.
      def ahead(record, ids)
        placed(record[:meal].with(ahead: Meals::Ahead.whole(record[:meal], ids)))
      end

      # Changes that would make an impossible meal possible (Meals::WaysOut).
      def ways_out(meal)
        Meals::WaysOut.new(meal, now: soon(meal), stop: Deadline.within(WAYS_S))
      end

      # Minutes by which a schedule asks too much of the kitchen.
      def over_min(meal, schedule)
        Meals::Scheduling.over_min(meal, schedule)
      end

      private

      def soon(meal)
        @now if meal.soon?(@now)
      end
    end
  end
end
