# frozen_string_literal: true

require "json"
require_relative "dish_json"
require_relative "recipe_page"

module FondKettle
  module Formats
    # Reads a dish from whatever was pasted or sent: JSON of our own, JSON-LD, or a
    # page's source.
    module DishReader
      MOST_BYTES = 8 * 1024 * 1024

      module_function

      # A Draft. Raises InvalidInput (field "source") with the reason.
      def draft(text, names:, cups:)
        text = text.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        check(text)
        own = own(text)
        own ? DishJson.draft(own) : RecipePage.new(names: names, cups: cups).draft(text)
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
        data if data["format"].to_s.start_with?("fond-kettle-dish")
      rescue JSON::ParserError
        nil
      end

      private_class_method :check, :own
    end
  end
end
