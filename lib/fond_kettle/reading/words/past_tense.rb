# frozen_string_literal: true

require_relative "verbs"

module FondKettle
  module Reading
    # A sentence that tells in the past tense what is done ("Prawns 10, boiled 2 min, cooled"), as it would be
    # told to be done. One that tells something to be done besides, or says what is so, stays as it is.
    module PastTense
      # Kinds of verbs that are told so, with a time or a liquid behind them; of others what comes after one.
      COOKS = %w[rinse soak simmer boil fry toast bake steam mix].freeze
      AFTER = %w[drain cut cool].freeze
      LIQUID = /(?:water|oil|stock|broth|butter|ghee|fat|milk|salt)/
      BEHIND = /(?=(?:\s+(?:separately|gently|briefly|hard))?\s+
                (?:(?:for\s+)?(?:about\s+)?\d+\s*(?:min|m\b|h\b|hours?|times|x\b)|over\s?night\b
                |in\s\d+\s*m?l\b|(?:all\s+over\s+)?(?:in|with)\s[^,.;]{0,40}\b#{LIQUID}\b))/ix
      # "400 g rice, washed, cooked in 440 ml water", beside what is told to be done.
      RICE = /\b(?:rice|basmati|jasmine)\b[^.;]{0,120}\b(?:cooked|boiled|steamed)\s+
              (?:in|with|for|on|covered|by)\b/ix
      # "Rice: 3 cups jasmine, washed."
      WASHED = /(?<=,\s|:\s)(?:washed|rinsed)\b(?=\s*(?:[.,;]|\z|until\b|till\b|well\b))/i
      # "…, drained half an hour"
      DRAINED = /(?<=,\s)drained\b(?=\s+(?:for\s+)?(?:\d|half\b|an?\s))/i
      # "75 ml vinegar, 3 tbsp sugar, warmed till dissolved"
      WARMED = /(?<=,\s)warmed\b(?=\s+(?:till|until|through|together)\b)/i
      RICE_WASHED = /\b(?:rice|basmati|jasmine)\b[^.;]{0,60}#{WASHED}/i
      PART = /(?<=,\s|;\s|:\s|\band\s|\bthen\s|rice\s|basmati\s|jasmine\s)/i
      # What is so, or was done before: "the rice, soaked 30 minutes, is stirred in".
      IS = /\b(?:is|are|was|were|be|been|have|has|had)\b/i
      # "30 min soak"
      NOUN = /(?<=,\s)(?<time>\d[^,]{0,10}?(?:min\w*|h|hours?))\s+(?<what>soak|rest|steam|boil)\b/i
      VOWELS = "aeiou"
      DOUBLED = /\A[^#{VOWELS}]*[#{VOWELS}][bdgmnprt]\z/
      IRREGULAR = { "cut" => "cut", "shred" => "shredded" }.freeze
      # What is told to be done as it tells what was done.
      SAME = /\Acut\b/i
      MOST = 400
      # A word with the one behind it.
      TOLD = /\b[[:alpha:]]+(?=(?<behind>\s+[[:alnum:]]+|\W*\z))/

      module_function

      # The sentence.
      #
      #   told("Prawns 10, boiled 2 min, cooled.") # => "Prawns 10, boil 2 min, cool."
      def told(sentence)
        return sentence if sentence.size > MOST
        return washed(sentence) unless sentence.match?(RICE) || tells?(sentence)

        sentence.gsub(done) { |word| verb(word) }
                .gsub(NOUN, '\k<what> \k<time>')
      end

      # Words of a sentence as it was told, in the tense in which a text has them.
      #
      #   as_written("boil 2 min", "Prawns 10, boiled 2 min.") # => "boiled 2 min"
      def as_written(say, text)
        return say if text.include?(say)

        say.gsub(TOLD) do |word|
          behind = Regexp.last_match[:behind]
          was = participles[word.downcase]
          was && !text.include?(word + behind) && text.include?(was + behind) ? was : word
        end
      end

      def participles
        @participles ||= forms(COOKS).merge(forms(AFTER)).invert
      end

      # The sentence, where nothing is told in it but that the rice was washed, or a liquid warmed.
      def washed(sentence)
        return sentence if sentence.match?(IS) || Verbs.found(sentence).any?
        return sentence.gsub(WARMED, "warm") unless sentence.match?(RICE_WASHED)

        sentence.gsub(WASHED) { |word| verb(word) }.gsub(DRAINED, "drain")
      end

      # True where a sentence only tells what was done.
      def tells?(sentence)
        sentence.match?(cooked) && !sentence.match?(IS) &&
          Verbs.found(sentence).all? { |one| sentence[one.from..].match?(SAME) }
      end

      def cooked
        @cooked ||= /\b(?:#{forms(COOKS).keys.join('|')})\b#{BEHIND}/i
      end

      def done
        @done ||= /#{PART}\b(?:#{[*forms(COOKS).keys, *forms(AFTER).keys].join('|')})\b|#{cooked}/i
      end

      def verb(word)
        small = word.downcase
        forms(COOKS)[small] || forms(AFTER).fetch(small)
      end

      # Participles of the verbs of one word that are of some kinds, each with its verb.
      def forms(kinds)
        @forms ||= {}
        @forms[kinds] ||= begin
          verbs = Verbs.all.select { |verb| kinds.include?(verb.kind) && !verb.joins }
          verbs.flat_map(&:words).grep(/\A[a-z]{3,}\z/).to_h { |word| [participle(word), word] }
        end
      end

      def participle(word)
        return IRREGULAR.fetch(word) if IRREGULAR.key?(word)
        return "#{word}d" if word.end_with?("e")
        return "#{word.chop}ied" if word.match?(/[^#{VOWELS}]y\z/)

        "#{word}#{word[-1] if word.match?(DOUBLED)}ed"
      end
      private_class_method :tells?, :washed, :cooked, :done, :verb, :forms, :participle,
                           :participles
    end
  end
end
