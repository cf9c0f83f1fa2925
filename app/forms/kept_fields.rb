# frozen_string_literal: true

module FondKettle
  module Forms
    # What forms of what is kept share: they show what was typed, or what is known already.
    module KeptFields
      attr_reader :problems

      def ok?
        @problems.empty?
      end

      # What a field shows.
      def [](field)
        @typed.fetch(field, "")
      end

      # With what is known already in its fields, and nothing wrong.
      def filled(values)
        @typed = { **@typed, **values.transform_values(&:to_s) }
        @problems = [].freeze
        self
      end

      private

      def problem(field, message)
        { field: field.to_s, message: message }
      end
    end
  end
end
