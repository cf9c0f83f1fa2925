# frozen_string_literal: true

require "json"
require "strscan"
require_relative "../ground/errors"
require_relative "../ground/limits"

module FondKettle
  module Formats
    # Finds a schema.org Recipe in a page's source or in JSON-LD.
    class RecipePage
      DEEPEST = 12
      CLOSE = "</script"
      DATA_TYPE = %r{type\s*=\s*["']?application/ld\+json}i

      # `text`: the page's source, or JSON.
      def initialize(text)
        @text = text
        blocks = text.lstrip.start_with?("{", "[") ? [text] : scripts
        parsed = blocks.map { |block| parse(block) }
        @blocks = parsed.compact
        @broken = parsed.count(nil)
      end

      # Number of blocks of data that could not be read.
      attr_reader :broken

      # The first recipe, a hash. Raises InvalidInput where there is none.
      def recipe
        found = @blocks.lazy.filter_map { |block| recipe_in(block, DEEPEST) }.first
        found || raise(InvalidInput.at("source", missing))
      end

      private

      # Scripts of data, found from the front to the end: no page is built, however large or
      # crooked it is.
      def scripts
        scanner = StringScanner.new(@text)
        found = []
        while scanner.skip_until(/<script\b/i) && (about = scanner.scan_until(/>/)) &&
              (body = scanner.scan_until(%r{</script}i))
          found << body[0...-CLOSE.size] if about.size <= Limits::LINE_LETTERS && about.match?(DATA_TYPE)
        end
        found
      end

      def parse(block)
        JSON.parse(block)
      rescue JSON::ParserError, EncodingError
        nil
      end

      def missing
        damaged = ", and #{@broken} block of data is damaged" if @broken.positive?
        "must hold a recipe as data (schema.org Recipe, JSON-LD): none was found#{damaged}"
      end

      def recipe_in(node, deep)
        return if deep.zero?

        case node
        when Array then node.lazy.filter_map { |inner| recipe_in(inner, deep - 1) }.first
        when Hash
          return node if Array(node["@type"]).include?("Recipe")

          recipe_in(node.values.select { |inner| inner.is_a?(Hash) || inner.is_a?(Array) }, deep - 1)
        end
      end
    end
  end
end
