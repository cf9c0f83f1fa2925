# frozen_string_literal: true

require "yaml"
require_relative "errors"
require_relative "schema"

module FondKettle
  # Reads a catalogue file and checks every entry against a schema, so that a
  # slip in a data file is told at start, with its file, line, entry and field.
  module Catalogue
    # How deep anything of ours is nested, and some more.
    DEEPEST = 12

    # Counts how deep a text is nested.
    class Shallow < Psych::Handler
      # `path` is only for the message.
      def initialize(path)
        super()
        @path = path
        @depth = 0
      end

      # One level further in, of a list or of names and values. Raises BadCatalogue.
      def start_sequence(*)
        @depth += 1
        raise BadCatalogue, "#{@path}: is nested too deeply" if @depth > DEEPEST
      end
      alias start_mapping start_sequence

      # And out again.
      def end_sequence
        @depth -= 1
      end
      alias end_mapping end_sequence
    end
    private_constant :Shallow

    # How entries are named: lower-case words with hyphens.
    KEY = /\A[a-z]+(-[a-z]+)*\z/

    module_function

    # `path` holds a list of entries; returns the entries as checked hashes with
    # symbol keys. Raises BadCatalogue.
    def read(path, schema)
      text = text_of(path)
      entries = parse(text, path)
      raise BadCatalogue, "#{path}: must be a list of entries" unless entries.is_a?(Array)

      entries.each_with_index.map do |entry, index|
        check(entry, schema, path: path, text: text, inside: [index])
      end
    end

    # The text of a file. Raises BadCatalogue where it cannot be read.
    def text_of(path)
      File.read(path, encoding: "UTF-8")
    rescue SystemCallError => e
      raise BadCatalogue, "#{path}: cannot be read (#{e.class.name.split('::').last})"
    end

    # YAML to plain values; `path` is only for the message. What is nested too deeply is
    # refused while it is read, before anything is made of it.
    def parse(text, path)
      Psych::Parser.new(Shallow.new(path)).parse(text)
      YAML.safe_load(text)
    rescue Psych::SyntaxError => e
      raise BadCatalogue, "#{path}, line #{e.line}: #{e.problem} #{e.context}".strip
    rescue Psych::Exception, ArgumentError => e
      raise BadCatalogue, "#{path}: #{e.message}"
    end

    # One entry against `schema`; returns it with symbol keys. `inside` is its place
    # in the file's `text`, for the line. Raises BadCatalogue.
    def check(entry, schema, path:, text:, inside: [])
      raise BadCatalogue, "#{path}: must be a list of names and values" unless entry.is_a?(Hash)

      result = schema.call(entry)
      return result.to_h if result.success?

      faults = result.errors(full: true).map { |message| fault(message, text, inside) }
      raise BadCatalogue, [[path, entry["key"]].compact.join(", "), faults.join("; ")].join(": ")
    end

    def fault(message, text, inside)
      line = line_of(text, inside + message.path)
      wrong = Schema.sentence(message)
      if message.path.size > 1
        wrong = "#{message.path.join('.')} #{wrong.delete_prefix("#{message.path.last} ")}"
      end
      line ? "line #{line}: #{wrong}" : wrong
    end

    # Line of the deepest part of `steps` (keys and indexes) that the text has.
    def line_of(text, steps)
      node = YAML.parse(text)&.root
      line = node&.start_line
      steps.each do |step|
        key, node = below(node, step)
        break unless node

        line = (key || node).start_line
      end
      line && (line + 1)
    end

    def below(node, step)
      case node
      when Psych::Nodes::Sequence then [nil, node.children[step.to_i]]
      when Psych::Nodes::Mapping then node.children.each_slice(2).find { |key, _| key.value == step.to_s }
      end
    end

    private_class_method :fault, :line_of, :below
  end
end
