# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../ground/limits"
require_relative "../measure/numeral"
require_relative "../measure/rounding"

module FondKettle
  module Formats
    # A schema.org Recipe in plain sentences, as a cook would tell it: title, for how many, what goes in, what
    # is done. Markup in its texts is taken off and never kept.
    class RecipeText
      TAKEN = %w[@context @type @id name recipeYield yield recipeIngredient ingredients
                 recipeInstructions].freeze
      # "Serves 4", "four servings"; not "a crowd".
      COUNT = /\d.*|\b(?:two|three|four|five|six|seven|eight|nine|ten|twelve)\b.*/i
      SECTION = "itemListElement"
      # Letters of one text of a recipe; nobody writes more.
      LONGEST_TEXT = 20_000
      TITLE_LETTERS = 120
      DEEPEST = 12
      ENDS = /[.!?:]\z/

      # `recipe`: a hash; `broken`: number of blocks of data beside it that could not be read.
      def initialize(recipe, broken)
        @recipe = recipe
        @broken = broken
      end

      # The text. Raises InvalidInput where it lists too much.
      def text
        serves = servings
        [plain(@recipe["name"])[0, TITLE_LETTERS], ("For #{Measure::Rounding.plain(serves)}." if serves), "",
         *ingredients, "", *instructions(@recipe["recipeInstructions"], DEEPEST)].compact.join("\n")
      end

      # What was not taken over, one sentence each.
      def left_out
        [(yield_not_understood if servings.nil? && said_yield.any?),
         ("#{@broken} damaged block of data was passed over." if @broken.positive?),
         *(@recipe.keys - TAKEN).map { |key| "Left out: #{plain(key)}." }].compact
      end

      private

      def ingredients
        listed = Array(@recipe["recipeIngredient"] || @recipe["ingredients"])
        return texts(listed) if listed.size <= Limits::LINES

        raise InvalidInput.at("source",
                              "must list at most #{Limits::LINES} ingredients; this lists #{listed.size}")
      end

      def said_yield
        texts(@recipe["recipeYield"] || @recipe["yield"])
      end

      def servings
        said_yield.filter_map { |text| Measure::Numeral.read(text[COUNT].to_s)&.first }.find(&:positive?)
      end

      def yield_not_understood
        "How many it serves: “#{said_yield.first}” was not understood."
      end

      # A section is headed by its name.
      def instructions(node, deep)
        return [] if deep.zero?

        case node
        when Array then node.first(Limits::LINES).flat_map { |inner| instructions(inner, deep - 1) }
        when Hash then node[SECTION] ? section(node, deep) : sentences(node["text"] || node["name"])
        when String then sentences(node)
        else []
        end
      end

      def section(node, deep)
        name = plain(node["name"])
        heading = name.match?(ENDS) ? name : "#{name}:" unless name.empty?
        [*heading, *instructions(node[SECTION], deep - 1)]
      end

      def sentences(node)
        rows = plain(node).split(/\n+/).map(&:strip).reject(&:empty?)
        rows.map { |row| row.match?(ENDS) ? row : "#{row}." }
      end

      def texts(node)
        Array(node).map { |text| plain(text).tr("\n", " ") }.reject(&:empty?)
      end

      # Text without markup, scripts or line breaks within words. The HTML library is
      # loaded by the first page that comes in.
      def plain(node)
        return "" if node.nil? || node.is_a?(Hash) || node.is_a?(Array)

        require "nokogiri"
        fragment = Nokogiri::HTML5.fragment(node.to_s[0, LONGEST_TEXT], max_tree_depth: 400, max_errors: 0)
        fragment.css("script, style").each(&:remove)
        fragment.text.gsub(/[[:space:]&&[^\n]]+/, " ").strip
      rescue ArgumentError
        ""
      end
    end
  end
end
