# frozen_string_literal: true

module FondKettle
  module App
    # How long whoever asks may wait for what is reckoned.
    module Deadline
      module_function

      # To be asked whether so many seconds from now are over.
      def within(seconds)
        until_s = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
        -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) > until_s }
      end
    end
  end
end
