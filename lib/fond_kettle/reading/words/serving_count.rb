# frozen_string_literal: true

require_relative "../../measure/durations"
require_relative "../../measure/numeral"

module FondKettle
  module Reading
    # For how many a dish is, where a text says it.
    module ServingCount
      COUNT = /(?!an?\b)(?<count>\d+|#{Measure::Numeral::WORD})/i
      # "For a crowd of ten"
      COMPANY = /(?:an?\s+(?:[[:alpha:]]+\s+)?(?:crowd|party|table|family|group|houseful)\s+of\s+)/i
      PIECES = /(?:squares|pieces|balls|parcels|rolls|cakes|bundles|triangles|slices)/i
      # Eaters, as a text from elsewhere calls them.
      PERSONS = "persone|personas|personnes|personen"
      # Ways to say it, in a sentence of its own or among others.
      WAYS = [/\b(?:(?:make|cook|do)\s+(?:it|this|that)\s+for|serves
               |will\s+serve|feeds|does(?:\s+for)?|sufficient\s+for|enough\s+for
               |(?:quantit(?:y|ies)|amounts?)\s+(?:is\s+|are\s+)?for)\s*:?\s+
               (?:(?:about|some|up\s+to|an?\s+[[:alpha:]]+\s+of)\s+)?#{COUNT}(?:-?ish)?\b/ix,
              /\b#{COUNT}(?:\s*(?:-|–|to|or)\s*\d+)?\s+
               (?:(?:small|big|large|generous|good)\s+)?
               (?:of\s+us|pax|people|ppl|persons|pers|servings|portions|eaters|mouths|hungry
               |#{PERSONS}|p(?=\.?\s*\z))\b/ix,
              /\A\W*#{COUNT}\s+(?:plates|bowls|helpings|lunches|dinners|suppers|boxes)\W*(?:\z|[.,;])/i,
              /\A\W*(?:ingredients\s+\()?for\s+(?:(?:about|some)\s+|#{COMPANY})?#{COUNT}\b
               (?!\s*(?:min|hour|hr|h\b|#{PIECES}))/ix,
              /\b(?:we\s+(?:are|were)|(?:just|the)\s+us)\s+#{COUNT}\b
               (?!\s+(?:min|hour|kilo|of\s+the))/ix].freeze
      # "4 ppl"
      EATERS = WAYS[1]
      # "2 adults and 3 kids", "3 adults 1 kid"
      FAMILY = /\b#{COUNT}\s+(?:adults?|grown-?ups?|big\s+ones)(?:,|\s+and|\s*[&+]|\s)\s*
                (?<more>\d+|#{Measure::Numeral::WORD})\s+(?:(?:small|little|young)\s+)?
                (?:kids?|children|child|toddlers?|teen(?:ager)?s?|little\s+ones)\b/ix
      # "6 as a side", below it.
      AS_A_SIDE = /\A#{COUNT}(?:\s*(?:-|–|to|or)\s*\d+)?,?\s+as\s+an?\s+[[:alpha:]]+(?:\s+dish)?\W*\z/i
      # "(4)", below the title.
      ALONE = /\A\(\s*#{COUNT}\s*\)\z/i
      # Pieces are no people, where a text says these too; and nobody sits down with fifty.
      MADE = /\b(?:makes|yields)\s*:?\s+(?:(?:about|some|up\s+to)\s+)?#{COUNT}\b/i
      MOST_MADE = 16
      PORTIONS = /(?:raciones|#{PERSONS}|pessoas|portions?|portionen)/i
      # "Bean rice for six": at the end of a title.
      AT_END = /\(?\b(?:for|para|pour)\s+#{COMPANY}?#{COUNT}(?:\s*[-–]\s*\d+)?
                (?:\s+(?:hungry\s+)?(?:people|persons|eaters|of\s+us))?\W*\z
                |\((?<count>\d{1,2})(?:\s+#{PORTIONS})?\)\W*\z
                |,\s+(?<count>\d{1,2})\W*\z|\s[-–—]\s+#{COUNT}\W*\z|\sx\s?#{COUNT}\W*\z/ix
      # "Oven rice (feeds 5)", "pulao, serves 6"
      BRACKETED = /\s*[(\[](?<said>[^()\[\]]{1,40})[)\]]\W*\z/
      SAID_AT_END = /\s*[.,;:–—-]\s+(?:serves|feeds|does)\s+(?:about\s+)?#{COUNT}
                    (?:\s+as\s+an?\s+[[:alpha:]]+)?\W*\z/ix
      # "Sticky rice 4 ppl"
      EATERS_AT_END = /\s+#{COUNT}\s+(?:ppl|people|pax|persons|pers)\W*\z/i
      # "Rice for thirty from my mother's notebook"
      WITHIN = /\bfor\s+#{COUNT}(?=\s+(?:from|by|with|on|at|in|after|as)\b|,)/i
      # "Rice for 10 (to go with curry)"
      ASIDE_AT_END = /\s*\((?!for\b)[^()\d]*\)\s*\z/i
      # "2 people / 35 min"
      TIME_BEHIND = %r{\s*[/|·,;–-]\s*(?:about\s+)?\d+\s*(?:min\w*|h\w*)\W*\z}i
      # "For five of us take a pound of long grain" says more.
      MEASURED = /\b(?:\d+|an?|one|two|three)\s?(?:g|kg|lb|pounds?|kilos?|cups?|mugs?|glass(?:es)?)\s+of\b/i
      # Letters of a sentence that says no more than that.
      SHORT = 50

      module_function

      # The number that the first of some sentences says, or nil.
      #
      #   find(["Tested twice.", "Serves 4 to 6"]) # => 4.0
      def find(sentences)
        family = sentences.lazy.filter_map { |one| family(one) }.first
        return family if family

        said = [WAYS, [AS_A_SIDE], [ALONE]].lazy.filter_map { |ways| first(sentences, ways) }.first
        said ? counted(said[:count]) : made(sentences)
      end

      # Big ones and small ones together, of a text that tells both; or nil.
      def family(text)
        said = FAMILY.match(text)
        said && (counted(said[:count]) + counted(said[:more]))
      end

      def made(sentences)
        said = first(sentences, [MADE])
        return if said.nil? || said.string.match?(PIECES)

        count = counted(said[:count])
        count if count <= MOST_MADE
      end

      # The number that a title ends with, or nil.
      def in_title(title)
        title = title.sub(TIME_BEHIND, "")
        bare = title.sub(ASIDE_AT_END, "")
        ways = [AT_END, WITHIN, EATERS, WAYS.last]
        family = family(title)
        return family if family

        said = AT_END.match(bare) || ways.lazy.filter_map { |way| way.match(title) }.first
        said && counted(said[:count])
      end

      # A title without that number, where it is more than that: "Bean rice for 6" is "Bean rice".
      def without_count(title)
        bare = title.sub(TIME_BEHIND, "")
        bare = bare.sub(BRACKETED) { |said| only?(Regexp.last_match[:said]) ? "" : said }
        bare = [AT_END, SAID_AT_END, EATERS_AT_END].reduce(bare) { |text, words| text.sub(words, "") }
        bare = bare.sub(/[\s,;:–—-]+\z/, "")
        bare.empty? ? title : bare
      end

      def first(sentences, ways)
        sentences.lazy.filter_map do |sentence|
          ways.filter_map { |way| way.match(sentence) }.find { |said| Measure::Numeral.read(said[:count]) }
        end.first
      end

      def counted(words)
        Measure::Numeral.read(words)&.first&.to_f
      end
      private_class_method :first, :counted, :made, :family

      # True for a text that says no more than that.
      def only?(text)
        bare = text.sub(TIME_BEHIND, "")
        return false if bare.size >= SHORT || bare.match?(MEASURED) || Measure::Durations.all(bare).any?

        [*WAYS, FAMILY, AS_A_SIDE, ALONE, MADE].any? { |way| bare.match?(way) }
      end
    end
  end
end
