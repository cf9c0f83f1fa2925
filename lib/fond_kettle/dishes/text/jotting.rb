# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../larder/names"
require_relative "../../measure/amounts"
require_relative "../../measure/numeral"
require_relative "../../measure/unit_table"
require_relative "jotted_parts"
require_relative "jotted_things"

module FondKettle
  module Dishes
    # One thing of a jotted line: `number` of a `unit` (nil: not said), its `name` and `note`,
    # what stood in brackets (`inner`), the `stage` that its words name ("to serve": beside), and
    # `asks`, keys of what has to be asked about it (QuickText::ASKS).
    Jotted = Value.define(:number, :unit, :name, :note, :inner, :stage, :asks)

    # Takes the part of a line before its first bar apart: amounts in front or behind, packs,
    # brackets, two things on one line. Every look goes from the front to the end once.
    class Jotting
      APPROXIMATE = /\A(?:about|ca\.?|circa|approx\w*\.?|roughly|around|some|
                         (?:an?\s+)?(?:good|generous|scant|heaped|rounded|level))\s+/ix
      # When it goes in, by what is said behind it.
      SERVED = { "beside" => /[,\s]\s*(?:(?:to|for)\s+serv(?:e|ing)(?:\s+with)?|on\s+the\s+side)\s*\z/i,
                 "finish" => /[,\s]\s*(?:to\s+(?:garnish|finish|sprinkle|top)(?:\s+at\s+the\s+end)?
                              |for\s+(?:the\s+top|garnish|garnishing|sprinkling)
                              |at\s+the\s+end)\s*\z/ix }.freeze
      SIZED = /\A(?:small|large|big|fat|medium|good|heaped|generous|level|scant)\s+/i
      TIN = /\A(?:tin|can)\b\s*(?:of\s+)?/i
      PACK = /\A(?:tins?|cans?|cartons?|jars?|packets?|packs?)\b\s*(?:of\s+)?/i
      TIMES = /\A\s*x\s*(?=[\d½¼¾⅓⅔⅛])/i
      TRAILING = /\A(?<name>[^\d½¼¾⅓⅔⅛()]+?)\s*[-:–,]?\s*(?<amount>[\d½¼¾⅓⅔⅛].*)\z/
      DASH = /\s[-–]\s/
      LEADING_OF = /\A(?:of\s+|x\s+(?=[[:alpha:]]))/i

      # `amounts`: Measure::Amounts; `names`: Larder::Names.
      def initialize(amounts, names)
        @amounts = amounts
        @names = names
        @things = JottedThings.new(amounts, names)
      end

      # The Jotted of a text, one or several.
      def read(head)
        text = head.tr("[]×", "()x").strip
        stage = SERVED.find { |_, words| text.match?(words) }&.first
        text = text.sub(SERVED.fetch(stage), "") if stage
        bare, inner = out_of_brackets(text)
        things = inner ? nil : @things.split(bare)
        (things || [bare]).map { |thing| one(thing, inner, stage) }
      end

      private

      def one(text, inner, stage)
        asks = []
        text, part = JottedParts.without(text.sub(APPROXIMATE, ""))
        number, unit, rest, inner = amount(text, inner)
        name, note = rest.sub(LEADING_OF, "").split(",", 2).map(&:strip)
        name, inner = weight_behind(name.to_s, inner)
        note, inner = weight_in(note, inner)
        name, number, unit = counted(name, number, unit)
        name, note = first_of_two(name, note, asks)
        name = "#{Larder::Names.singular(name)} juice" if JottedParts.juice?(note, part)
        asks.push(*JottedParts.doubts(name, note.to_s, part))
        note = [(part if part.is_a?(String)), note].compact.join(", ")
        Jotted.new(number: number, unit: unit, name: name, note: note, inner: inner, stage: stage,
                   asks: asks.freeze)
      end

      # What stands outside and within the first brackets (nil: none), by one look from
      # the front.
      def out_of_brackets(text)
        opens = text.index("(")
        closes = opens && text.index(")", opens)
        return [text, nil] unless closes

        ["#{text[0...opens].rstrip} #{text[(closes + 1)..].strip}".strip.gsub(/\s+,/, ","),
         text[(opens + 1)...closes].strip]
      end

      # Number, unit, the rest and what stood in brackets, of "400 g lamb", "2 x 400 g cans
      # tomatoes", "onions 2, chopped".
      def amount(text, inner)
        packed(text) || tinned(text) || leading(text, inner) || trailing(text, inner) ||
          in_brackets(text, inner) || [nil, nil, text, inner]
      end

      def leading(text, inner)
        found = @amounts.read(text)
        return unless found
        return [found.number, found.unit, found.rest, inner] if found.unit

        sized = @amounts.read("1 #{found.rest.sub(SIZED, '')}") if found.rest.match?(SIZED)
        return [found.number, sized.unit, sized.rest, inner] if sized&.unit

        [found.number, Measure::UnitTable::PIECE, found.rest, inner]
      end

      # So many packs of a size.
      def packed(text)
        number, rest = Measure::Numeral.read(text)
        return unless number

        of_a_size(number, rest.sub(TIMES, ""), PACK)
      end

      # One tin of a size: "400 g can tomatoes".
      def tinned(text)
        of_a_size(1, text, TIN)
      end

      def of_a_size(number, text, container)
        size = @amounts.read(text)
        return unless size&.unit && !Measure::UnitTable.piece?(size.unit) && size.rest.match?(container)

        each = "#{Measure::Numeral.write(size.number)} #{size.unit} each"
        [number, "can", size.rest.sub(container, ""), each]
      end

      def trailing(text, inner)
        found = TRAILING.match(text)
        behind = found && @amounts.read(found[:amount])
        return unless behind && (behind.rest.empty? || behind.rest.start_with?(","))

        [behind.number, behind.unit || Measure::UnitTable::PIECE, "#{found[:name]}#{behind.rest}", inner]
      end

      # "tomatoes (3)"
      def in_brackets(text, inner)
        found = inner && @amounts.read(inner.sub(APPROXIMATE, ""))
        return unless found&.rest&.empty?

        [found.number, found.unit || Measure::UnitTable::PIECE, text, nil]
      end

      # "large carrots - 250 g"
      def weight_behind(name, inner)
        head, tail = name.split(DASH, 2)
        return [name, inner] if inner || tail.nil? || !weight?(tail)

        [head, tail]
      end

      # "1 leek, about 200 g"
      def weight_in(note, inner)
        return [note, inner] if inner || note.nil? || !weight?(note)

        [nil, note]
      end

      def weight?(text)
        found = @amounts.read(text.sub(APPROXIMATE, ""))
        found&.rest&.empty? && Measure::UnitTable.mass?(found.unit)
      end

      # "ghee or oil": the first, and the cook is told.
      def first_of_two(name, note, asks)
        first, second = name.split(/\s+or\s+/i, 2)
        return [name, note] unless second && @names.whole?(first) && @names.whole?(second)

        asks << "or"
        [first, ["or #{second}", note].compact.join(", ")]
      end

      # "6 cloves" is the spice, "4 garlic cloves" are cloves.
      def counted(name, number, unit)
        return [name, number, unit] unless number
        return [Measure::Amounts.label(unit, 2), number, Measure::UnitTable::PIECE] if bare_piece?(name, unit)
        return [name, number, unit] unless unit == Measure::UnitTable::PIECE

        *words, last = name.split
        piece = @amounts.unit_of(last.to_s) if words.any? && !@names.whole?(name)
        return [name, number, unit] unless Measure::UnitTable.piece?(piece) && piece != unit

        [words.join(" "), number, piece]
      end

      def bare_piece?(name, unit)
        name.empty? && Measure::UnitTable.piece?(unit) && unit != Measure::UnitTable::PIECE
      end
    end
  end
end
