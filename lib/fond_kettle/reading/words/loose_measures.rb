# frozen_string_literal: true

require_relative "../../ground/catalogue"
require_relative "../../ground/paths"
require_relative "../../ground/schema"
require_relative "../../ground/value"
require_relative "../../measure/numeral"
require_relative "amount_forms"

module FondKettle
  module Reading
    # A row of data/reading/measures.yml, whose head says what each field is.
    LooseMeasure = Value.define(:words, :as, :ask)

    # A text in which loose measures stand as certain ones; `asks`: a question about each that is a guess.
    CertainText = Value.define(:text, :asks)

    # Reads loose measures: a handful, a glass, a big onion.
    module LooseMeasures
      SCHEMA = Schema.json(strict: true) do
        required(:words).array(:string)
        required(:as).filled(:string)
        optional(:ask).filled(:bool)
      end
      ASK = "How much is “%s”? %s is taken for it."
      # How much more or less than usual a thing or a spoon is, by what is said of it.
      SIZES = { /\b(?:big|large|fat|huge)\b/i => 1.5, /\b(?:small|little|baby)\b/i => 0.7,
                /\b(?:heaped|heaping|generous)\b/i => 1.5, /\bscant\b/i => 0.85 }.freeze
      EGG_SIZES = (0.85..1.15)
      # "Butter the size of an egg", "a walnut-sized piece of ginger": [words, g].
      LIKE = { "egg" => 50, "walnut" => 20, "hazelnut" => 8, "nut" => 15, "thumb" => 15, "fist" => 200,
               "stock cube" => 10, "olive" => 5, "golf ball" => 40 }.freeze
      # A name of at most five words.
      FEW_WORDS = "[[:alpha:]'-]{1,30}(?: [[:alpha:]'-]{1,30}){0,4}?"
      THING = LIKE.keys.join("|").freeze
      PIECE = /(?:an?\s+)?(?:piece|lump|knob|bit|ball)s?\s+of\s+/i
      # "The size of an egg", "as big as your thumb"
      AS_BIG = /(?:the\s+(?:size|bigness)\s+of|as\s+big\s+as)\s+(?:an?|your)\s+(?<like>#{THING})\b/i
      SIZE_OF = /\A(?:#{PIECE})?(?<what>#{FEW_WORDS})\s+#{AS_BIG}/ix
      # "Butter, a lump the size of a walnut"
      SIZE_BEHIND = /\A(?<what>#{FEW_WORDS}),?\s+(?:an?\s+)?(?:piece|lump|knob|bit|ball)\s+#{AS_BIG}/ix
      SIZED = /\A(?:(?:an?|one|1)\s+)?(?<like>#{THING})[- ]sized?\s+#{PIECE}(?<what>#{FEW_WORDS})/i
      # "A good glug of", where nobody says how much a good one is.
      ADJECTIVE = /\A(?<number>(?:an?|one|two|three|\d+)\s+)
                   (?:good|big|small|large|generous|little|decent|fat|heaped|level|rounded|scant)\s+
                   (?=(?:glug|knob|splash|drizzle|bunch|bundle|sprig|pinch|slice|piece|thumb|glass|mug|tin
                   |can|jar|packet|(?:tea|table|dessert)?spoon(?:ful)?|tsp|tbsp|handful)(?:e?s)?\b)/ix
      NUMBER = %r{(?<number>(?:\d[\d\s./,½¼¾⅓⅔⅛-]*|[½¼¾⅓⅔⅛]|\b(?:#{Measure::Numeral::WORD}|half\s+an?)))\s*}i

      module_function

      # All rows. Raises BadCatalogue.
      def all
        @all ||= Catalogue.read(File.join(DATA, "reading", "measures.yml"), SCHEMA)
                          .map { |row| LooseMeasure.new(ask: false, **row) }.freeze
      end

      # The CertainText of a line; `cups`: Measure::Cups of which it is known what they hold.
      #
      #   certain("a small handful of mint").text # => "15 g mint"
      def certain(line, cups = [])
        likened = SIZE_BEHIND.match(line) || SIZE_OF.match(line) || SIZED.match(line)
        return likened(likened) if likened

        text = AmountForms.plain(line)
        found = pattern.match(text) || pattern.match(text = text.sub(ADJECTIVE, '\k<number>'))
        return CertainText.new(text: text, asks: [].freeze) unless found

        row = own(found[:words], cups) || by_words[found[:words]] || by_words.fetch(found[:words].downcase)
        CertainText.new(text: text.sub(found[0]) { amount(found[:number].strip, row.as) },
                        asks: row.ask ? [format(ASK, found[0].strip, row.as)].freeze : [].freeze)
      end

      # The LooseMeasure of words that name one of some cups, or nil.
      def own(words, cups)
        name = words.downcase.delete_suffix(" of").strip
        cup = cups.find { |one| [one.name, one.named(2)].any? { |called| called.casecmp?(name) } }
        LooseMeasure.new(words: [words], as: "#{cup.ml.round} ml", ask: false) if cup
      end

      # What is as big as something known.
      def likened(found)
        weight = "#{LIKE.fetch(found[:like].downcase)} g"
        CertainText.new(text: "#{weight} #{found[:what].strip}",
                        asks: [format(ASK, found[0].strip, weight)].freeze)
      end

      # Times the usual weight that a thing has by what is said of its size; an `egg` is sold by size, and a
      # large one is little more than the usual.
      def size(text, egg: false)
        factor = SIZES.find { |words, _| text.match?(words) }&.last || 1.0
        egg ? factor.clamp(EGG_SIZES) : factor
      end

      def amount(number, unit)
        count = Measure::Numeral.read(number.sub(/\Aan?\z/i, "1").sub(/\Ahalf\s+an?\z/i, "1/2"))&.first || 1
        size, name = unit.match(/\A(\d+)\s*(.*)\z/)&.captures
        total = size ? count * size.to_f : count
        "#{Measure::Numeral.write(total)} #{name || unit} "
      end

      def by_words
        @by_words ||= all.flat_map { |row| row.words.map { |words| [words, row] } }.to_h
      end

      def pattern
        @pattern ||= begin
          words = by_words.keys.sort_by { |one| -one.size }.map { |one| Regexp.escape(one) }
          /\A(?:about\s+)?#{NUMBER}(?<words>#{words.join('|')})(?![[:alpha:]-])\s*/i
        end
      end
      private_class_method :likened, :own, :amount, :by_words, :pattern
    end
  end
end
