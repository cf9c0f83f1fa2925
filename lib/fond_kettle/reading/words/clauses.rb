# frozen_string_literal: true

require_relative "../../dishes/step_times"
require_relative "../../ground/value"
require_relative "../../measure/durations"
require_relative "../../measure/numeral"
require_relative "amount_forms"
require_relative "clause_parts"
require_relative "joined_clauses"
require_relative "verbs"

module FondKettle
  module Reading
    # A part of a sentence that is one step.
    #   say, verb   its words, and the Verb that they say (nil: none)
    #   minutes     nil: not said; `until`: what is to be seen
    #   meanwhile   true where it is done while something goes on
    #   sentence    its sentence's position among all
    #   part        the heading of the list right above its sentence, or nil
    Clause = Value.define(:say, :verb, :minutes, :until, :meanwhile, :sentence, :part) do
      # The kind of its verb, or nil.
      def kind
        verb&.kind
      end

      # Its words without what is to be seen: "till the oil splits" puts no oil in.
      def doing
        say.sub(FondKettle::Reading::Clauses::UNTIL, " ")
      end

      # True where it only begins the next one.
      def joins?
        verb&.joins || false
      end
    end

    # Makes clauses of sentences.
    class Clauses
      MEANWHILE = /\b(?:meanwhile|while\s+(?:the\s+)?rice\s+(?:soak|cook|boil|rest|steam|drain)s?\b
                      |the\s+same\s+\S+\s+(?:minutes?|hours?)
                      |in\s+the\s+meantime|while\s+(?:that|it|they|the\s+[[:alpha:]]+)\b|
                      in\s+those\s+|at\s+the\s+same\s+time)/ix
      LABEL = /\A\W*(?:cook|make|prepare|do)\s+(?:the|your)\s+[[:alpha:]]+:\s+(?=[[:alpha:]])/i
      # "Leave it 15 minutes while you wash the rice."
      WHILE_YOU = /\A\W*while\s+(?:you|we|i)\b/i
      # It ends where the next thing goes in: "till they crackle, a pinch of turmeric".
      NEXT_THING = %r{,\s+(?:and\s+)?(?:an?|half\s+an?|\d[\d\s/½¼¾]*|[½¼¾])\s+
                      (?:#{AmountForms::UNITS}|(?:little\s+)?bit|pinch|knob|splash|handful|spoon(?:ful)?)\b}ix
      UNTIL = /\b(?:until|till|'?til)\s+(?<cue>(?:(?!#{NEXT_THING})[^.;])+)/i
      # "until gold, 18 minutes"
      BEHIND_CUE = /,\s+(?:about\s+|some\s+)?(?:\d|#{Measure::Numeral::WORD}\s)[^,]*\b
                    (?:min|mins|minutes?|h|hours?|more)\b.*\z/ix
      # "for another ten", "10 more": minutes, where nobody says of what.
      COUNT = /(?<count>\d+|#{Measure::Numeral::WORD})(?:\s*(?:-|–|to|or)\s*(?<most>\d+|#{Measure::Numeral::WORD}))?/i
      BARE = /\b(?:another|(?<!line\s)(?<!mark\s)(?<!timer\s)(?<!set\s)for|it|be|least)\s+#{COUNT}
              (?=\s*(?:[,.;]|\z|before\b|without\b|un?covered\b|or\s+so\b))
             |\b(?:low|lowest|covered|uncovered|open|high|medium|lid(?:\s+(?:on|back|shut))?
              |foil(?:\s+on)?|off|flame|shut|closed|rest|sit|stand|wait|leave|soak|simmer|boil
              |steam|fry|bake),?\.?\s+#{COUNT}
              (?=\s*(?:[,.;]|\z|before\b|without\b|un?till?\b|till?\b))
             |(?!an?\s)#{COUNT}\s+(?:more|off|slow(?:ly)?|gently
              |(?:(?:on|over|at)\s+(?:the\s+)?)?low(?:est)?)\b/ix
      # "Cook till it is jammy, 12-15."
      AT_END = /,\s+(?<least>\d{1,3})(?:\s*[-–]\s*(?<most>\d{1,3}))?\W*\z/
      NIGHT_BEFORE = /\A\W*(?:the\s+)?(?:night|evening|day)\s+before\b/i
      LIES = /\b(?:fridge|refrigerator|marinate|soak|leave|in\s+(?:cold\s+|plenty\s+of\s+)?water)\b/i
      COLD = /\b(?:fridge|refrigerator|marinate)\b/i
      AHEAD = /\b\d+\s+hours?\s+(?:ahead|before)/i
      # "Poach the fish in it for the first 10 minutes": so long it cooks.
      THE_FIRST = /(?<=\bfor)\s+the\s+first\s+(?=\d)(?!.*\b(?:lid|stir|open|uncovered)\b)/i
      # "In those 15 minutes" is the time of what goes on.
      THOSE = /\bin\s+those\s+\S+\s+\w+/i
      # "Leave it to stand 5 minutes before serving."
      RESTS_BEFORE = /\b(?:rest|stand|sit|cool|leave|lid\s+on|covered)\b(?<time>.+)\bbefore\b/i
      # Times for which it keeps are none of a step: "fridge; 3 days at most", "within the hour".
      KEEPS = /\bwithin\s+[^,.;]*|\b(?:keeps?|lasts?|good|eat)\b[^,.;]*\b(?:days?|hours?|weeks?)\b
              |\b(?:\d+|#{Measure::Numeral::WORD})\s+(?:days?|weeks?)\s+at\s+(?:the\s+)?most\b
              |\bup\s+to\s+[^,.;]*\b(?:days?|weeks?)\b|\b\d+\s+(?:days?|weeks?)\s+max\b/ix

      # "At least 30 minutes and up to 2 hours" is no two hours and a half.
      AT_MOST = /,?\s+(?:and|or|but)\s+(?:up\s+to|at\s+(?:the\s+)?most|(?:no|not)\s+more\s+than)\s+[^,.;]*/i
      # "For at least 2 hours, ideally overnight", "an hour or overnight": the first will do.
      BETTER = /,?\s+(?:(?:but\s+|or\s+)?(?:ideally|preferably|better(?:\s+still)?)\b|or\s+(?=over\s?night\b))
                [^.;]*/ix
      # What was done before says nothing of this step: "put in the rice that you have soaked for an hour".
      DONE_BEFORE = /\b(?:that|which)\s+(?:(?:you|we|i)(?:'ve|\s+have)?|has|have|was|were)\s+(?:been\s+)?
                     (?:already\s+)?[a-z]+ed\b[^,.;]*/ix

      # `sentences`: texts; `listed_above`: the heading of the list right above one, by itself.
      def initialize(sentences, listed_above = {})
        @sentences = sentences
        @listed_above = listed_above
      end

      # Clauses in the order of the text.
      def all
        @all ||= begin
          apart = @sentences.each_with_index.flat_map do |sentence, index|
            ClauseParts.of(sentence).map { |say| clause(say, sentence, index) }
          end
          JoinedClauses.of(apart).freeze
        end
      end

      private

      def clause(say, sentence, index)
        verb = verb(say)
        Clause.new(say: say, verb: verb, until: cue(say),
                   minutes: minutes(say) || overnight(say, sentence, index),
                   meanwhile: sentence.match?(MEANWHILE) || say.match?(WHILE_YOU), sentence: index,
                   part: @listed_above[sentence])
      end

      # Minutes of what soaks, or lies in the cold, from the night before.
      def overnight(say, sentence, index)
        return unless say.match?(LIES)
        return Measure::Durations::OVERNIGHT_MIN if sentence.match?(NIGHT_BEFORE)

        ahead(index) if say.match?(COLD)
      end

      # What one of the two sentences before says: "the day before, or at least 3 hours ahead, toast …".
      def ahead(index)
        said = @sentences[[index - 2, 0].max...index].find { |one| one.match?(NIGHT_BEFORE) }
        return if said.nil?

        least = said[AHEAD]
        (least && Measure::Durations.all(least).first&.minutes) || Measure::Durations::OVERNIGHT_MIN
      end

      # What is to be seen, without the time that stands behind it.
      def cue(say)
        say[UNTIL, :cue]&.strip&.sub(BEHIND_CUE, "")
      end

      def minutes(say)
        bare = [THOSE, KEEPS, DONE_BEFORE, AT_MOST, BETTER].reduce(say) { |text, words| text.gsub(words, "") }
        bare = bare.gsub(THE_FIRST, " ")
        told = [say[RESTS_BEFORE, :time], bare].compact
        told.lazy.filter_map { |one| Dishes::StepTimes.new(one).minutes }.first || bare_minutes(say)
      end

      def bare_minutes(say)
        found = BARE.match(say)
        return middle(found) if found

        at_end(say) if say.match?(UNTIL)
      end

      # A number, or the middle of two.
      def middle(found)
        told = [found[:count], found[:most]].compact.filter_map { |one| Measure::Numeral.read(one)&.first&.to_f }
        told.sum / told.size if told.any?
      end

      # Minutes behind what is to be seen, without a word for them: the middle of two.
      def at_end(say)
        found = AT_END.match(say)
        found && ((found[:least].to_f + (found[:most] || found[:least]).to_f) / 2)
      end

      # "Cook the rice: wash": what follows says how.
      def label?(say, found)
        found.from < say[LABEL].to_s.bytesize
      end

      # What is told first and is no mere beginning, else what stands there first.
      def verb(say)
        found = Verbs.all_in(say).reject { |one| ClauseParts.not_done?(say, one.from) || label?(say, one) }
        told = found.select { |one| Verbs.told?(say, one) }
        found = told if told.any?
        (found.find { |one| !one.verb.joins } || found.first)&.verb
      end
    end
  end
end
