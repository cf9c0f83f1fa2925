# frozen_string_literal: true

require "yaml"
require_relative "errors"
require_relative "schema"

module FondKettle
  # Reads a catalogue file and checks every entry against a schema, so that a
  # slip in a data file is told at start, with its file, entry and field.
  module Catalogue
    module_function

    # `path` holds a list of entries; returns the entries as checked hashes with
    # symbol keys. Raises BadCatalogue.
    def read(path, schema)
      entries = parse(path)
      raise BadCatalogue, "#{path}: must be a list of entries" unless entries.is_a?(Array)

      entries.each_with_index.map { |entry, index| check(path, entry, index, schema) }
    end

    # One file, one entry (a method).
    def read_one(path, schema)
      check(path, parse(path), nil, schema)
    end

    def parse(path)
      YAML.safe_load_file(path)
    rescue Psych::Exception => e
      raise BadCatalogue, "#{path}: #{e.message}"
    end

    def check(path, entry, index, schema)
      result = schema.call(entry.is_a?(Hash) ? entry : {})
      return result.to_h if entry.is_a?(Hash) && result.success?

      where = [path, index && "entry #{index + 1}", entry.is_a?(Hash) && entry["key"]].select { |part| part }.join(", ")
      raise BadCatalogue, "#{where}: #{faults(result)}"
    end

    def faults(result)
      result.errors(full: true).map(&:text).join("; ")
    end

    private_class_method :parse, :check, :faults
  end
end
