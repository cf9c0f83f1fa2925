# frozen_string_literal: true

module FondKettle
  module Reading
    # A sentence that tells in the past tense, part by part, how the rice is cooked ("400 g rice, washed, 30
    # min soak, cooked with 440 ml water"), as it would be told to be done. One that only says how the rice is
    # when it goes in ("400 g rice, washed and drained") stays as it is.
    module PastTense
      DONE = { "washed" => "wash", "rinsed" => "rinse", "soaked" => "soak", "drained" => "drain",
               "boiled" => "boil", "cooked" => "cook", "steamed" => "steam", "rested" => "rest" }.freeze
      WORDS = /\b(?:#{DONE.keys.join('|')})\b/i
      COOKED = /\b(?:rice|basmati|jasmine)\b[^.;]{0,120}\b(?:cooked|boiled|steamed)\s+
                (?:in|with|for|on|covered|by)\b/ix
      PART = /(?<=,\s|\band\s|\bthen\s|rice\s)#{WORDS}/i
      # What is done first is done to the rice that stands before it.
      FIRST = /(?<=rice),\s+(?=#{WORDS})/i
      # "30 min soak"
      NOUN = /(?<=,\s)(?<time>\d[^,]{0,10}?(?:min\w*|h|hours?))\s+(?<what>soak|rest|steam|boil)\b/i
      MOST = 400

      module_function

      # The sentence.
      #
      #   told("Rice, washed, cooked in 300 ml water.") # => "Rice, wash, cook in 300 ml water."
      def told(sentence)
        return sentence if sentence.size > MOST || !sentence.match?(COOKED)

        sentence.sub(FIRST, " ").gsub(PART) { |word| DONE.fetch(word.downcase) }
                .gsub(NOUN, '\k<what> \k<time>')
      end
    end
  end
end
