# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "implied_place"
require_relative "mixing_place"
require_relative "vessel_course"

module FondKettle
  module Reading
    # Kinds and words by which a Doing tells where it is done.
    module DoingWords
      CUT = "cut"
      BOILS = %w[simmer boil].freeze
      # Kinds that put something to what lies somewhere.
      PUTS = %w[fill stir lay-in put-back simmer low boil layer fold].freeze
      INTO_THAT = /\b(?:into|in|to|with)\s+(?:this|that|these|it)(?:\W*\z|,)/i
      # "Keep back 100 ml of it, stir the flour into that"
      SOME_KEPT = /\b(?:keep|hold|set|put|take)\b[^.;]*\b(?:back|aside|out)\b[^.;]*
                   \b(?:\d|some|a\s+(?:cup|ladle))/ix
      LITRES = /\A\W*[\d½¼¾.,]+\s*(?:l|litres?|liters?)\s+(?:of\s+)?water\b[^.;]*\bsalt\b/i
    end

    # What is known of a step before its vessel is.
    #   clause, kind  the Clause, and what it does
    #   last          the ReadStep before
    #   rice, others  it is about the rice; it names other things
    #   goes_in       it puts the rice in
    #   plain_water   nothing but water is heated, for the rice that is drained later
    #   onto          key of the vessel in which that lies to which something is put, or nil
    #   set_aside     what it cooks is put aside before the rice goes into its pot
    #   by_itself     it boils eggs, or what its label says, in water of their own; `rice_apart`: its label is
    #                 the rice, or rice goes into so much of a broth that was made
    Doing = Value.define(:clause, :kind, :last, :rice, :others, :goes_in, :plain_water, :onto,
                         :set_aside, :by_itself, :rice_apart) do
      # True where water is brought to the boil for the rice.
      def water?
        return true if boils_on?

        boils = FondKettle::Reading::DoingWords::BOILS
        plain_water && !goes_in && boils.include?(kind) && (boils.include?(clause.kind) || salted?)
      end

      # "6 l water with 6 tbsp salt, 5 cloves.", without a word for what is done.
      def salted?
        clause.kind.nil? && clause.say.match?(FondKettle::Reading::DoingWords::LITRES)
      end

      # "Half the rice into this": to what the step before mixed.
      def into_that?
        words = FondKettle::Reading::DoingWords
        return false unless last && clause.say.match?(words::INTO_THAT)

        mixed = FondKettle::Reading::MixingPlace::MIXES.include?(last.kind)
        mixed || last.clause.say.match?(words::SOME_KEPT)
      end

      # True where it may be put to something: "crush half the onions into the chicken".
      def puts_onto?
        words = FondKettle::Reading::DoingWords
        crushed = FondKettle::Reading::ImpliedPlace::CRUSHED_INTO
        words::PUTS.include?(kind) || (kind == words::CUT && clause.say.match?(crushed))
      end

      # True where it goes on in the vessel of the step before.
      def goes_on_there?
        into_that? || boils_on?
      end

      # "Boil", of the water for the rice.
      def boils_on?
        bare? && kind == "boil" && last&.vessel == FondKettle::Reading::VesselCourse::BOILING
      end

      # True where it names nothing: it goes on with what was there.
      def bare?
        !rice && !others
      end
    end
  end
end
