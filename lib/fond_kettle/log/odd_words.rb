# frozen_string_literal: true

require_relative "../ground/words"
require_relative "learning"

module FondKettle
  module Log
    # Words for what a cook has shown that lies far off what was expected, and what is asked about it.
    module OddWords
      QUESTION = "Was something different?"
      # Of each kind of observation: over what was expected, and under it.
      WORDS = {
        "bite" => ["the rice was much softer than expected", "the rice was much firmer than expected"],
        "wetness" => ["it was much wetter than expected", "it was much drier than expected"],
        "weight" => ["much more steam was gone than expected", "much less steam was gone than expected"],
        "boil" => ["it boiled much later than expected", "it boiled much sooner than expected"],
        "dry" => ["it was dry much later than expected", "it was dry much sooner than expected"],
        "core-gone" => ["the white heart was gone much later than expected",
                        "the white heart was gone much sooner than expected"]
      }.freeze
      # Of cues that have no words of their own.
      CUE = ["what was tapped came much later than expected",
             "what was tapped came much sooner than expected"].freeze

      module_function

      # "Much more steam was gone than expected, and it boiled much later than expected." Of Odd of one cook.
      def say(odd)
        said = odd.map { |one| WORDS.fetch(one.kind, CUE)[one.over ? 0 : 1] }.uniq.join(", and ")
        "#{Words.capital(said)}."
      end
    end
  end
end
