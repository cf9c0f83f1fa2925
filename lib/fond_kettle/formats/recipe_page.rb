# frozen_string_literal: true

require "json"
require "strscan"
require_relative "../ground/errors"
require_relative "../ground/limits"
require_relative "../measure/numeral"
require_relative "../measure/units"
require_relative "../methods/library"
require_relative "../dishes/text/quick_text"
require_relative "dish_json"
require_relative "draft"
require_relative "recipe_ld"

module FondKettle
  module Formats
    # Finds a schema.org Recipe in a page's source or in JSON-LD and makes a Draft of
    # it. Markup in its texts is taken off and never kept.
    class RecipePage
      NO_RICE = "No rice with an amount was found among the ingredients; say how much."
      MORE_RICE = "More than one rice is written; the first counts, the rest stands among the lines."
      NO_WAY = "Which way of cooking it wants is not in such data; the covered pot is put in. " \
               "Choose the right one."
      STEPS_KEPT = "Its instructions are kept as a note; the steps of the way of cooking are ours."
      BAKES = /\b(?:oven|bake|baked|roast)\b/i
      OVEN_HEAT = /(?<![\d.,])(\d{3})\s*°?\s*([CF])\b/i
      BOILING_C = 110
      TAKEN = %w[@context @type @id name recipeYield yield recipeIngredient ingredients recipeInstructions
                 description].freeze
      # "Serves 4", "four servings"; not "a crowd".
      COUNT = /\d.*|\b(?:two|three|four|five|six|seven|eight|nine|ten|twelve)\b.*/i
      SECTION = "itemListElement"
      DEEPEST = 12
      CLOSE = "</script"
      # Letters of one text of a recipe; nobody writes more.
      LONGEST_TEXT = 20_000
      DATA_TYPE = %r{type\s*=\s*["']?application/ld\+json}i

      # `names` and `cups` as for Dishes::QuickText.
      def initialize(names:, cups:)
        @names = names
        @quick = Dishes::QuickText.new(names: names, cups: cups)
      end

      # The Draft of the first recipe in `text`. Raises InvalidInput where there is none.
      def draft(text)
        blocks, broken = blocks(text)
        recipe = blocks.lazy.filter_map { |block| recipe_in(block, DEEPEST) }.first
        raise InvalidInput.at("source", missing(broken)) unless recipe

        own = recipe[RecipeLd::OWN]
        own.is_a?(Hash) ? DishJson.draft(own) : read(recipe, broken)
      end

      private

      # The blocks of data, and how many could not be read.
      def blocks(text)
        found = text.lstrip.start_with?("{", "[") ? [text] : scripts(text)
        parsed = found.map { |block| parse(block) }
        [parsed.compact, parsed.count(nil)]
      end

      # Scripts of data, found from the front to the end: no page is built, however large or
      # crooked it is.
      def scripts(text)
        scanner = StringScanner.new(text)
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

      def missing(broken)
        damaged = ", and #{broken} block of data is damaged" if broken.positive?
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

      def read(recipe, broken)
        written = ingredients(recipe).map { |line| line.tr("|", "/") }
        rice, lines = written.partition { |line| rice?(line) }
        serves, yield_said = serves(recipe)
        grain, rice_text = rice_of(rice)
        oven_c = oven_c(recipe)
        baked = { method: baking.key, way: { "oven_c" => oven_c } } if oven_c && baking
        Draft.of(title: plain(recipe["name"])[0, 120], serves: serves, grain: grain || "long-white",
                 rice: rice_text.to_s, lines: [*lines, *rice.drop(1)].join("\n"), note: note(recipe),
                 **baked.to_h,
                 left_out: [*left_out(recipe, rice, yield_said, broken),
                            baked ? baked_words(oven_c) : NO_WAY].freeze)
      end

      # How hot its instructions want an oven, °C, or nil where they speak of none.
      def oven_c(recipe)
        text = instructions(recipe["recipeInstructions"]).join("\n")[0, LONGEST_TEXT]
        return unless text.match?(BAKES)

        text.scan(OVEN_HEAT).filter_map do |number, unit|
          heat_c = Measure::Units.convert(number.to_f, unit.upcase, "C")
          heat_c.round if Limits::OVEN_C.cover?(heat_c) && heat_c > BOILING_C
        end.first
      end

      # The first of our methods that bakes, or nil.
      def baking
        Methods::Library.ours.all.values.find(&:oven?)
      end

      def baked_words(oven_c)
        "It speaks of an oven at #{oven_c} °C: #{baking.name.downcase} is put in. Choose the right one."
      end

      def ingredients(recipe)
        listed = Array(recipe["recipeIngredient"] || recipe["ingredients"])
        return texts(listed) if listed.size <= Limits::LINES

        raise InvalidInput.at("source",
                              "must list at most #{Limits::LINES} ingredients; this lists #{listed.size}")
      end

      def rice?(line)
        !@quick.read(line).rice.nil? || @names.grain(line.sub(%r{\A[\d\s.,/½¼¾⅓⅔-]+\p{Alpha}*\s*}, ""))
      end

      # The first rice line as grain and amount.
      def rice_of(rice)
        return unless rice.first

        read = @quick.read(rice.first).rice
        read ? [read.first, "#{read.last.round} g"] : [@names.grain(rice.first), ""]
      end

      # Servings, and what was said instead where no number could be found.
      def serves(recipe)
        said = texts(recipe["recipeYield"] || recipe["yield"])
        number = said.filter_map { |text| Measure::Numeral.read(text[COUNT].to_s)&.first }.find(&:positive?)
        number ? [Measure::Rounding.plain(number), nil] : ["4", said.first.to_s]
      end

      def note(recipe)
        steps = instructions(recipe["recipeInstructions"]).map.with_index(1) do |text, index|
          "#{index}. #{text}"
        end
        [plain(recipe["description"]), ("As the recipe tells it:\n#{steps.join("\n")}" if steps.any?)]
          .compact.reject(&:empty?).join("\n\n")[0, 20_000]
      end

      def instructions(node)
        case node
        when Array then node.first(Limits::LINES).flat_map { |inner| instructions(inner) }
        when Hash then node[SECTION] ? instructions(node[SECTION]) : [plain(node["text"] || node["name"])]
        when String then plain(node).split(/\n+/).map(&:strip).reject(&:empty?)
        else []
        end
      end

      def left_out(recipe, rice, yield_said, broken)
        [(yield_not_understood(yield_said) if yield_said), (NO_RICE if rice.empty?),
         (MORE_RICE if rice.size > 1), (STEPS_KEPT if recipe["recipeInstructions"]),
         ("#{broken} damaged block of data was passed over." if broken.positive?),
         *(recipe.keys - TAKEN).map { |key| "Left out: #{plain(key)}." }].compact
      end

      def yield_not_understood(said)
        "How many it serves#{": “#{said}”" unless said.empty?} was not understood; 4 is put in."
      end

      def texts(node)
        Array(node).map { |text| plain(text) }.reject(&:empty?)
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
