# frozen_string_literal: true

require "json"
require_relative "../../../lib/fond_kettle/ground/limits"
require_relative "../../../lib/fond_kettle/ground/schema"
require_relative "../../../lib/fond_kettle/meals/standing"
require_relative "../fields"

module FondKettle
  module Forms
    # Taps of a meal at the stove, as a device hands them over: one that was just made, or those that it
    # kept while it could not reach the kitchen, each with its key and its time.
    class TapsForm
      # So many are handed over at once.
      MOST = 200
      LONGEST = 60_000
      BEGUN = "begun"
      # Milliseconds since 1970, up to the year 9999.
      AT_MS = (0..253_402_300_799_999)
      SCHEMA = Schema.json do
        required(:taps).array(:hash) do
          required(:key).filled(:string, format?: /\A[a-z0-9-]{8,64}\z/)
          required(:task).filled(:string)
          required(:what).filled(:string, included_in?: Meals::Standing::WHAT)
          required(:at).filled(:integer, included_in?: AT_MS)
          optional(:by).filled(:integer, included_in?: 0...Limits::HANDS.max)
        end
      end

      attr_reader :problems

      # `text`: JSON; `ids`: of the meal's tasks; `began_at`: before which nothing was tapped, `now`: Times.
      def initialize(text, ids, began_at, now)
        @began_at = began_at
        @now = now
        result = SCHEMA.call(parsed(text))
        @taps = result.to_h[:taps]
        @problems = Forms.problems(result).dup
        check(ids) if ok?
      end

      def ok?
        @problems.empty?
      end

      # [key, Meals::Tap] each, in the order in which they happened.
      def taps
        @taps.map { |tap| [tap[:key], Meals::Tap.new(task: tap[:task], what: tap[:what], at: at(tap))] }
             .sort_by.with_index { |(_, tap), index| [tap.at, index] }
      end

      # The cook (index) by id of each task that was begun, where the device says who took it.
      def takers
        @taps.select { |tap| tap.key?(:by) && tap[:what] == BEGUN }.to_h { |tap| tap.values_at(:task, :by) }
      end

      private

      def parsed(text)
        return { "taps" => nil } if text.bytesize > LONGEST

        data = JSON.parse(text, max_nesting: 5)
        data.is_a?(Hash) ? data : {}
      rescue JSON::ParserError, EncodingError
        {}
      end

      def check(ids)
        @problems << { field: "taps", message: "must be at most #{MOST}" } if @taps.size > MOST
        stray = @taps.find { |tap| !ids.include?(tap[:task]) }
        @problems << { field: "taps", message: "must be of the meal's tasks" } if stray
      end

      # A device's clock may be wrong: never before the meal began, never in the future.
      def at(tap)
        Time.at(tap[:at] / 1000.0).clamp(@began_at, @now)
      end
    end
  end
end
