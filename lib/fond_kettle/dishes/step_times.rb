# frozen_string_literal: true

require_relative "../ground/limits"
require_relative "../measure/durations"

module FondKettle
  module Dishes
    # Times that stand in the words of a cook's step: how long it takes, and what of it is no time
    # that is read.
    class StepTimes
      # A time behind these says when, or how often, not how long.
      NOT_HOW_LONG = /\b(?:every|each|after|at|the\s+last|the\s+first|past|within\s+the\s+first)\s*\z/i
      # And so does one before these.
      WHEN = /\A\s*(?:before|ahead|later|old|ago|from\s+now|in\s+advance
              |after(?!\s+(?:it|that|they|the\s+[[:alpha:]]+)\s+(?:boil|come|start|ha)
              |\s+the\s+(?:first\s+)?whistle))\b/ix
      # "Keep the stock for another day."
      SOME_DAY = /\A(?:an?other|next|same)\s+(?:day|night)/i
      EACH_SIDE = /\b(?:a|each|per|on\s+each)\s+side\b/i
      UNREAD = /[^\s,;.]*\s*[^\s,;.]*\s*\b(?:minutes?|mins?|hours?|hrs?|days?|nights?)\b/i

      # `say`: the words of the step.
      def initialize(say)
        @say = say[0, Limits::LINE_LETTERS]
        @found = Measure::Durations.all(@say)
      end

      # Minutes that it takes by its words, several of them together, or nil where they say none.
      #
      #   StepTimes.new("Fry 5 minutes, add the garlic, 1 minute more").minutes # => 6.0
      def minutes
        long.sum(0.0, &:minutes) * sides if long.any?
      end

      # True when the words name more than one time that counts.
      def several?
        long.size > 1
      end

      # Times that count, in minutes.
      def each_min
        long.map { |time| time.minutes * sides }
      end

      # Words that speak of a time and are not read, or nil.
      def unread
        left = @found.reduce(@say) { |text, time| text.sub(time.words) { |words| "#" * words.size } }
        left[UNREAD]&.delete("#")&.strip
      end

      private

      # "Three minutes a side" are six.
      def sides
        @say.match?(EACH_SIDE) ? 2 : 1
      end

      def long
        @long ||= @found.reject do |time|
          time.words.match?(SOME_DAY) || @say.byteslice(0, time.from).match?(NOT_HOW_LONG) ||
            @say.byteslice((time.from + time.words.bytesize)..).match?(WHEN)
        end
      end
    end
  end
end
