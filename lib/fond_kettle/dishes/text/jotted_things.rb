# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../../measure/amounts"

module FondKettle
  module Dishes
    # Several things on one line: "2 onions and 3 carrots", "salt, pepper and paprika", "1 tsp
    # each cumin and coriander seed". A line is only broken up where every part names
    # something whole, so that a note stays a note.
    class JottedThings
      # More than so many parts are no list of things.
      MOST = 6
      BETWEEN = /\s*,\s*|\s+(?:and|&)\s+|\s*&\s*/i
      # "Ground and bloomed in milk": what is done to it first.
      GROUND_FIRST = /(?:(?:ground|crushed|pounded|toasted)\s+(?:and|then)\s+)?/ix
      # "saffron in 3 tbsp warm milk", "dried mushrooms, soaked in 250 mL water"
      STEEPED = /(?:,\s*|\s)(?:#{GROUND_FIRST}
                 (?:soaked|steeped|dissolved|infused|bloomed|stirred|mixed)\s+)?in\s+(?=[\d½¼¾⅓⅔⅛])/ix
      OF = /\Aof\s+/i
      EACH = /\Aeach\b\s*(?:of\s+)?/i

      # `amounts`: Measure::Amounts; `names`: Larder::Names.
      def initialize(amounts, names)
        @amounts = amounts
        @names = names
      end

      # Texts of the things, or nil where it is one.
      def split(text)
        steeped(text) || list(text)
      end

      private

      def list(text)
        parts = text.split(BETWEEN, MOST + 1)
        return if parts.size < 2 || parts.size > MOST || named?(text)

        each(parts, text) || (parts if parts.all? { |part| thing?(part) } && list?(parts, text))
      end

      # A thing, and the liquid that it lies in.
      def steeped(text)
        parts = text.split(STEEPED, 2)
        parts if parts.size == 2 && parts.all? { |part| thing?(part) }
      end

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
        amount = @amounts.read(part) || @amounts.read("1 #{part}")
        named?(part) || (!amount.nil? && named?(amount.rest.sub(OF, "")))
      end

      def named?(text)
        @names.whole?(text)
      end
    end
  end
end
