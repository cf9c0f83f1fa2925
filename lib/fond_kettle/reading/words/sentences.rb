# frozen_string_literal: true

require_relative "../../ground/remembered"

module FondKettle
  module Reading
    # The sentences of a row.
    module Sentences
      # The gap between two sentences: no full stop behind a short word for a measure.
      SHORTENED = /(?<!\b(?:lb|oz|ca|ab)\.)(?<!\b(?:tbsp)\.)(?<!\b(?:tsp|tbs|abt|i\.e|e\.g)\.)(?<!\bapprox\.)
                  (?<!\bw\.)(?<=[.!?])/ix
      ENDS = /(?:#{SHORTENED}|(?<=\.)(?=\s+[A-Z][a-z]+\s+(?:the|it|them|in|on|an?)\b))["')]*\s+/
      # A number alone is the minutes of the sentence before: "Off. 5."
      COUNT_ALONE = /\A\d{1,3}\.?\z/
      # So is a time behind what stands by itself from then on: "Pour the water over them. 20 min."
      TIME_ALONE = /\A(?:about\s+)?\d{1,3}(?:\s*[-–]\s*\d{1,3})?\s*(?:min\w*|m|h|hrs?|hours?)\.?\z/i
      COOKS = /\b(?:simmer|boil|bubble|skim|steam)\b/i
      TIMED = /\d\s*(?:min|m\b|h\b|hour)|\b(?:minutes?|hours?)\b/i
      POURED = /\A\W*(?:then\s+)?pour\b[^.]*\bover\b/i

      # By a row, which is asked for as a line, a list and what is done.
      APART = Remembered.new(500) { |row| apart(row) }
      private_constant :APART

      module_function

      # Texts of them.
      #
      #   of("Bring it up. Off. 5.") # => ["Bring it up.", "Off. 5."]
      def of(row)
        APART[row]
      end

      def apart(row)
        row.split(ENDS).map(&:strip).each_with_object([]) do |one, found|
          goes_on?(found.last, one) ? found[-1] = "#{found.last} #{one}" : found << one
        end.freeze
      end

      def goes_on?(last, one)
        return false if last.nil?

        one.match?(COUNT_ALONE) || (one.match?(TIME_ALONE) && (last.match?(POURED) || untimed?(last)))
      end

      # What cooks, and says no minutes: "bring it to a simmer and skim. 25 minutes."
      def untimed?(last)
        last.match?(COOKS) && !last.match?(TIMED)
      end
      private_class_method :apart, :goes_on?, :untimed?
    end
  end
end
