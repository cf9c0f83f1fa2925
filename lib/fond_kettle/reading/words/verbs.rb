# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../ground/catalogue"
require_relative "../../ground/paths"
require_relative "../../ground/remembered"
require_relative "../../ground/schema"
require_relative "../../ground/value"

module FondKettle
  module Reading
    # A row of data/reading/verbs.yml, whose head says what each field is.
    Verb = Value.define(:kind, :words, :parted, :joins, :apart, :bowl, :never)

    # A Verb in a text, and the place of its first letter.
    FoundVerb = Value.define(:verb, :from)

    # What verbs a text says.
    module Verbs
      SCHEMA = Schema.json(strict: true) do
        required(:kind).filled(:string, included_in?: Care::Kinds.all.keys)
        required(:words).array(:string)
        optional(:parted).array(:string)
        optional(:joins).filled(:bool)
        optional(:apart).filled(:bool)
        optional(:bowl).filled(:bool)
        optional(:never).array(:string)
      end
      BLANK = { parted: [].freeze, joins: false, apart: false, bowl: false, never: [].freeze }.freeze
      # Where a verb may begin: before it a sentence, a part of one, or what tells somebody to do it.
      BEFORE = /(?:\A|[,;:&(–—-]\s*(?:(?:and|then|but|now)\s+)*|
                   \b(?:and|then|now|you|I|we|to|it|them|or|while)\s+
                   |\bas\s+(?:they|it)\s+[[:alpha:]]{1,20},?\s+)\z/ix
      # What lets something go on: "let it simmer", "leave the rice to soak".
      LETS = /\b(?:let|leave|keep|put)\s+(?:[[:alpha:]']+\s+){1,7}(?:gently\s+|slowly\s+)?\z/i

      # Behind these no verb stands: "the rest of it", "a quarter".
      NOUN = /\b(?:one|two|the|an?|its|of|half|three|in|small|thick|thin)\s+\z/i

      # A few words for a thing within a verb.
      BETWEEN = "\\s+(?:the|it|them|that|this|those|half|all|your|an?|[\\d½]+)" \
                "(?:\\s+(?!upside\\b)[[:alpha:]'-]+){0,4}?\\s+"
      BRING = "bring"
      # "Cover with 1.2 litres of water", "cover them with cold water"
      COVERED_WITH = %r{\bcover(?:\s+(?:it|them|all|the(?:\s+[[:alpha:]]+){1,2}))?\s+with\s+
                        (?:(?:[\d½¼¾⅓⅔.,/]+|an?|the|some|enough|plenty|fresh|clean|more|cold|hot|boiling|warm
                        |salted|measured|chicken|vegetable|beef|fish|coconut|ml|l|g|dl|cl|cups?|litres?
                        |liters?|pints?|glass(?:es)?|of)\s+){0,6}
                        (?:water|stock|broth|milk|liquid|liquor|wine)\b}ix
      POUR = "pour over"
      # A word, and what goes on with one.
      START = /(?<![[:alpha:]-])[[:alpha:]]+/
      LETTER = /[[:alpha:]-]/
      # Letters before a verb that say whether it is one.
      REACH = 60
      # By a text; the same words are looked at as a row, a sentence and a clause.
      ALL_IN = Remembered.new(2000) { |text| search(text) }
      private_constant :ALL_IN

      module_function

      # All rows. Raises BadCatalogue.
      def all
        @all ||= Catalogue.read(File.join(DATA, "reading", "verbs.yml"), SCHEMA)
                          .map { |row| Verb.new(**BLANK, **row) }.freeze
      end

      # The FoundVerbs of a text that are told to be done, from its front to its end.
      def found(text)
        all_in(text).select { |one| told?(text, one) }
      end

      # True where a FoundVerb of a text is told to be done.
      def told?(text, found)
        before = before(text, found.from)
        before.match?(BEFORE) || before.match?(LETS)
      end

      # Every one whose words stand in a text, as a noun too.
      def all_in(text)
        ALL_IN[text]
      end

      def search(text)
        nouns = ranges(text, never)
        found = said(text).map { |words, from| FoundVerb.new(verb: by_words.fetch(words), from: from) }
        parted = parted(text) + covering(text)
        found = [*parted, *found.reject { |one| parted.any? { |other| other.from == one.from } }]
        found.sort_by(&:from).reject do |one|
          nouns.any? { |range| range.cover?(one.from) } || before(text, one.from).match?(NOUN)
        end.freeze
      end

      # Those that stand around what they are done to: "get the pepper out".
      def parted(text)
        parted_patterns.flat_map do |verb, pattern|
          text.to_enum(:scan, pattern).map { FoundVerb.new(verb: verb, from: Regexp.last_match.begin(0)) }
        end
      end

      # What is covered with a liquid has that poured over it: no lid.
      def covering(text)
        text.to_enum(:scan, COVERED_WITH).map do
          FoundVerb.new(verb: by_words.fetch(POUR), from: Regexp.last_match.begin(0))
        end
      end

      def parted_patterns
        @parted_patterns ||= all.reject { |verb| verb.parted.empty? }.map do |verb|
          ways = verb.parted.map { |words| parted_way(words) }
          [verb, /(?<![[:alpha:]-])(?:#{ways.join('|')})(?![[:alpha:]-])/i]
        end
      end

      # "Bring the remaining two cups of stock to a boil": more may stand within it.
      def parted_way(words)
        first, *rest = words.split
        return Regexp.escape(words).sub("\\ ") { BETWEEN } unless first == BRING

        "#{first}\\s[^.;:]{1,90}?\\s#{rest.join('\\s')}"
      end

      # What stands right before a place.
      def before(text, from)
        text[[from - REACH, 0].max...from]
      end

      def never
        @never ||= /\b(?:#{all.flat_map(&:never).map { |words| Regexp.escape(words) }.join('|')})\b/i
      end

      def ranges(text, words)
        text.to_enum(:scan, words).map { Regexp.last_match.begin(0)...Regexp.last_match.end(0) }
      end

      def by_words
        @by_words ||= all.flat_map { |verb| verb.words.map { |words| [words, verb] } }.to_h
      end

      # [a row's words, the place of their first letter] of each in a text, the longest at a place.
      def said(text)
        small = text.downcase
        return [] if small.size != text.size

        past = 0
        small.to_enum(:scan, START).filter_map do
          from = Regexp.last_match.begin(0)
          words = from < past ? nil : longest(small, from, Regexp.last_match[0])
          past = from + words.size if words
          words && [words, from]
        end
      end

      # The longest words that begin at a place with a first word, or nil.
      def longest(text, from, first)
        by_first.fetch(first, []).find do |words|
          text[from, words.size] == words && !text[from + words.size, 1].match?(LETTER)
        end
      end

      # Rows' words by the first of them, the longest first.
      def by_first
        @by_first ||= by_words.keys.sort_by { |words| -words.size }.group_by { |words| words[START] }
      end
      private_class_method :search, :parted, :covering, :parted_patterns, :parted_way, :before, :never,
                           :ranges, :by_words, :said, :longest, :by_first
    end
  end
end
