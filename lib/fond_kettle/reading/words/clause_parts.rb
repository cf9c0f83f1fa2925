# frozen_string_literal: true

require_relative "../../measure/numeral"
require_relative "verbs"

module FondKettle
  module Reading
    # Takes a sentence apart where a new thing is done.
    module ClauseParts
      # "When it beeps wait 10 minutes": what is told behind these is done.
      GOES = /(?:comes?\s+(?:back\s+)?to\s+(?:the|a)\s+(?:boil|simmer)
              |boils?|beeps?|clicks?|pops?|pings?|dings?|stops?)/x
      # A verb in what is to be seen, or is not to be done, is none.
      NOT_DONE = /\b(?:until|till|(?<!night\s)(?<!evening\s)(?<!day\s)before
                  (?!\s+(?:the\s+end|eating)\b)|not|don't|dont|never|which\s+you\s+have
                  |when\s+(?:it|they)(?!\s+#{GOES}(?:\s+up)?,?\s+(?:then\s+)?\z
                  |\s+(?:is|are)\s+[[:alpha:]]+\s+\z))\s
                  (?:(?!\s[-–—]\s)[^,;])*\z|
                  \b(?:should|must|will|would|can|may|ought\s+to|it'll)\s(?:\w+\s)?\z/ix
      # "It should boil hard for 8 minutes"
      TOLD_FOR = /\A[[:alpha:]]+\s[^,.;]{0,20}\bfor\s+(?:another\s+|about\s+)?\d/
      TOLD_REACH = 60
      # What is done behind it all the same: "until it runs clear and add it".
      AND = /(?:\band|&)\s+(?:then\s+)?\z/i
      ON_SOMETHING = /\A(?:[[:alpha:]-]+\s+(?:the|it|them|all|half|to\s+the)
                      |(?:let|leave|set)\s+(?:it\s+)?(?:to|aside)
                      |(?:soak|rest|simmer|steam|drain|leave|stand)\s+(?:for\s+)?\d+)\b/ix
      # A part that says only where, when or of what.
      OPENS = /\A(?:in|into|on|onto|for|with|to|while|when|after|as|once|at|first|meanwhile|now|next|same
              |from)\b/ix
      CUT = /[,;:&]|\s[-–—]\s|\band\b|\bthen\b|\bwhile(?=\s+(?:you|we|i)\b)/i
      THEN = /,?\s+then\s|\s+and\s+(?=(?:straight\s+)?into\s+the\s)/i
      # What is on the fire once it is closed: "seal it with foil, high 5 minutes".
      HEATED = /\b(?:seal|lid|foil|dough|cover)\b[^,.;]*(?<heat>,\s+(?:(?:on|over|at)\s+)?(?:the\s+|a\s+)?
                (?:(?:high|medium|full|big)\b[^,.;]*\d
                |\d+\s*min\w*\s+(?:on|over|at)\s+(?:a\s+)?(?:high|medium|full)\b))/ix
      FLAME = /\A(?:(?:on|over|at)\s+(?:the\s+|a\s+)?(?:high|medium|full|big)\b.*\d
                |\d+\s*min\w*\s+(?:on|over|at)\s)/ix
      # What stands behind "the peas go back" is of the next verb: ", coconut milk, bring to the boil".
      BACK = /\b(?:go|goes)\s+back(?:\s+in)?(?<next>,\s+)(?!(?:with|in|into|on|to|and|for|till|until)\b)/i
      # "…, rice in, 2 minutes more", "…, off, 3 minutes".
      PUT_IN = /,\s+(?=(?:and\s+)?everything\s+in(?:to)?\s+(?:the|an?|your)\s
               |(?:the\s+)?[[:alpha:]]+(?:\s+[[:alpha:]]+)?\s+
               (?:in(?:\s*[,.;]|\s+(?:for\s+)?\d+\s*(?:min|m\b|sec|h)|\z)|through\b)
               |off,\s+(?:cloth|lid|covered?)\b|(?:then\s+)?down\s+to\s+low\b
               |(?:(?:lid|covered),?\s+)?off(?:\s+the\s+heat)?,?\s+(?:for\s+)?\d
               |\d+\s*(?:min\w*\s+)?(?:off|low)\b
               |\d+\s*min\w*\s+(?:rest|un?covered)\b
               |(?:the\s+)?(?:foil|lid)\s+(?:on|back|off)\b|out\s*(?:[.,;]|\z)|back\s+on\s+\d)/ix
      # Words with which something is done, without a verb.
      DONE_FIRST = /\bin,|\bback\b|\d|\ba\s+minute\b|\A\W*crack\b/i
      # "Rice drained, into the steamer": what is made ready, and where it goes then.
      READIED = /\A\W{0,9}(?:[[:alpha:]]{1,30}\s+){1,3}(?:drained|rinsed|washed|soaked|cooled)
                 (?<next>,\s+)(?:in|into|onto|over)\b/ix
      # "Rice in, lid on, low 18 minutes"
      RICE_IN = /\brice\s+in(?<next>,\s+)(?=(?:lid|cover|foil|boil|bring|low)\b)/i
      # "Seal it; very low for 20 min", "12 low 10 off"
      FIRE = /(?<next>;\s*)(?=(?:very\s+)?(?:low|lowest|high|medium|gentle)\b)
              |\blow(?<next>\s+)(?=\d+\s*(?:min\w*\s+)?off\b)/ix
      # "10 min on high, 8 on low", "ten minutes fast, eight slow"
      COUNT = /(?:\d+|#{Measure::Numeral::WORD})/i
      TURNED = /#{COUNT}\s*(?:min\w*\s+)?(?:(?:on|over|at)\s+(?:high|full|medium)|fast|hard|fierce|briskly)
                [^,.;\d]{0,12}(?<next>,\s+)(?=(?:then\s+|and\s+)?#{COUNT}\s*(?:min\w*\s+)?
                (?:(?:on|over|at)\s|slow|gentl|soft|low))/ix
      # "Rinse 3x, 400 ml water, boil": the water is what it boils in.
      WATERED = /\b(?:rinse|wash|drain)\b[^,.;]{0,20}(?<next>,\s+)
                 (?=\d[^,.;]{0,20}\b(?:water|stock|broth)\s*,|into\s)/ix
      # "Rest under a cloth, lemon at the table"
      TABLE = /(?<next>,\s+)(?=(?:and\s+)?(?:[[:alpha:]]+\s+){1,4}(?:at|on)\s+the\s+(?:table|side)\b)/i
      # "Dark onions on top, yoghurt and a salad on the side"
      TOP = /\bon\s+top(?<next>,\s+)(?=[^.;]{1,90}\bon\s+the\s+side\b)/i
      # "Skim, 45 minutes barely moving"
      SKIMMED = /\bskim\b(?<next>,\s+)(?=(?:then\s+)?\d)/i
      # "Off the heat, peas over, lid on, 5 minutes"
      OFF_FIRE = /\A\W*off(?:\s+the\s+(?:heat|fire|stove|hob))?(?<next>,\s+)
                  (?=(?:the\s+)?[[:alpha:]]+(?:\s+[[:alpha:]]+)?\s+(?:over|on\s+top|in|through)\b)/ix
      # "Carrot 2 min, garlic 30 sec, peas a minute"
      TIMED = /(?:\d\s*(?:min\w*|m|sec\w*|s)|\b(?:an?|half\s+a)\s+minute)(?<next>,\s+)
               (?=(?:and\s+|then\s+)?(?!(?:about|or|more|un?covered|turning|stirring)\b)
               [[:alpha:]][^,.;\d]{1,50}?\s(?:for\s+)?(?:\d+|an?|half\s+a)\s*(?:min\w*|m\b|sec\w*|s\b))/ix
      # Words at which a new part begins, and the group of them with which it does.
      OWN = { THEN => 0, HEATED => :heat, READIED => :next, RICE_IN => :next, FIRE => :next,
              TURNED => :next, WATERED => :next, SKIMMED => :next, TABLE => :next, TOP => :next,
              OFF_FIRE => :next, TIMED => :next }.freeze
      # Parts that need no verb behind them: "rice in", "porcini in a mug of boiling water for 20 minutes".
      DONE = /\brice\s+in\z|\beverything\s+in(?:to)?\s
              |\brice\b.{0,60}\binto\s+(?:the|an?|your)\s+(?:[[:alpha:]]+\s+)?[[:alpha:]]+\z
              |\b(?:over|on\s+top)\z|\d\s*(?:min\w*|sec\w*|h|hours?)\b|\ba\s+minute\b/ix
      # "Cook the pepper, cut in strips, for ten minutes."
      CUT_SO = /\Acut\s+in(?:to)?\s+[^,.;]{1,25},\s+(?:for|until|till|a\s+handful|a\s+few)\b/i
      # "Take out bay and peel."
      PEEL = /\Apeel\W*\z/i
      TAKEN_OUT = /\bout\b[^.;]*\band\s+\z/i
      TIME = /\s+\d[\d\s½-]*(?:min\w*|sec\w*|h|hours?)?\.?\z/i
      # "Into the pot with its water" is a thing of its own.
      FILLED = /\A(?:in|into)\s+(?:the|a|your)\s+[[:alpha:]]+\s+with\b/i
      # "Water, ginger, chicken to the boil, skim"
      TO_BOIL = /\A(?!\W*(?:then\s+)?(?:bring|back|up|return)\b).*
                 \w\s+(?:up\s+)?to\s+(?:the|a)\s+(?:boil|simmer)\W*\z/ix
      FRONT = /\A(?:[,;:&]|\band\b|\bthen\b|\s)+/i
      # Words between a cut and its verb, of a label before a colon ("Rice: soak …"), and of a verb alone.
      REACH = 6
      LABEL = 3
      ALONE = 2
      # In a label amounts are no words: "Bean sprouts 250 g: boil", "peanuts (100 g) and almonds: fry".
      NO_WORDS = /\(?\b\d[\d.,]*\s*(?:g|kg|ml|l|cups?|tbsp|tsp)?\b\)?|\band\b/i

      module_function

      # Texts of the parts.
      #
      #   of("Wash the rice, soak it and drain well.").size # => 3
      def of(sentence)
        opened(cut(sentence, starts(sentence)))
      end

      # True where the verb at a place of a text is not told to be done.
      def not_done?(text, from)
        before = text[[from - Verbs::REACH, 0].max...from]
        return true if from.positive? && text[from, TOLD_REACH].match?(CUT_SO)
        return true if text[from..].match?(PEEL) && before.match?(TAKEN_OUT)
        return false if text[from, TOLD_REACH].match?(TOLD_FOR)

        before.match?(NOT_DONE) && !(before.match?(AND) && text[from..].match?(ON_SOMETHING))
      end

      # Where new parts begin.
      def starts(sentence)
        verbs = Verbs.found(sentence).reject { |one| one.from.zero? || not_done?(sentence, one.from) }
        backs = places(sentence, BACK, :next)
        verbs = [*verbs.filter_map { |one| start(sentence, one) }, *put_in(sentence)]
        verbs = verbs.reject { |from| listed?(sentence, from, backs) }
        [*verbs, *backs, *OWN.flat_map { |words, at| places(sentence, words, at) }].uniq.sort
      end

      # Places at which a group of some words begins (0: all of them) in a sentence.
      def places(sentence, words, group)
        sentence.to_enum(:scan, words).map { Regexp.last_match.begin(group) }
      end

      # Where something is put in behind what was done; a list that ends so is one.
      def put_in(sentence)
        from = sentence.to_enum(:scan, PUT_IN).map { Regexp.last_match.begin(0) }
        return from if from.empty?

        first = [Verbs.all_in(sentence).first&.from, sentence.index(DONE_FIRST)]
        done = first.compact.min || sentence.size
        from.select { |at| at > done }
      end

      # True where only what goes in with its verb stands between the two.
      def listed?(sentence, from, backs)
        backs.any? { |back| back < from && Verbs.found(sentence[back...from]).empty? }
      end

      # Where the part begins in which a verb stands, or nil where it belongs to the one before.
      def start(sentence, found)
        cut = sentence.rindex(CUT, found.from - 1)
        return unless cut && sentence[cut...found.from].split.size <= REACH

        cut unless sentence[cut] == ":" && sentence[0...cut].gsub(NO_WORDS, "").split.size <= LABEL
      end

      def cut(sentence, starts)
        parts = [0, *starts, sentence.size].each_cons(2).map { |from, to| tidy(sentence[from...to]) }
        parts.reject(&:empty?)
      end

      def tidy(text)
        text.sub(FRONT, "").strip.sub(/[,;:]\z/, "")
      end

      # A part that only opens a sentence goes with the next; a verb alone, with what stands before it.
      def opened(parts)
        parts.each_with_object([]) do |part, done|
          last = done.last
          joins = last && Verbs.all_in(last).empty? && (opens?(last) || alone?(part, last))
          joins ? done[-1] = "#{last}, #{part}" : done << part
        end
      end

      # On a big flame for so long is a thing of its own.
      def opens?(part)
        part.match?(OPENS) && !part.match?(FLAME) && !part.match?(FILLED)
      end

      def alone?(part, last)
        return false if [DONE, FILLED, TO_BOIL].any? { |words| last.match?(words) }
        return false if Verbs.found(part).empty?

        first = part.split(",").first
        first = first.sub(TIME, "") if last.split.size <= ALONE
        first.split.size <= ALONE
      end
      private_class_method :starts, :places, :put_in, :listed?, :start, :cut, :tidy, :opened, :opens?, :alone?
    end
  end
end
