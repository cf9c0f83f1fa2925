# frozen_string_literal: true

require "json"
require_relative "../ground/errors"
require_relative "../ground/value"
require_relative "dish_forward"
require_relative "dish_markdown"
require_relative "recipe_ld"
require_relative "recipe_page"
require_relative "recipe_text"

module FondKettle
  module Formats
    # A dish that is told in words: the `text`, and what of its source was `left_out` (sentences).
    ToldText = Value.define(:text, :left_out)

    # Reads a dish from whatever was pasted or sent: JSON or Markdown of our own, JSON-LD, a page's source, or
    # what a cook jotted down.
    module DishReader
      MOST_BYTES = 8 * 1024 * 1024
      # What begins a page, or data.
      DATA = /\A\s*[<{\[]|<(?:html|script|body|div|p)\b/i

      module_function

      # A hash of a dish of schema 2 or a ToldText; `house`: names, cups and library of DishForward. Raises
      # InvalidInput (field "source") with the reason.
      def read(text, **house)
        text = text.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        check(text)
        own = own(text) || DishMarkdown.own(text)
        return of_ours(own, house) if own
        return ToldText.new(text: text, left_out: [].freeze) unless text.match?(DATA)

        of_page(RecipePage.new(text), house)
      end

      def of_page(page, house)
        recipe = page.recipe
        own = recipe[RecipeLd::OWN]
        return of_ours(own, house) if own.is_a?(Hash)

        told = RecipeText.new(recipe, page.broken)
        ToldText.new(text: told.text, left_out: told.left_out.freeze)
      end

      def of_ours(data, house)
        data.key?("schema") ? data : DishForward.new(data, **house).call
      end

      def check(text)
        raise InvalidInput.at("source", "must be text (UTF-8)") unless text.valid_encoding?
        raise InvalidInput.at("source", "must be given: paste a recipe or choose a file") if text.strip.empty?
        return if text.bytesize <= MOST_BYTES

        most, has = [MOST_BYTES, text.bytesize].map { |bytes| bytes / 1024 / 1024 }
        raise InvalidInput.at("source",
                              "must have at most #{most} MB; this has #{has}. Paste the part with the recipe")
      end

      def own(text)
        return unless text.lstrip.start_with?("{")

        data = JSON.parse(text)
        data if data["schema"] || data["format"].to_s.start_with?("fond-kettle-dish")
      rescue JSON::ParserError
        nil
      end

      private_class_method :of_page, :of_ours, :check, :own
    end
  end
end
