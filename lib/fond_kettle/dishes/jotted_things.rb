# frozen_string_literal: true

require_relative "../larder/names"
require_relative "../measure/amounts"

module FondKettle
  module Dishes
    # Several things on one line: "2 onions and 3 carrots", "salt, pepper and paprika", "1 tsp
    # each cumin and coriander seed". A line is only broken up where every part names
    # something whole, so that a note stays a note.
    class JottedThings
      # More than so many parts are no list of things.
      MOST = 6
      BETWEEN = /\s*,\s*|\s+(?:and|&)\s+|\s*&\s*/i
      EACH = /\Aeach\b\s*(?:of\s+)?/i

      # `amounts`: Measure::Amounts; `names`: Larder::Names.
      def initialize(amounts, names)
        @amounts = amounts
        @names = names
      end

      # Texts of the things, or nil where it is one.
      def split(text)
        parts = text.split(BETWEEN, MOST + 1)
        return if parts.size < 2 || parts.size > MOST || named?(text)

        each(parts, text) || (parts if parts.all? { |part| thing?(part) } && list?(parts, text))
      end

      private

      # One amount of each of them.
      def each(parts, text)
        amount = @amounts.read(parts.first)
        return unless amount&.rest&.match?(EACH)

        said = text[0...text.index(amount.rest)].strip
        names = [amount.rest.sub(EACH, ""), *parts.drop(1)]
        names.map { |name| "#{said} #{name}" } if names.all? { |name| named?(name) }
      end

      # Behind a comma stands a note, unless every part has its amount or none has.
      def list?(parts, text)
        !text.include?(",") || parts.map { |part| @amounts.read(part).nil? }.uniq.size == 1
      end

      def thing?(part)
        amount = @amounts.read(part)
        named?(amount ? amount.rest : part)
      end

      def named?(text)
        @names.whole?(text)
      end
    end
  end
end
