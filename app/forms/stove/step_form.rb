# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/words"
require_relative "../fields"

module FondKettle
  module Forms
    # The one thing to do at a step: from which task to which, what was seen with it, how many
    # minutes ago, whether some of the water is held back, and when the page that was tapped
    # had come (ms).
    class StepForm
      # Nobody was away for longer and still knows when it boiled, minutes.
      MOST_AGO_MIN = 30
      SCHEMA = Schema.params do
        required(:from).filled(:string)
        required(:to).filled(:string)
        optional(:seen).maybe(:string, included_in?: Words.of("ends").keys)
        optional(:ago).maybe(:integer, included_in?: 0..MOST_AGO_MIN)
        optional(:hold).maybe(:bool)
        optional(:shown).maybe(:integer)
      end
      FIELDS = %w[from to seen ago hold shown].freeze
      # A tap that comes sooner after its page was the second of two, ms.
      DOUBLE_TAP_MS = 600

      attr_reader :problems

      # `typed`: what was sent; `ids`: of the pot's tasks.
      def initialize(typed, ids)
        result = SCHEMA.call(typed.slice(*FIELDS))
        @values = result.to_h
        @problems = Forms.problems(result)
        @problems = [{ field: "to", message: "must be one of the pot's tasks" }] if ok? && !ids.include?(to)
      end

      def ok?
        @problems.empty?
      end

      def from
        @values[:from]
      end

      def to
        @values[:to]
      end

      # The cue that ends the step, or nil.
      def seen
        @values[:seen]
      end

      def hold?
        @values[:hold] == true
      end

      # Time when it happened.
      def at(now)
        now - (@values[:ago].to_i * 60)
      end

      # True for the second of two taps, sent from a page that had only just arrived.
      def double?(now)
        shown = @values[:shown]
        !shown.nil? && ((now.to_f * 1000) - shown).between?(0, DOUBLE_TAP_MS)
      end
    end
  end
end
