# frozen_string_literal: true

require_relative "verbs"

module FondKettle
  module Reading
    # Joins clauses that are one step: what only begins it, and what is done.
    module JoinedClauses
      FRY = "fry"
      LAY_IN = "lay-in"
      LOW = "low"
      SIMMER = "simmer"
      STIR = "stir"
      # What goes on under a lid: "cover and cook on low", "cover with foil and bake".
      COVERED = [LOW, SIMMER, "bake", "steam"].freeze
      # "Take three pounds of veal, cut it in pieces": what is done with it comes next.
      TAKES = /\A\W*(?:(?:so|now|first|then)\s+)?(?:(?:you|we|i)\s+)?take\s
               (?!.*\b(?:out|off|from|up|away)\b)/ix
      PUT_IN = /\A\W*(?:the\s+)?[[:alpha:]]+(?:\s+[[:alpha:]]+)?\s+in\z/i
      LEFT_SO = /\A\W*(?:cover\b[^,.;]*\bwater\b[^,.;]*|out|
                 (?:turn|switch)\s+(?:(?:it|the\s+(?:heat|fire|flame|gas|ring))\s+)?off
                 (?:\s+the\s+(?:heat|fire|flame|gas|ring))?|
                 (?:put|pop|clap)\s+(?:the|its|a)\s+lid\s+(?:back\s+)?on)\W*\z/ix
      # "Put the lid back on"
      LID = /\A\W*(?:put|pop|clap)\s+(?:the|its|a)\s+lid\b[^,.;]{0,12}\z/i
      OF_IT = /\b(?:it|them|this|these)\b/i
      MIX = "mix"
      TURN_OUT = "turn-out"
      FLIPS = /\A\W*(?:then\s+)?(?:flip|turn|tip|invert)\s+
               (?:(?:it|both|them|the\s+lot|everything)\b[^,.;]*)?\W*\z/ix
      SHAPES = ["shape", "wrap", TURN_OUT].freeze
      # What is done to the thing that stands before it, a name of so many words at most and no list.
      COOKS = %w[rinse soak simmer boil].freeze
      THING = 6
      AND_A_HALF = /\s+and\s+a\s+(?:half|quarter)\b/i
      # "Chicken in the pot with an onion and water to cover; simmer 40 minutes"
      COVERED_BY = /\bto\s+cover\b/i
      WASHES_THEM = /\A\W*(?:wash|rinse|soak)\s+(?:both|them|everything|the\s+two)\b/i
      READY = /\A\W*(?:well\s+)?(?:rinsed|washed|drained|soaked)(?:\s+(?:well|and\s+drained))?\W*\z/i
      # "Dressing: 3 tbsp vinegar + 1 tbsp sugar, warm until dissolved"
      # "Seasoning: 75 ml vinegar, 3 tbsp sugar, warm till dissolved"
      ADDED_UP = /\A[^:]{3,30}:\s[^,;]*\s\+\s|\A(?:seasoning|dressing|syrup|glaze)\b[^:]{0,20}:\s\S/i
      DASHED = [FRY, SIMMER, "toast", "bake", "mix", "soak", "rinse"].freeze
      # "Melt the butter and pour over": it is melted by itself.
      POURED = /\A\W*(?:then\s+)?(?:pour|spoon|drizzle)\s+(?:(?:it|this|that|them)\s+)?over\W*\z/i
      # "Melt the butter and pour it over the rice before serving": the next sentence is something else.
      POURED_OVER = /\b(?:pour|spoon|drizzle|tip)\b[^,.;]*\bover\b/i
      DASH = /\A[-–—]\s+/
      SEVERAL = /,|\b(?:in|on|over|back|and)\b/i
      CUE_ALONE = /\A\W*(?:just\s+|only\s+)?(?:until|till|'til)\s/i
      NOT_DONE = /\A\W*(?:but\s+)?(?:don'?t|do\s+not|never)\b/i
      # Letters at the front of a clause.
      FRONT = 20
      RICE_PUT = /\b(?:stir|put|tip|add|pour)\b[^.;]*\brice\b/i
      # What goes in before it rests is a step of its own.
      REST = "rest"
      MARINATE = "marinate"

      module_function

      # Clauses, each a step; `clauses`: Clauses in the order of the text.
      def of(clauses)
        marinated(joined(clauses)).map { |clause| clause.with(say: clause.say.sub(DASH, "")) }
      end

      # What only begins a step belongs to the next one of its sentence; fat that is heated, to what is fried
      # in it.
      def joined(clauses)
        clauses.each_with_object([]) do |clause, done|
          last = done.last
          at = cued(done, clause)
          if at then done[at] = done[at].with(until: clause.until)
          elsif last && begins?(last, clause) then done[-1] = together(last, clause)
          else
            done << clause
          end
        end
      end

      # The index of what a clause that only says until when goes on with, or nil: "warm it, don't boil, just
      # till the sugar melts".
      def cued(done, clause)
        return if clause.verb || clause.minutes || !clause.say.match?(CUE_ALONE)

        at = done.rindex { |one| one.verb && !one.say.match?(NOT_DONE) }
        at if at && at >= done.size - 2 && done[at].until.nil?
      end

      def together(last, clause)
        verb = goes_on?(last, clause) ? last.verb : clause.verb
        say = "#{last.say.delete_suffix('.')}, #{clause.say.sub(DASH, '')}"
        clause.with(say: say, verb: verb,
                    until: clause.until || last.until, meanwhile: last.meanwhile || clause.meanwhile)
      end

      # Covered it cooks on low; a lid goes on what was laid in; what is added to hot oil is fried in it.
      def goes_on?(last, clause)
        return true if last.kind == FRY && clause.kind == STIR
        return true if flipped?(last, clause) || ready?(last, clause)

        clause.say.match?(LID) || (last.kind == LOW && clause.kind == SIMMER)
      end

      def begins?(last, clause)
        same = last.sentence == clause.sentence
        return true if one_thing?(last, clause, same)
        return false unless last.minutes.nil?
        return same && COVERED.include?(clause.kind) if last.kind == LOW

        (same || (last.kind == FRY && !last.say.match?(POURED_OVER))) && leads_to?(last, clause)
      end

      def one_thing?(last, clause, same)
        return true if taken?(last, clause, same)

        same && %i[both? again? put_in? left_so? its? dashed? flipped? ready?].any? do |test|
          send(test, last, clause)
        end
      end

      # "6 drumsticks, salt, 1 tsp paprika - brown in 2 tbsp oil"
      def dashed?(last, clause)
        clause.say.match?(DASH) && DASHED.include?(clause.kind) && !done?(last)
      end

      # "10 prawns, boil 2 min": what is named first is what it is done to.
      def its?(last, clause)
        return false if done?(last) || !COOKS.include?(clause.kind)
        return true if last.say.match?(ADDED_UP) || (last.say.match?(COVERED_BY) && clause.minutes)

        thing?(last) && !!Verbs.found(clause.say).first&.from&.zero?
      end

      # "Half a cup rice, a quarter cup moong, wash both"
      def both?(last, clause)
        !done?(last) && clause.say.match?(WASHES_THEM)
      end

      # True for a clause that is a name of few words.
      def thing?(clause)
        name = clause.say.sub(AND_A_HALF, "")
        !name.match?(SEVERAL) && name.split.size <= THING
      end

      # True for a clause that says what is done, or until when.
      def done?(clause)
        [clause.verb, clause.minutes, clause.until].any?
      end

      # "Cover with cold water and leave for half an hour", "put the lid on and leave it", "out, stand 10".
      def left_so?(last, clause)
        clause.kind == REST && last.minutes.nil? && last.say.match?(LEFT_SO)
      end

      # "Stir in 500 g of rice, rinsed": it was before.
      def ready?(last, clause)
        clause.say.match?(READY) && (!last.verb.nil? || last.say.match?(RICE_PUT))
      end

      # "Put a plate over the pot, flip it"
      def flipped?(last, clause)
        last.kind == TURN_OUT && last.minutes.nil? && clause.say.match?(FLIPS)
      end

      # "Meat in, brown it on all sides".
      def put_in?(last, clause)
        last.verb.nil? && last.minutes.nil? && clause.kind == FRY && last.say.match?(PUT_IN) &&
          clause.say.match?(OF_IT)
      end

      # "Toss, toss, toss"; "a dent, close it, squeeze three times"; "peel and slice the mangoes".
      def again?(last, clause)
        same = !last.kind.nil? && last.kind == clause.kind
        same && (SHAPES.include?(last.kind) || [last, clause].any? { |one| !one.say.include?(" ") })
      end

      # True where a clause does something with what the one before only takes.
      def taken?(last, clause, same)
        done = last.kind || clause.kind.nil?
        !done && last.say.match?(TAKES) && (same || clause.say[0, FRONT].match?(OF_IT))
      end

      # True where a clause goes on with what the one before begins; a lid is none of that.
      def leads_to?(last, clause)
        return false if (clause.kind == LOW && closes?(last, clause)) || clause.say.match?(POURED)

        last.joins? && clause.verb && !clause.verb.apart && clause.kind != REST
      end

      # True for a lid that goes on what is fried, on the rice, or for so long on what was laid in.
      def closes?(last, clause)
        last.kind == FRY || last.say.match?(RICE_PUT) || (last.kind == LAY_IN && !clause.minutes.nil?)
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
      private_class_method :joined, :cued, :together, :goes_on?, :begins?, :one_thing?, :its?, :thing?,
                           :done?, :left_so?,
                           :closes?, :put_in?, :again?, :taken?, :leads_to?, :dashed?, :flipped?, :ready?,
                           :marinated
    end
  end
end
