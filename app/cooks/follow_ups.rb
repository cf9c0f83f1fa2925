# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "follow_up"

module FondKettle
  module App
    # Works out the consequences of taps after they are stored and answered: in its own thread, once for each
    # cook however many taps arrived meanwhile. Before `start` it works at once, in the caller's thread.
    class FollowUps
      # The block is told of what goes wrong (an exception); it stops nobody.
      def initialize(household, &warning)
        @household = household
        @act = FollowUp.new(household)
        @warning = warning
        @waiting = Queue.new
      end

      # Registers that something was reported for a cook (its id).
      def add(id)
        @household.database.after_commit { @thread ? @waiting << id : @act.call(id) }
      end

      # Goes on by itself until `stop`, beginning with what was left undone.
      def start
        @thread = Thread.new { loop { work(@waiting.pop) } }
        @household.cooks.on_the_stove.each { |record| add(record[:id]) }
      end

      # Stops the thread; cooks that still wait are worked out at the next start.
      def stop
        @thread&.kill&.join
        @thread = nil
      end

      private

      def work(id)
        ids = [id]
        ids << @waiting.pop until @waiting.empty?
        ids.uniq.each { |one| @act.call(one) }
      rescue StandardError => e
        @warning&.call(e)
      end
    end
  end
end
