# frozen_string_literal: true

require "digest"
require "json"
require_relative "../../lib/fond_kettle/formats/request/graph_dish_reader"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/remembered"
require_relative "../../lib/fond_kettle/measure/rounding"

module FondKettle
  module Forms
    # What was read of a told dish travels with its form, so that it stays as it is until the cook's words are
    # others, or it is read anew.
    module ReadBefore
      MOST_BYTES = 1_000_000
      # The checked dish of a field `read` and Larder::Names: a bench put right sends the same one with
      # each change.
      CHECKED = Remembered.new(20) do |(read, names)|
        JSON.parse(read, freeze: true).tap { |dish| Formats::GraphDishReader.new(dish, names: names).dish }
      end
      private_constant :CHECKED

      module_function

      # The hidden fields, by name, of a dish of schema 2 (a hash) with its text.
      def fields(read)
        { "read" => JSON.generate(read), "read_of" => Digest::SHA256.hexdigest(read.fetch("text")) }
      end

      # The dish among a form's parameters that was read of this text, or nil; `names`: Larder::Names.
      def of(typed, text, names)
        read = typed["read"]
        return unless read.is_a?(String) && read.bytesize <= MOST_BYTES
        return unless typed["read_of"] == Digest::SHA256.hexdigest(text)

        dish = CHECKED[[read, names]]
        dish if dish["text"] == text
      rescue JSON::ParserError, InvalidInput
        nil
      end

      # A dish of schema 2 in words, where it came without its cook's own.
      def text(dish)
        lines = dish["lines"].map do |line|
          line["text"] || [weight(line["g"]), line["food"]].compact.join(" ")
        end
        serves = "For #{Measure::Rounding.plain(dish['serves'])}." if dish["serves"]
        [dish["title"], serves, "", *lines, "", *dish["steps"].map do |step|
          sentence(step["say"])
        end].compact.join("\n")
      end

      def weight(grams)
        "#{Measure::Rounding.plain(grams)} g" if grams
      end

      def sentence(words)
        words.match?(/[.!?]\z/) ? words : "#{words}."
      end
      private_class_method :weight, :sentence
    end
  end
end
