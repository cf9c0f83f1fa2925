# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/schema"
require_relative "../fields"

module FondKettle
  module Forms
    # When a tap was made that a device hands over, and what it is known by: it may come late, where the
    # device had lost the kitchen, and twice.
    class TappedAt
      # Nobody was without the kitchen for longer, s.
      MOST_S = 12 * 3600
      # A device's clock may go so much before, s.
      AHEAD_S = 5
      SCHEMA = Schema.params do
        optional(:tap).maybe(:string, format?: /\A[a-f0-9]{32}\z/)
        optional(:tapped_at).maybe(:integer)
      end
      FIELDS = %w[tap tapped_at].freeze
      LONG_AGO = "must be within the last #{MOST_S / 3600} hours, in ms since 1970".freeze

      attr_reader :problems

      # `typed`: what was sent; `now`: a Time.
      def initialize(typed, now)
        result = SCHEMA.call(typed.slice(*FIELDS))
        @values = result.to_h
        @now = now
        @problems = Forms.problems(result)
        @problems = [{ field: "tapped_at", message: LONG_AGO }] if ok? && !near?
      end

      def ok?
        @problems.empty?
      end

      # The key of the tap, or nil.
      def key
        "tap #{@values[:tap]}" if @values[:tap]
      end

      # The Time of the tap, never after now.
      def at
        told ? [told, @now].min : @now
      end

      private

      def told
        @values[:tapped_at] && Time.at(@values[:tapped_at] / 1000.0)
      end

      def near?
        told.nil? || (@now - told).between?(-AHEAD_S, MOST_S)
      end
    end
  end
end
