# frozen_string_literal: true

require_relative "../../lib/fond_kettle/log/outcome"
require_relative "../act"

module FondKettle
  module App
    # Writes down how a pot came out, and takes a pot out of the log; each can be taken back.
    class JudgeCook < Act
      # Stores the judgement of a cook's record. `said`: the checked fields; `version`: nil for the first
      # judgement; `teaches`: whether the next pot learns from it. Raises Conflict.
      def call(cook, said, version, teaches:)
        outcome = Log::Outcome.new(note: "", floor: Log::UNSAID, **said)
        noted("Written down: #{cook[:title]}", "change", "/log/#{cook[:id]}") do
          household.cooks.judge(cook[:id], outcome, version, teaches: teaches)
        end
      end

      # Takes a finished pot out of the log. Raises NotFound, Conflict.
      def remove(cook)
        noted("Taken out of the log: #{cook[:title]}", "removal", "/log") do
          household.cooks.remove(cook[:id], now)
        end
      end
    end
  end
end
