# frozen_string_literal: true

require_relative "../fields"

module FondKettle
  module Forms
    # A device's reading, typed at the stove: a form with a SCHEMA over its FIELDS, and the problems that lie
    # `beyond` that once it is right.
    class ReadingForm
      attr_reader :problems

      # The form before anything was typed.
      def self.blank
        new({}, problems: [].freeze)
      end

      # `problems`: in place of what is found.
      def initialize(typed, problems: nil)
        @typed = typed
        result = self.class::SCHEMA.call(self.class::FIELDS.to_h { |field| [field, typed[field]] })
        @values = result.to_h
        @problems = problems || Forms.problems(result)
        @problems = beyond if ok? && problems.nil?
      end

      def ok?
        @problems.empty?
      end

      def [](field)
        @typed[field.to_s]
      end
    end
  end
end
