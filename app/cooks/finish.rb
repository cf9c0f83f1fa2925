# frozen_string_literal: true

require_relative "../act"

module FondKettle
  module App
    # A pot is done, or is off the stove without having been cooked; either can be taken back.
    class FinishCook < Act
      # Into the log with it, its rice out of the bag. The first of what is returned is the bag's record as
      # it is then, nil where there is none. Raises Conflict.
      def done(cook)
        noted("Done: #{cook[:title]}", "change", "/log/#{cook[:id]}") do
          household.finish(cook[:id], now)
        end
      end

      # Nothing of it was cooked.
      def leave(cook)
        noted("Off the stove, nothing written down: #{cook[:title]}", "removal", "/stove") do
          household.cooks.leave(cook[:id], now)
        end
      end
    end
  end
end
