# frozen_string_literal: true

require "did_you_mean"
require_relative "../../ground/errors"
require_relative "../../ground/schema"

module FondKettle
  module Formats
    # Fields of a request that nobody knows. They are refused, so that nothing the caller wrote is dropped in
    # silence.
    module UnknownKeys
      # Nobody reads further down a list of faults.
      MOST_TOLD = 20

      module_function

      # Problems (as in InvalidInput) of `data`, a hash as parsed, against the keys of a
      # `schema`, each with the nearest known name.
      def in(data, schema)
        walk(data, schema.key_map, []).first(MOST_TOLD)
      end

      # The hash of `data` by a `schema`. Raises InvalidInput with the keys that nobody knows and with all
      # else that is wrong.
      def checked(data, schema)
        result = schema.call(data)
        problems = self.in(data, schema) + Schema.problems(result)
        raise InvalidInput, problems if problems.any?

        result.to_h
      end

      def walk(data, keys, path)
        known = keys.to_h { |key| [key.name, key] }
        data.flat_map do |name, value|
          if known.key?(name.to_s)
            below(value, known[name.to_s], [*path, name])
          else
            [problem(name, known.keys, path)]
          end
        end
      end

      def below(value, key, path)
        return walk(value, key.members, path) if key.respond_to?(:members) && value.is_a?(Hash)
        return [] unless key.respond_to?(:member) && value.is_a?(Array)

        value.each_with_index.flat_map do |item, index|
          item.is_a?(Hash) ? in_list(item, key, [*path, index]) : []
        end
      end

      def in_list(item, key, path)
        key.member.is_a?(Dry::Schema::KeyMap) ? walk(item, key.member, path) : []
      end

      def problem(name, known, path)
        near = DidYouMean::SpellChecker.new(dictionary: known).correct(name.to_s).first ||
               longer(name.to_s, known)
        meant = near ? "; did you mean #{[*path, near].join('.')}?" : "; known: #{known.join(', ')}"
        { field: [*path, name].join("."), message: "is not known#{meant}" }
      end

      # A name without its unit: "diameter".
      def longer(name, known)
        known.find { |other| other.start_with?("#{name}_") }
      end

      private_class_method :walk, :below, :in_list, :problem, :longer
    end
  end
end
