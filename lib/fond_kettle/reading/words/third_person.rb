# frozen_string_literal: true

require_relative "past_tense"
require_relative "verbs"

module FondKettle
  module Reading
    # A sentence that tells what somebody does ("she fries it and puts the lid on"), as it would be told to be
    # done.
    module ThirdPerson
      WHO = /(?:she|he|grandma|granny|nonna|mum|my\s+(?:mother|father|aunt(?:ie)?|uncle|gran(?:dmother)?))/i
      ALSO = /(?:\s+(?:just|then|always|only|now|usually|first))?/i
      # What follows in the same sentence.
      NEXT = /(?<=,\s|;\s|\band\s|\bthen\s)/i
      # Behind these a sentence begins anew.
      OPEN = /(?:\A\W*|[,;:]\s*|\b(?:and|then)\s+)\z/i
      MOST = 1000

      module_function

      # The sentence.
      #
      #   told("Into the fat go the onions, then she fries the paste.")
      #   # => "Into the fat go the onions, then fry the paste."
      def told(sentence)
        return sentence if sentence.size > MOST || !sentence.match?(does)

        said = sentence.gsub(does) do
          found = Regexp.last_match
          "#{', ' unless found.pre_match.match?(OPEN)}#{verbs.fetch(found[:verb].downcase)}"
        end
        said.gsub(/\s+,/, ",").gsub(on) { |word| verbs.fetch(word.downcase) }
      end

      # Words of a sentence as they stand in a text, where somebody does it there.
      #
      #   as_written("fry the paste", "she fries the paste") # => "she fries the paste"
      def as_written(say, text)
        return say if text.include?(say) || !text.match?(does)

        say.gsub(PastTense::TOLD) do |word|
          behind = Regexp.last_match[:behind]
          form = third(word)
          next word if !verbs.key?(form.downcase) || text.match?(/\b#{word}#{Regexp.escape(behind)}/i)

          text[/(?:\b#{WHO}#{ALSO}\s+)?\b#{form}(?=#{Regexp.escape(behind)})/i] || word
        end
      end

      def does
        @does ||= /\b#{WHO}#{ALSO}\s+(?<verb>#{verbs.keys.join('|')})\b/i
      end

      def on
        @on ||= /#{NEXT}(?:#{verbs.keys.join('|')})\b(?!\s+(?:of|is|are)\b)/i
      end

      # The verbs of the lexicon by what somebody does: "fries" is "fry".
      def verbs
        @verbs ||= Verbs.all.flat_map { |verb| [*verb.words, *verb.parted] }
                        .filter_map { |words| words[/\A[a-z]{3,}/] }.uniq.to_h { |word| [third(word), word] }
      end

      def third(word)
        return "#{word.chop}ies" if word.match?(/[^aeiou]y\z/i)

        word.match?(/(?:sh|ch|ss|x|o|zz)\z/i) ? "#{word}es" : "#{word}s"
      end
      private_class_method :does, :on, :verbs, :third
    end
  end
end
