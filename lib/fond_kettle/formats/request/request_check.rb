# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../ground/limits"
require_relative "request_schema"
require_relative "unknown_keys"

module FondKettle
  module Formats
    # Check of a request's JSON, before anything is made of it.
    module RequestCheck
      module_function

      # `data` (parsed JSON) with symbol keys. Raises InvalidInput with all that is wrong: what is wrong is
      # told by all that may be given.
      def call(data)
        schema = REQUEST_SCHEMA.fitting(data)
        result = schema.call(data)
        problems = [*UnknownKeys.in(data, schema), *problems(result)]
        return result.to_h.tap { |given| check_lists(given) } if problems.empty?
        raise InvalidInput, problems if schema.equal?(REQUEST_SCHEMA.whole)

        call(data)
      end

      def problems(result)
        Schema.faults(result).map do |message, said|
          { field: message.path.join("."), message: said, received: printable(input(message)) }.compact
        end
      end

      # The received value; when either of two rules could apply, the value that both received.
      def input(message)
        message.respond_to?(:input) ? message.input : input([message.left].flatten.first)
      end

      def printable(input)
        input if input.is_a?(String) || (input.is_a?(Numeric) && input.to_f.finite?)
      end

      def check_lists(given)
        within("additions", given[:additions], 0..Limits::ADDITIONS)
        within("liquids", given[:liquids], 0..Limits::ADDITIONS)
        within("stages", given[:stages], 1..Limits::STAGES)
        within("rice.people", given[:rice][:people], Limits::PEOPLE)
      end

      def within(field, list, range)
        return if list.nil? || range.cover?(list.size)

        raise InvalidInput.at(field, "must list between #{range.min} and #{range.max}", received: list.size)
      end

      private_class_method :problems, :input, :printable, :check_lists, :within
    end
  end
end
