# frozen_string_literal: true

require_relative "../words/verbs"
require_relative "rice_clauses"
require_relative "rice_words"

module FondKettle
  module Reading
    # How far the rice of a text is, clause by clause: before it goes in, while it cooks, while it rests,
    # after.
    class RiceCourse
      BEFORE = "before"
      IN = "in"
      WITH = "with"
      REST = "rest"
      AFTER = "after"
      # What is done to the rice alone, before it goes in.
      ALONE = %w[rinse soak drain par-boil wrap mix].freeze
      # It is spoken of on, also where it is only tipped in: "drain the rice and tip in. Boil 6 minutes".
      GOES_ON = [*ALONE, "lay-in"].freeze
      # Done when it is cooked.
      FINISHES = %w[fluff fold turn-out serve dress].freeze
      # Done while it rests, and no sign that it is over.
      RESTS = %w[rest seal].freeze
      DRAIN = "drain"
      COOL = "cool"
      # What goes on with it without a word for it: "leave to soak for 20 minutes".
      WASHED = /\b(?:rinse|soak|drain|drip)\b|\bcover\b[^.;]*\bwater\b
               |\A\W*(?:(?:par[ -]?)?(?:boil|cook)|cooker\s+on)\b/ix
      # "Drain and spread over the bottom of a dish"
      SPREAD = /\A\W*(?:then\s+)?(?:spread|pile)\s+(?:out\s+)?(?:in|into|over|on|onto)\b/i
      GOES_ON_WITH = Regexp.union(WASHED, SPREAD)
      # "Boil the three cups" speaks of what they hold.
      LIQUID = /\bthe\s+(?:[[:alnum:]]+\s+)?(?:cups|glasses|water|broth|stock|milk|liquid|liquor)\b/i
      # "Soak in the cooker with the water."
      IN_LIQUID = /\A\W*(?:then\s+)?(?:soak\b|cooker\s+on\b|(?:cook|boil|simmer)\s+(?:it\s+)?(?:with|in)\b)/i
      # "Drain the rice, boil in lots of water with the salt."
      IN_PLENTY = /\A\W*(?:then\s+)?(?:par[- ]?)?(?:boil|cook)\s+(?:it\s+)?in\s+
                   (?:(?:lots|plenty)\s+of|an?\s+(?:big|large)\s+pot\s+of)\b[^,.;]*\bwater\b/ix
      WATER_FIRST = /\A\W*\d[\d\s.,½¼¾]*(?:ml|l|dl|litres?|cups?|glass(?:es)?|mugs?)\s+(?:of\s+)?
                     (?:(?:cold|hot|boiling)\s+)?water\b(?![^.;]*\b(?:pot|pan|bowl|jug)\b)/ix
      # "Steam", "steamer lined with a cloth, 25 min"
      STEAMED = /\A\W*steam(?:er\b[^.;]*\bmin)?\b/i
      # Words for what is done with it, where it was spoken of last.
      WITH_IT = [STEAMED, IN_PLENTY, RiceWords::STANDS_FOR_IT, Verbs::COVERED_WITH].freeze
      # By these it cooks: nothing more is laid in.
      COOKS = %w[low bake boil].freeze
      SIMMER = "simmer"

      attr_reader :stage

      # `clauses`: Clauses.
      def initialize(clauses)
        @clauses = RiceClauses.new(clauses)
        @stage = BEFORE
        @spoken_of = false
      end

      # True once the rice is in the vessel in which it is cooked.
      def in?
        @stage != BEFORE
      end

      # Notes that it is done where nothing cooks from a clause (its position) on, and only what is strewn
      # or served is told.
      def finish(position)
        @stage = AFTER if @stage == WITH && @timed && @clauses.only_finishing?(position)
      end

      # Notes that the rice was spoken of last.
      def speak
        @named = @spoken_of = true
      end

      # True once it has cooked for a time by itself: nothing else is fried in its pot.
      def covered?
        @covered || false
      end

      # True once it is off the fire.
      def done?
        [REST, AFTER].include?(@stage)
      end

      # True where a text speaks of the rice, by its name or as what was spoken of last; `named`: it names
      # lines; `position`: of its clause.
      def meant?(text, named, position)
        return true if called?(text) || watered?(text, position)
        return false unless @spoken_of
        return true if WITH_IT.any? { |words| text.match?(words) }
        return false if named || of_liquid?(text)

        text.match?(GOES_ON_WITH) || RiceClauses.short?(text)
      end

      # True where a text calls it by its name, or tips out what is in its pot.
      def called?(text)
        text.match?(RiceClauses::RICE) || (in? && text.match?(RiceClauses::TIPPED_INTO))
      end

      # True where the rice may go in at a clause (its position): it is not made ready after that.
      def ready?(position)
        position > @clauses.last_readied
      end

      # Goes on over a step of a `kind` (a key of Care::Kinds) at a position, which puts the rice in where
      # `goes_in`; `rice`: it is about the rice. Returns where it stands beside the rice.
      def pass(kind, position, goes_in:, rice:)
        note_time(kind, goes_in) if (goes_in || in?) && @clauses.timed?(position)
        note_spoken(kind, goes_in, rice)
        if goes_in || laid_in?(kind, position)
          @stage = WITH
          return IN
        end
        in? ? @stage = here(kind, position, rice) : BEFORE
      end

      private

      def of_liquid?(text)
        text.match?(LIQUID) && !text.match?(IN_LIQUID)
      end

      # True where a text goes on with measured water after the rice was made ready, and none of the next
      # clauses puts it in by name: "Rinse well, soak 20, drain. 540 ml water, a pinch of salt. Boil."
      def watered?(text, position)
        @spoken_of && !in? && text.match?(WATER_FIRST) && !@clauses.put_in_soon?(position)
      end

      # What is wrapped is the rice only where that was spoken of before.
      def note_spoken(kind, goes_in, rice)
        @named ||= rice
        @spoken_of = (@named && kind == RiceClauses::WRAP) || (rice && (GOES_ON.include?(kind) || goes_in))
      end

      # Notes that it has cooked for a time, by a step of a kind, which may be the one at which it goes in.
      def note_time(kind, goes_in)
        @timed = true unless goes_in
        @covered = true if COOKS.include?(kind)
      end

      # Between two layers of rice.
      def laid_in?(kind, position)
        @stage == WITH && position <= @clauses.last_layer && ![*COOKS, SIMMER].include?(kind)
      end

      def here(kind, position, rice)
        return REST if @stage == WITH && over?(kind, position)
        return AFTER if @stage == AFTER || finished?(kind, rice) || @clauses.done?(position)
        return resting(kind, position) if @stage == REST

        kind == REST && !only_off_the_heat?(position) ? REST : WITH
      end

      def finished?(kind, rice)
        FINISHES.include?(kind) || (rice && kind == COOL)
      end

      # True where it is taken off the heat without minutes, and rests for some later: what is laid on until
      # then is laid on before it rests.
      def only_off_the_heat?(position)
        !@clauses.timed?(position) && @clauses.laid_before_rest?(position)
      end

      def resting(kind, position)
        @clauses.rests_after?(position) || RESTS.include?(kind) ? REST : AFTER
      end

      # True where it is off the fire: drained of its water, or finished by what rests behind it.
      def over?(kind, position)
        kind == DRAIN || (FINISHES.include?(kind) && @clauses.rests_after?(position))
      end
    end
  end
end
