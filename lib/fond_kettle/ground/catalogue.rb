# frozen_string_literal: true

require_relative "errors"
require_relative "disk_cache"
require_relative "paths"
require_relative "schema"

module FondKettle
  # Reads a catalogue file and checks every entry against a schema, so that a
  # slip in a data file is told at start, with its file, line, entry and field.
  module Catalogue
    # Loaded only where a text is read anew.
    YAML_TEXT = File.expand_path("yaml_text.rb", __dir__)
    private_constant :YAML_TEXT
    # How entries are named: lower-case words with hyphens.
    KEY = /\A[a-z]+(-[a-z]+)*\z/

    module_function

    # `path` holds a list of entries; returns the entries as checked hashes with
    # symbol keys. Ours are checked once (DiskCache). Raises BadCatalogue.
    def read(path, schema)
      text = text_of(path)
      return read_text(text, path, schema) unless ours?(path)

      DiskCache.of(path, text) { read_text(text, path, schema) }
    end

    # True for a file of the project, false for a file of a household.
    def ours?(path)
      path.start_with?(DATA)
    end

    def read_text(text, path, schema)
      entries = parse(text, path)
      raise BadCatalogue, "#{path}: must be a list of entries" unless entries.is_a?(Array)

      entries.each_with_index.map do |entry, index|
        check(entry, schema, path: path, text: text, inside: [index])
      end
    end

    # Text of a file. Raises BadCatalogue where it cannot be read.
    def text_of(path)
      File.read(path, encoding: "UTF-8")
    rescue SystemCallError => e
      raise BadCatalogue, "#{path}: cannot be read (#{e.class.name.split('::').last})"
    end

    # YAML to plain values; `path` is only for the message. What is nested too deeply is
    # refused while it is read, before anything is made of it. Raises BadCatalogue.
    def parse(text, path)
      require YAML_TEXT
      YamlText.parse(text, path)
    end

    # Checks one entry against `schema` and returns it with symbol keys. `inside`: its place in the file's
    # `text`, for the line number. Raises BadCatalogue.
    def check(entry, schema, path:, text:, inside: [])
      raise BadCatalogue, "#{path}: must be a list of names and values" unless entry.is_a?(Hash)

      result = schema.call(entry)
      return result.to_h if result.success?

      faults = result.errors(full: true).map { |message| fault(message, text, inside) }
      raise BadCatalogue, [[path, entry["key"]].compact.join(", "), faults.join("; ")].join(": ")
    end

    def fault(message, text, inside)
      require YAML_TEXT
      line = YamlText.line_of(text, inside + message.path)
      wrong = Schema.sentence(message)
      if message.path.size > 1
        wrong = "#{message.path.join('.')} #{wrong.delete_prefix("#{message.path.last} ")}"
      end
      line ? "line #{line}: #{wrong}" : wrong
    end

    private_class_method :read_text, :fault
  end
end
