# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/log/outcome"
require_relative "../act"

module FondKettle
  module App
    # Writes down how a pot came out, and takes a pot out of the log; each can be taken back.
    class JudgeCook < Act
      # Stores the judgement of a cook's record. `said`: the checked fields; `version`: nil for the first
      # judgement; `teaches`: whether the next pot learns from it. Raises Conflict; InvalidInput at a weight.
      def call(cook, said, version, teaches:)
        outcome = Log::Outcome.of(**said)
        check_weights(outcome)
        seen = household.lessons.seen(cook, outcome.to_h) if teaches
        noted("Written down: #{cook[:title]}", "change", "/log/#{cook[:id]}") do
          household.cooks.judge(cook[:id], outcome, version, teaches: teaches)
          household.lessons.keep(cook[:id], seen)
        end
      end

      # Takes a finished pot out of the log. Raises NotFound, Conflict.
      def remove(cook)
        noted("Taken out of the log: #{cook[:title]}", "removal", "/log") do
          household.cooks.remove(cook[:id], now)
        end
      end

      private

      def check_weights(outcome)
        weights = { "before_g" => outcome.before_g, "after_g" => outcome.after_g }
        return if weights.values.none?

        missing = weights.key(nil)
        raise InvalidInput.at(missing, "must be weighed too: the two tell what boiled off") if missing
        return if outcome.after_g <= outcome.before_g

        raise InvalidInput.at("after_g", "must be at most what it weighed before: a pot loses water")
      end
    end
  end
end
