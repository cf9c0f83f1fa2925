# frozen_string_literal: true

require_relative "../belief/scoped"

module FondKettle
  module Log
    # Words for what may differ from the book in a kitchen.
    module CauseWords
      TASTE = Belief::Scopes::TASTE
      # Of each unknown: more than the book, and less.
      WORDS = {
        uptake: ["this bag drinks more than most", "this bag drinks less than most"],
        core: ["this bag takes longer to lose its white heart", "this bag is done sooner"],
        lid: ["this lid lets more steam out than most", "this lid holds its steam better than most"],
        power: ["this burner gives more than is written", "this burner gives less than is written"],
        open: ["more boils off here without a lid", "less boils off here without a lid"],
        carry: ["drained rice here carries more water", "drained rice here carries less water"],
        soak: ["a soak puts more into the grain here", "a soak puts less into the grain here"],
        additions: ["this dish brings more water than is reckoned",
                    "this dish brings less water than is reckoned"],
        oven: ["this oven is hotter than it says", "this oven is cooler than it says"],
        minutes: ["it cooked and rested for longer than planned",
                  "it cooked and rested for less than planned"],
        TASTE => ["you like it softer than the book", "you like it firmer than the book"]
      }.freeze
      # Two causes, and the act that tells them apart.
      TELLS = [[%i[minutes], "Give it all the minutes of the plan once: it tells time from water."],
               [%i[lid uptake],
                "Weigh the pot before you put it on and before you open it: it tells lid from bag."],
               [[TASTE, :uptake], "Cook another bag the same way: it tells the bag from your taste."],
               [%i[lid power], "Tap when it boils: it tells the burner from the lid."],
               [%i[core uptake], "Tap when the white heart is gone: it tells minutes from water."]].freeze
      WEIGH = "Weigh the pot before you put it on and before you open it: nothing tells more in one cook."

      module_function

      # "this lid lets more steam out than most (40 %)": an unknown, and how far it lies from the book
      # (logarithm; of taste: steps).
      def how_much(unknown, mean)
        more, less = WORDS.fetch(unknown)
        said = unknown == TASTE ? "#{mean.abs.round(1)} of a step" : times(mean)
        "#{mean.positive? ? more : less} (#{said})"
      end

      # Sentence of how one more cook could tell some unknowns apart.
      def tells_apart(unknowns)
        TELLS.find { |pair, _| (pair - unknowns).empty? }&.last || WEIGH
      end

      # "40 %" more or less; "3.7 times as much" from twice on.
      def times(mean)
        factor = Math.exp(mean)
        factor < 2 ? "#{((factor - 1) * 100).abs.round} %" : "#{factor.round(1)} times as much"
      end
      private_class_method :times
    end
  end
end
