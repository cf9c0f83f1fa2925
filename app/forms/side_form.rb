# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/limits"
require_relative "fields"

module FondKettle
  module Forms
    # For how many a dish without rice is made.
    class SideForm
      GUESTS = Limits::SERVES
      SCHEMA = Schema.params { optional(:guests).maybe(Typed.within(GUESTS), included_in?: GUESTS) }

      attr_reader :problems

      # `typed`: parameters with string keys.
      def initialize(typed)
        result = SCHEMA.call("guests" => Forms.text(typed, "guests"))
        @values = result.to_h
        @problems = Forms.problems(result)
      end

      def ok?
        @problems.empty?
      end

      # nil: as it is written.
      def guests
        @values[:guests] if ok?
      end
    end
  end
end
