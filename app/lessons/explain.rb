# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/log/diagnosis"
require_relative "../../store/teaching_cook"

module FondKettle
  module App
    # "Why was it wet?": runs a pot that did not come out right under each cause, and stores nothing.
    class ExplainCook
      RIGHT = %w[right right].freeze

      # `household`: Store::Household.
      def initialize(household)
        @household = household
      end

      # Log::Diagnosis of a finished cook's record; nil where it came out right, nobody said how, or nobody
      # knows what it was planned by.
      def call(record)
        outcome = record[:outcome]
        return if outcome.nil? || outcome.values_at(:grain, :wetness) == RIGHT

        seen = Store::TeachingCook.of(record, outcome)
        seen && Log::Diagnosis.new(@household.lessons.before(record), seen)
      rescue UserError
        nil
      end
    end
  end
end
