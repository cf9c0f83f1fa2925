# frozen_string_literal: true

require_relative "errors"

module FondKettle
  # What a JSON schema finds wrong with data that came from outside, in words.
  module SchemaFaults
    BOUNDS = %w[minimum maximum exclusiveMinimum].freeze
    PLAIN = { "minLength" => "must be given", "maxLength" => "must have at most %<maxLength>d letters",
              "const" => "must be %<const>s", "maxItems" => "must list at most %<maxItems>d",
              "schema" => "is not known here", "pattern" => "must be letters, digits and hyphens" }.freeze
    # Nobody reads further down a list of faults.
    MOST_TOLD = 8

    module_function

    # Raises InvalidInput with the place and the reason of each fault; `under`: the field that holds it.
    def check(schema, data, under)
      faults = schema.validate(data).first(MOST_TOLD)
      return if faults.empty?

      raise(InvalidInput, faults.map { |fault| { field: place(fault, under), message: message(fault) } })
    end

    # The schema of a file. Loaded by the first dish that comes in: no other page and no command needs it.
    def schema(path)
      require "json_schemer"
      JSONSchemer.schema(Pathname.new(path))
    end

    def place(fault, under)
      pointer = fault["data_pointer"].delete_prefix("/").tr("/", ".")
      pointer.empty? ? under : pointer
    end

    def message(fault)
      rule = fault["schema"]
      plain = PLAIN[fault["type"]]
      return format(plain, **(rule || {}).transform_keys(&:to_sym)) if plain

      case fault["type"]
      when "required" then "must have #{fault.dig('details', 'missing_keys').join(', ')}"
      when "enum" then "must be one of: #{rule['enum'].compact.join(', ')}"
      when *BOUNDS then between(rule)
      else "must be of type #{[*rule['type']].join(' or ')}"
      end
    end

    def between(rule)
      "must be between #{rule['minimum'] || rule['exclusiveMinimum']} and #{rule['maximum']}"
    end
    private_class_method :place, :message, :between
  end
end
