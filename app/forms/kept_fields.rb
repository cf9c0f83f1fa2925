# frozen_string_literal: true

module FondKettle
  module Forms
    # Fields shared by the forms about stored food: they show what was typed, or what is known already.
    module KeptFields
      attr_reader :problems

      def ok?
        @problems.empty?
      end

      # Text that a field shows.
      def [](field)
        @typed.fetch(field, "")
      end

      # A form without problems, its fields filled with `values`.
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
