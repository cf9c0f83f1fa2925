# frozen_string_literal: true

require_relative "../act"

module FondKettle
  module App
    # A pot is done, or is off the stove without having been cooked; either can be taken back.
    class FinishCook < Act
      # Puts the cook into the log and takes its rice out of the bag. The first value returned is the bag's
      # record afterwards, nil when there is no bag. Raises Conflict.
      def done(cook)
        noted("Done: #{cook[:title]}", "change", "/log/#{cook[:id]}") do
          household.finish(cook[:id], now)
        end
      end

      # Takes it off the stove; nothing of it was cooked.
      def leave(cook)
        noted("Off the stove, nothing written down: #{cook[:title]}", "removal", "/stove") do
          household.cooks.leave(cook[:id], now)
        end
      end
    end
  end
end
