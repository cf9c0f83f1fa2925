# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../meals/keep_time"
require_relative "follow_up"

module FondKettle
  module App
    # Works out the consequences of taps after they are stored and answered: in its own thread, once for each
    # cook and each meal however many taps arrived meanwhile. Before `start` it works at once, in the caller's
    # thread.
    class FollowUps
      # It gives way to what answers a tap: its turns are so much shorter (Thread#priority).
      AFTER_ANSWERS = -3

      # The block is told of what goes wrong (an exception); it stops nobody.
      def initialize(household, &warning)
        @household = household
        @act = FollowUp.new(household)
        @warning = warning
        @waiting = Queue.new
      end

      # Registers that something was reported for a cook (its id), and for the meal that it is a pot of, at a
      # Time.
      def add(id, now = nil)
        add_job([:cook, id])
        meal_id, = @household.meals.of_pot(id) if now
        add_meal(meal_id, now) if meal_id
      end

      # Registers that something was reported for a meal (its id) at a Time.
      def add_meal(id, now)
        add_job([:meal, id, now])
      end

      # Goes on by itself until `stop`, beginning with what was left undone.
      def start
        @thread = Thread.new { loop { work(@waiting.pop) } }
        @thread.priority = AFTER_ANSWERS
        @household.cooks.on_the_stove.each { |record| add(record[:id]) }
      end

      # Stops the thread; cooks that still wait are worked out at the next start.
      def stop
        @thread&.kill&.join
        @thread = nil
      end

      private

      def add_job(job)
        @household.database.after_commit { @thread ? @waiting << job : work_out(*job) }
      end

      # `kind`: :cook or :meal; `now`: of a meal.
      def work_out(kind, id, now = nil)
        kind == :cook ? @act.call(id) : KeepTime.new(@household, now).call(id)
      end

      # Of several jobs for one cook or meal the last counts.
      def work(job)
        jobs = [job]
        jobs << @waiting.pop until @waiting.empty?
        jobs.to_h { |one| [one.first(2), one] }.each_value { |one| tried(one) }
      end

      def tried(job)
        work_out(*job)
      rescue StandardError => e
        @warning&.call(e)
      end
    end
  end
end
