# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/log/outcome"
require_relative "../../lib/fond_kettle/stove/cook"
require_relative "../act"

module FondKettle
  module App
    # Writes down how a pot came out, and takes a pot out of the log; each can be taken back.
    class JudgeCook < Act
      GAINED = "must be at most what it weighed before: a pot loses water"
      # Where a stored plan has the water that nobody poured for it, g.
      BROUGHT = [*%i[surface_g soak_gain_g brought_g].map { |key| [:balance, key] }, %i[base start_g]].freeze
      UNSAID = "Nobody has written down yet how this pot came out."

      # Stores the judgement of a cook's record. `said`: the checked fields; `version`: nil for the first
      # judgement; `teaches`: whether the next pot may learn from it. Returns whether it does. Raises
      # Conflict; InvalidInput at a weight.
      def call(cook, said, version, teaches:)
        outcome = Log::Outcome.of(**said, different: cook.dig(:outcome, :different))
        check_weights(outcome, cook)
        write(cook, outcome, version, teaches: teaches && !outcome.different)
      end

      # Stores whether something was `different` when a cook's pot came out far off what was expected: then it
      # teaches nothing, else all that it shows. Raises Conflict where nobody has said yet how it was.
      def answer(cook, different, version)
        said = cook[:outcome] || raise(Conflict, UNSAID)
        outcome = Log::Outcome.new(**said.slice(*Log::Outcome.members), different: different)
        write(cook, outcome, version, teaches: !different)
      end

      # Takes a finished pot out of the log. Raises NotFound, Conflict.
      def remove(cook)
        noted("Taken out of the log: #{cook[:title]}", "removal", "/log") do
          household.cooks.remove(cook[:id], now)
        end
      end

      private

      def write(cook, outcome, version, teaches:)
        seen = household.lessons.seen(cook, outcome.to_h) if teaches
        noted("Written down: #{cook[:title]}", "change", "/log/#{cook[:id]}") do
          household.cooks.judge(cook[:id], outcome, version, teaches: teaches)
          household.lessons.keep(cook, seen)
          teaches
        end
      end

      def check_weights(outcome, cook)
        weights = { "before_g" => outcome.before_g, "after_g" => outcome.after_g }
        return if weights.values.none?

        missing = weights.key(nil)
        raise InvalidInput.at(missing, "must be weighed too: the two tell what boiled off") if missing

        gone_g = outcome.before_g - outcome.after_g
        raise InvalidInput.at("after_g", GAINED) if gone_g.negative?

        held_g = held_g(cook)
        return if gone_g <= held_g

        raise InvalidInput.at("after_g", "says that #{gone_g.round} g are gone: at most #{held_g.round} g " \
                                         "of water were in the pot")
      end

      # The most water that a cook's pot can have held, with what its rice and food brought.
      def held_g(cook)
        added_g = Stove::Cook.new(cook[:plan], cook[:events]).added_g
        cook[:poured_g] + added_g + BROUGHT.sum { |from| cook[:plan].dig(*from).to_f }
      end
    end
  end
end
