# frozen_string_literal: true

module FondKettle
  module Reading
    # The place where something is mixed (a way of StepVessels): in a bowl, where it lies, with the rice.
    class MixingPlace
      MARINATE = "marinate"
      MIXES = ["mix", MARINATE].freeze
      LAYER = "layer"
      TAKE_OUT = "take-out"
      # By these something lies there that more is stirred into.
      LEFT = %w[cool drain rinse].freeze
      # "Lay them over the bottom, salt them"
      SALTED = /\A\W*(?:then\s+)?(?:salt|season|pepper)\s+(?:it|them|this)\b/i
      LAYS = %w[lay-in layer].freeze
      STIRRED_IN = /\A\W*(?:then\s+)?(?:stir|mix|fold|beat)\s+in\b
                    (?!\s+(?:an?|the)\s+(?:[[:alpha:]]+\s+)?bowl)/ix
      # "Mix back through with a splash of soy."
      THROUGH = /\bback\b|\bthr(?:ough|u)\b/i
      # "Mix it in raw", of rice that goes into what was cooked.
      IT_IN = /\bmix\s+(?:it|them|the\s+rice)\s+in\b(?!\s+(?:an?|the)\b)/i
      # "Mash a cup of the beans against the side of the pot."
      IN_PLACE = /\bagainst\s+the\s+(?:side|wall|bottom)|\bin\s+(?:the|its|their)\s+(?:own\s+)?(?:pot|pan)\b/i
      INTO_POT = /\b(?:in|into|through|thru|over|on)\b|\btogether\b/i

      PUTS = %w[stir lay-in].freeze
      INTO_IT = /\b(?:in|into|on|onto)\s+(?:an?|the|your)\b/i
      TOSSED = /\A\W*(?:then\s+)?(?:toss|mix|season|turn)\s+(?:it\s+|them\s+)?(?:with|in|well)\b/i

      # `rice`: the RiceCourse; `wash`: WashVessel; the block tells the key of the vessel that has the rice.
      def initialize(rice, wash, &rice_at)
        @rice = rice
        @wash = wash
        @rice_at = rice_at
      end

      # The way for a Doing. What is mixed while the rice cooks is mixed in its pot; once it is done, only
      # with the rice.
      def of(doing)
        return before(doing) unless @rice.in?
        return :where_it_lies if on?(doing)
        return :mixed_in if doing.clause.meanwhile || doing.clause.kind == MARINATE || by_itself?(doing)
        return :cooked_in unless @rice.done?

        with_rice?(doing) ? :with_rice : :mixed_in
      end

      private

      # "Drain the rice, mix with the salt": in its bowl.
      def before(doing)
        return :cooked_in if [IT_IN, IN_PLACE].any? { |words| doing.clause.say.match?(words) }

        goes_on = @wash.goes_on_with_rice?(doing) || stirred_in?(doing) || tossed?(doing) || salted?(doing) ||
                  (doing.bare? && !doing.last.nil?)
        goes_on ? :where_it_lies : :mixed_in
      end

      # "Tip the drumsticks into a tin, toss with the oil": there.
      def tossed?(doing)
        last = doing.last
        return false unless last && last.clause.sentence == doing.clause.sentence

        PUTS.include?(last.clause.kind) && last.clause.say.match?(INTO_IT) && doing.clause.say.match?(TOSSED)
      end

      def salted?(doing)
        LAYS.include?(doing.last&.kind) && doing.clause.say.match?(SALTED)
      end

      # "Let it get cold. Stir in the eggs." "Beat the yoghurt in a bowl. Stir in half of the rice."
      def stirred_in?(doing)
        last = doing.last or return false
        (LEFT.include?(last.kind) || last.clause.verb&.bowl) && doing.clause.say.match?(STIRRED_IN)
      end

      # "Everything into a bowl. Toss with your hands." "Mix the miso with honey. Spread over the salmon."
      def on?(doing)
        (doing.bare? || doing.clause.kind == LAYER) && !doing.rice && MIXES.include?(doing.last&.kind)
      end

      # True where things are mixed before they go in: "mix the pork with soy".
      def by_itself?(doing)
        return false if doing.bare? || doing.rice

        doing.clause.verb&.bowl || !(@rice.done? || doing.clause.say.match?(INTO_POT))
      end

      # "Toss gently": what names nothing is done to the rice that was spoken of.
      def with_rice?(doing)
        doing.clause.say.match?(THROUGH) || doing.rice || (doing.bare? && of_rice?(doing.last))
      end

      # True where the clause before was about the rice, or took something out of it.
      def of_rice?(last)
        !last.nil? && (last.vessel == @rice_at.call || last.kind == TAKE_OUT)
      end
    end
  end
end
