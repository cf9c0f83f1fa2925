# frozen_string_literal: true

require "yaml"
require_relative "errors"

module FondKettle
  # A text of names and values, and where in it something stands.
  module YamlText
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

      # Enters a list, or names and values. Raises BadCatalogue.
      def start_sequence(*)
        @depth += 1
        raise BadCatalogue, "#{@path}: is nested too deeply" if @depth > DEEPEST
      end
      alias start_mapping start_sequence

      # Leaves it again.
      def end_sequence
        @depth -= 1
      end
      alias end_mapping end_sequence
    end
    private_constant :Shallow

    module_function

    # Plain values; `path` is only for the message. Raises BadCatalogue.
    def parse(text, path)
      Psych::Parser.new(Shallow.new(path)).parse(text)
      YAML.safe_load(text)
    rescue Psych::SyntaxError => e
      raise BadCatalogue, "#{path}, line #{e.line}: #{e.problem} #{e.context}".strip
    rescue Psych::Exception, ArgumentError => e
      raise BadCatalogue, "#{path}: #{e.message}"
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

    private_class_method :below
  end
end
