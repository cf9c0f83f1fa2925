# frozen_string_literal: true

require_relative "fields"

module FondKettle
  module Forms
    # A form with a SCHEMA over its FIELDS and a `check` of its own for what no schema says, which is
    # asked once all of that is right.
    class CheckedForm
      attr_reader :problems

      # `typed`: the parameters as they came.
      def initialize(typed)
        result = self.class::SCHEMA.call(Forms.given(typed, self.class::FIELDS))
        @values = result.to_h
        @problems = Forms.problems(result).dup
        check if ok?
      end

      def ok?
        @problems.empty?
      end

      private

      def problem(field, message)
        @problems << { field: field.to_s, message: message }
      end
    end
  end
end
