# frozen_string_literal: true

module FondKettle
  module App
    # Deadlines after which a search stops, because somebody waits for its answer.
    module Deadline
      module_function

      # A lambda that is true once this many seconds have passed.
      def within(seconds)
        until_s = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
        -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) > until_s }
      end
    end
  end
end
