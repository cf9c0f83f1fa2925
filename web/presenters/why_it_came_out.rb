# frozen_string_literal: true

require_relative "../../lib/fond_kettle/log/cause_words"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # "Why was it wet?": the causes of how a pot came out, ranked.
      class WhyItCameOut < Presenter
        # Off the plan by this share of the water is a cause to name.
        OFF = 0.03

        # `record`: a finished cook; `diagnosis`: Log::Diagnosis, or nil.
        def initialize(household, record, diagnosis)
          super(household)
          @record = record
          @diagnosis = diagnosis
        end

        # Sentences, the likeliest first; none for a pot that came out as was expected.
        def causes
          [*poured, *suspects.map { |one| suspected(one) }]
        end

        # Sentence of how the next pot tells them apart, or nil.
        def tells_apart
          @diagnosis&.tells_apart
        end

        private

        def suspects
          @diagnosis ? @diagnosis.suspects : []
        end

        def suspected(one)
          words = Log::CauseWords.how_much(one.unknown, one.off)
          "**#{(one.share * 10).round} in 10**: #{words}."
        end

        def poured
          off_g = @record[:poured_g] - @record[:planned_g]
          return if suspects.empty? || off_g.abs < OFF * @record[:planned_g]

          "#{grams(off_g.abs)} #{off_g.positive? ? 'more' : 'less'} was poured than planned: that is " \
            "reckoned with below."
        end
      end
    end
  end
end
