# frozen_string_literal: true

require_relative "../../dishes/step_times"
require_relative "../../ground/value"
require_relative "../../measure/durations"
require_relative "../../measure/numeral"
require_relative "clause_parts"
require_relative "verbs"

module FondKettle
  module Reading
    # A part of a sentence that is one step.
    #   say, verb   its words, and the Verb that they say (nil: none)
    #   minutes     nil: not said; `until`: what is to be seen
    #   meanwhile   true where it is done while something goes on
    #   sentence    its sentence's position among all
    Clause = Value.define(:say, :verb, :minutes, :until, :meanwhile, :sentence) do
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
      # "Leave it 15 minutes while you wash the rice."
      WHILE_YOU = /\A\W*while\s+(?:you|we|i)\b/i
      UNTIL = /\b(?:until|till|'?til)\s+(?<cue>[^.;]+)/i
      # "until gold, 18 minutes"
      BEHIND_CUE = /,\s+(?:about\s+|some\s+)?(?:\d|#{Measure::Numeral::WORD}\s)[^,]*\b
                    (?:min|mins|minutes?|h|hours?)\b.*\z/ix
      # "for another ten", "10 more": minutes, where nobody says of what.
      COUNT = /(?<count>\d+|#{Measure::Numeral::WORD})/i
      BARE = /\b(?:another|for|it|be|least)\s+#{COUNT}(?=\s*(?:[,.;]|\z|before\b|or\s+so\b))
             |\b(?:low|lowest|covered|uncovered|open|high|medium|lid(?:\s+(?:on|back|shut))?
              |foil(?:\s+on)?|off|flame|shut|closed|rest|stand|wait|leave|soak|simmer|boil
              |steam|fry|bake),?\.?\s+#{COUNT}
              (?=\s*(?:[,.;]|\z|before\b|un?till?\b|till?\b))
             |(?!an?\s)#{COUNT}\s+(?:more|off|slow(?:ly)?|gently|(?:on\s+|over\s+|at\s+)?low(?:est)?)\b/ix
      # "Cook till it is jammy, 12-15."
      AT_END = /,\s+(?<least>\d{1,3})(?:\s*[-–]\s*(?<most>\d{1,3}))?\W*\z/
      NIGHT_BEFORE = /\A\W*(?:the\s+)?(?:night|evening|day)\s+before\b/i
      LIES = /\b(?:fridge|refrigerator|marinate|soak|leave|in\s+(?:cold\s+|plenty\s+of\s+)?water)\b/i
      # "In those 15 minutes" is the time of what goes on.
      THOSE = /\bin\s+those\s+\S+\s+\w+/i
      FRY = "fry"
      LOW = "low"
      SIMMER = "simmer"
      STIR = "stir"
      # What goes on under a lid: "cover and cook on low", "cover with foil and bake".
      COVERED = [LOW, SIMMER, "bake", "steam"].freeze
      # "Leave it to stand 5 minutes before serving."
      RESTS_BEFORE = /\b(?:rest|stand|sit|cool|leave)\b(?<time>.+)\bbefore\b/i
      # Times for which it keeps are none of a step: "fridge; 3 days at most", "within the hour".
      KEEPS = /\bwithin\s+[^,.;]*|\b(?:keeps?|lasts?|good|eat)\b[^,.;]*\b(?:days?|hours?|weeks?)\b
              |\b(?:\d+|#{Measure::Numeral::WORD})\s+(?:days?|weeks?)\s+at\s+(?:the\s+)?most\b
              |\bup\s+to\s+[^,.;]*\b(?:days?|weeks?)\b|\b\d+\s+(?:days?|weeks?)\s+max\b/ix
      # "Take three pounds of veal, cut it in pieces": what is done with it comes next.
      TAKES = /\A\W*(?:(?:so|now|first|then)\s+)?(?:(?:you|we|i)\s+)?take\s
               (?!.*\b(?:out|off|from|up|away)\b)/ix
      PUT_IN = /\A\W*(?:the\s+)?[[:alpha:]]+(?:\s+[[:alpha:]]+)?\s+in\z/i
      LEFT_SO = /\A\W*(?:cover\b[^,.;]*\bwater\b[^,.;]*|out|
                 (?:put|pop|clap)\s+(?:the|its|a)\s+lid\s+(?:back\s+)?on)\W*\z/ix
      # "Put the lid back on"
      LID = /\A\W*(?:put|pop|clap)\s+(?:the|its|a)\s+lid\b[^,.;]{0,12}\z/i
      OF_IT = /\b(?:it|them|this|these)\b/i
      MIX = "mix"
      SHAPES = %w[shape wrap turn-out].freeze
      # What is done to the thing that stands before it, a name of so many words at most and no list.
      COOKS = %w[rinse soak simmer].freeze
      THING = 6
      # "Chicken in the pot with an onion and water to cover; simmer 40 minutes"
      COVERED_BY = /\bto\s+cover\b/i
      SEVERAL = /,|\b(?:in|on|over|back|and)\b/i
      # Letters at the front of a clause.
      FRONT = 20
      RICE_PUT = /\b(?:stir|put|tip|add|pour)\b[^.;]*\brice\b/i
      # What goes in before it rests is a step of its own.
      REST = "rest"
      MARINATE = "marinate"

      # `sentences`: texts.
      def initialize(sentences)
        @sentences = sentences
      end

      # Clauses in the order of the text.
      def all
        @all ||= begin
          apart = @sentences.each_with_index.flat_map do |sentence, index|
            ClauseParts.of(sentence).map { |say| clause(say, sentence, index) }
          end
          marinated(joined(apart)).freeze
        end
      end

      private

      def clause(say, sentence, index)
        verb = verb(say)
        Clause.new(say: say, verb: verb, minutes: minutes(say) || overnight(say, sentence), until: cue(say),
                   meanwhile: sentence.match?(MEANWHILE) || say.match?(WHILE_YOU), sentence: index)
      end

      # Minutes of what soaks, or lies in the cold, from the night before.
      def overnight(say, sentence)
        Measure::Durations::OVERNIGHT_MIN if sentence.match?(NIGHT_BEFORE) && say.match?(LIES)
      end

      # What is to be seen, without the time that stands behind it.
      def cue(say)
        say[UNTIL, :cue]&.strip&.sub(BEHIND_CUE, "")
      end

      def minutes(say)
        told = [say[RESTS_BEFORE, :time], say.sub(THOSE, "").gsub(KEEPS, "")].compact
        told.lazy.filter_map { |one| Dishes::StepTimes.new(one).minutes }.first || bare_minutes(say)
      end

      def bare_minutes(say)
        found = BARE.match(say)
        return Measure::Numeral.read(found[:count])&.first&.to_f if found

        at_end(say) if say.match?(UNTIL)
      end

      # Minutes behind what is to be seen, without a word for them: the middle of two.
      def at_end(say)
        found = AT_END.match(say)
        found && ((found[:least].to_f + (found[:most] || found[:least]).to_f) / 2)
      end

      # What is told first and is no mere beginning, else what stands there first.
      def verb(say)
        found = Verbs.all_in(say).reject { |one| ClauseParts.not_done?(say, one.from) }
        told = found.select { |one| Verbs.told?(say, one) }
        found = told if told.any?
        (found.find { |one| !one.verb.joins } || found.first)&.verb
      end

      # What only begins a step belongs to the next one of its sentence; fat that is heated, to what is fried
      # in it.
      def joined(clauses)
        clauses.each_with_object([]) do |clause, done|
          last = done.last
          last && begins?(last, clause) ? done[-1] = together(last, clause) : done << clause
        end
      end

      def together(last, clause)
        verb = goes_on?(last, clause) ? last.verb : clause.verb
        clause.with(say: "#{last.say.delete_suffix('.')}, #{clause.say}", verb: verb,
                    until: clause.until || last.until, meanwhile: last.meanwhile || clause.meanwhile)
      end

      # Covered it cooks on low; a lid goes on what was laid in; what is added to hot oil is fried in it.
      def goes_on?(last, clause)
        return true if last.kind == FRY && clause.kind == STIR

        clause.say.match?(LID) || (last.kind == LOW && clause.kind == SIMMER)
      end

      def begins?(last, clause)
        same = last.sentence == clause.sentence
        return true if one_thing?(last, clause, same)
        return false unless last.minutes.nil?
        return same && COVERED.include?(clause.kind) if last.kind == LOW

        (same || last.kind == FRY) && leads_to?(last, clause)
      end

      def one_thing?(last, clause, same)
        return true if taken?(last, clause, same)

        same && [again?(last, clause), put_in?(last, clause), left_so?(last, clause), its?(last, clause)].any?
      end

      # "10 prawns, boil 2 min": what is named first is what it is done to.
      def its?(last, clause)
        return false if done?(last) || !COOKS.include?(clause.kind)
        return true if last.say.match?(COVERED_BY) && clause.minutes
        return false if last.say.match?(SEVERAL)

        last.say.split.size <= THING && !!Verbs.found(clause.say).first&.from&.zero?
      end

      # True for a clause that says what is done, or until when.
      def done?(clause)
        [clause.verb, clause.minutes, clause.until].any?
      end

      # "Cover with cold water and leave for half an hour", "put the lid on and leave it", "out, stand 10".
      def left_so?(last, clause)
        clause.kind == REST && last.minutes.nil? && last.say.match?(LEFT_SO)
      end

      # "Meat in, brown it on all sides".
      def put_in?(last, clause)
        last.verb.nil? && last.minutes.nil? && clause.kind == FRY && last.say.match?(PUT_IN) &&
          clause.say.match?(OF_IT)
      end

      # "Toss, toss, toss"; "a dent, close it, squeeze three times".
      def again?(last, clause)
        return false if last.kind.nil? || last.kind != clause.kind

        SHAPES.include?(last.kind) || !clause.say.include?(" ")
      end

      # True where a clause does something with what the one before only takes.
      def taken?(last, clause, same)
        done = last.kind || clause.kind.nil?
        !done && last.say.match?(TAKES) && (same || clause.say[0, FRONT].match?(OF_IT))
      end

      # True where a clause goes on with what the one before begins; a lid is none of that.
      def leads_to?(last, clause)
        return false if clause.kind == LOW && (last.kind == FRY || last.say.match?(RICE_PUT))

        last.joins? && clause.verb && !clause.verb.apart && clause.kind != REST
      end

      # What is rubbed with something and left is one step.
      def marinated(clauses)
        clauses.each_with_object([]) do |clause, done|
          last = done.last
          if last&.kind == MIX && last.minutes.nil? && clause.kind == MARINATE
            done[-1] = clause.with(say: "#{last.say}, #{clause.say}")
          else
            done << clause
          end
        end
      end
    end
  end
end
