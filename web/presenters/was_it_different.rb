# frozen_string_literal: true

require_relative "../../lib/fond_kettle/log/odd_words"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # "Was something different?": asked of a pot that came out far off what was expected, and what it
      # teaches by the answer.
      class WasItDifferent < Presenter
        # What could have been, to remember by.
        SUCH_AS = "Another pot or lid, another bag, a lid left ajar, water added that nobody tapped, " \
                  "a weight read wrong?"
        # Answers, by what is sent.
        ANSWERS = { "yes" => "Yes: learn nothing from it", "no" => "No, it went so: learn from it" }.freeze
        # What follows until somebody answers, and from each answer.
        UNTIL_THEN = "Until you say, it counts for less than other pots."
        FOLLOWS = { true => "Something was different: it teaches nothing.",
                    false => "Nothing was different: it teaches as much as any other pot." }.freeze

        # `record`: a finished cook.
        def initialize(household, record)
          super(household)
          @record = record
        end

        # True where there is something to ask, or was.
        def any?
          answered? || odd.any?
        end

        def question
          Log::OddWords::QUESTION
        end

        # Sentences: what lay far off and what could have been; once somebody has answered, what follows.
        def why
          answered? ? FOLLOWS.fetch(answer) : [Log::OddWords.say(odd), SUCH_AS, UNTIL_THEN].join(" ")
        end

        # Answers that can be given, by what is sent.
        def answers
          ANSWERS.except({ true => "yes", false => "no" }[answer])
        end

        # The version of what was said of the pot.
        def version
          @record.dig(:outcome, :lock_version)
        end

        private

        def answered?
          !answer.nil?
        end

        def answer
          @record.dig(:outcome, :different)
        end

        def odd
          @odd ||= @record[:outcome] ? household.lessons.odd(@record) : []
        end
      end
    end
  end
end
