# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "dated_copies"
require_relative "../removed"

module FondKettle
  module Store
    # The upkeep of a running kitchen, every minute: the write-ahead log is emptied into the one file, a copy
    # is made when there is none of today, old removals are forgotten, and lessons after a changed one are
    # worked out anew.
    class Upkeep
      EVERY_S = 60
      # So many lessons, that the stove never waits for them.
      MOST_LESSONS = 5

      # What went wrong the last time, as a sentence, or nil.
      attr_reader :trouble

      # `clock` answers the time; the block is told what goes wrong, once.
      def initialize(household, clock:, &warning)
        @household = household
        @copies = DatedCopies.new(household.path)
        @removed = Removed.new(household)
        @clock = clock
        @warning = warning
      end

      # Goes on in a thread of its own until `stop`.
      def start
        @thread = Thread.new do
          loop do
            tick
            sleep EVERY_S
          end
        end
      end

      # Stops it.
      def stop
        @thread&.kill&.join
      end

      # Does the work of a minute. Errors do not stop the kitchen.
      def tick
        now = @clock.call
        @household.database.checkpoint
        @copies.daily(now) unless @household.bare?
        forget(now)
        @household.lessons.work_out_anew(MOST_LESSONS, now)
        @trouble = nil
      rescue UserError, SystemCallError => e
        @warning&.call(e.message) unless @trouble == e.message
        @trouble = e.message
      end

      private

      # Once a day is enough.
      def forget(now)
        return if @forgotten_on == now.to_date

        @removed.forget(now)
        @forgotten_on = now.to_date
      end
    end
  end
end
