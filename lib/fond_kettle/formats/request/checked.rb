# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../ground/schema"

module FondKettle
  module Formats
    # Checks one part of a request against a schema of its own.
    module Checked
      module_function

      # `given` with symbol keys. Raises InvalidInput with the path of each fault under `field`.
      def call(schema, given, field)
        raise InvalidInput.at(field, "must be a JSON object") unless given.is_a?(Hash)

        result = schema.call(given)
        faults = Schema.faults(result).map do |fault, said|
          { field: [field, *fault.path].join("."), message: said }
        end
        raise InvalidInput, faults if faults.any?

        result.to_h
      end
    end
  end
end
