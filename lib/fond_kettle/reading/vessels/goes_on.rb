# frozen_string_literal: true

require_relative "../lines/broth_given"
require_relative "step_vessels"

module FondKettle
  module Reading
    # Whether a clause goes on with what the one before it made in another vessel: "chop the onion, fry in the
    # butter", "blend them and pour that over".
    class GoesOn
      # Kinds that go on with what was made in a bowl.
      KINDS = [*FireVessel::HOT, "stir", "lay-in", "put-back", "mix", "fill", "par-boil"].freeze
      # "Scatter them over."
      STREWN = %w[sprinkle fold put-back].freeze
      MADE = [*StepVessels::MIXES, *WashVessel::KINDS].freeze
      # What was made in another vessel, as the next clause speaks of it.
      THAT = /\A(?:\W*(?:(?:the\s+)?(?:next|following)\s+(?:day|morning)
               |in\s+the\s+morning|on\s+the\s+day),?)?
               (?:\W*in\s+an?\s+(?:[[:alpha:]]+\s+)?bowl,?\s+)?(?:\W*[[:alpha:]']+\s+){0,2}
               (?:that|it|them|this|bits|lumps|spoonfuls|dollops)\b(?!\s+(?:fat|oil)\b)/ix
      # Kinds that put something into a sauce.
      PUTS = %w[lay-in stir put-back simmer].freeze
      DRAIN = "drain"
      WRAP = "wrap"
      SOAK = "soak"
      # What is fried is what was made before.
      FRIED = /\A\W*(?:then\s+)?(?:(?:deep|shallow)[ -])?(?:(?:fry|brown|sear|grill)\s+
               (?:in|on|over|until|till|both|all|each)|(?:roast|bake)\s+(?:at|for|in|on|until|till))\b/ix
      # "Toss the squash in oil, roast on a tray".
      ROAST = "toast"
      # "Spoon over the rice", of what was fried before.
      OVER = %r{\A\W*(?:then\s+)?(?:add\s+[[:alpha:]]+,\s+)?(?:spoon|pour|tip|scatter|strew|drizzle)\s+
                (?:(?:half|most|some|two[ -]thirds|a\s+third|[123]/[234])\s+)?
                (?:(?:of\s+)?(?:it|this|that|them)\s+)?(?:over|onto|on\s+top)\b
                |\A\W*(?:then\s+)?(?:lay|put)\s+(?:it|them)\s+on\s+the\s+rice\b}ix
      POUR_OVER = /\A\W*(?:then\s+)?(?:pour|spoon)\s+(?:it\s+|this\s+)?over\s+the\b/i
      # "Half of them go into the meat", of what was lifted out.
      PART_OF_IT = %r{\A\W*(?:then\s+)?(?:half|most|some|two[ -]thirds|a\s+third|all|[123]/[234])\s+of\s+
                      (?:it|them|these|those)\b}ix
      WATER = /\bwater\b/i
      FRESH = /\b(?:fresh|clean|new|more)\s+(?:[[:alpha:]]+\s+)?water\b/i
      # "Pressure cook with the turmeric", of what was soaked.
      COOKED = /\A\W*(?:then\s+)?(?:pressure[ -])?(?:cook|boil|simmer)\s+(?:it\s+|them\s+)?
                (?:with|in|until|till|for)\b/ix
      # "Fry the onion till soft, mix with the mince"
      MIXED = %r{\A\W*(?:then\s+)?mix\s+(?:(?:it|them|that|this)\s+)?(?:with\b|w/|into\b)}i
      # "Soak the chillies, drain, blend with the garlic"
      ELLIPTIC = %r{\A\W*(?:then\s+)?(?:blend|grind|pound|mash|whizz|pur[ée]e|mix|toss|season|rub|coat
                  |dress)\s+(?:with|w/?|to|into|until|till)(?=\s)}ix
      # "Drain. Blend with the shallots."
      BLENDED = %r{\A\W*(?:then\s+)?(?:blend|grind|pound|whizz|pur[ée]e|mix|combine)\s+
                   (?:(?:it|them)\s+)?(?:with|w/?)(?=\s)}ix
      # "Crush the seeds. Stir into the yoghurt."
      INTO_OTHER = /\A\W*(?:then\s+)?(?:stir|mix|fold|whisk|beat)\s+into\s+the\b
                    (?!\s+(?:hot\s+)?(?:rice|pot|pan)\b)/ix
      POURED_FIRST = /\A\W*(?:then\s+)?(?:pour|spoon|tip)\s+(?:it\s+|this\s+)?over\s*(?:,|\band\b)/i
      SPREADS = %w[layer lay-in].freeze
      MADE_READY = [SOAK, DRAIN, "rinse", "cool", "cut", "take-out"].freeze
      # What is done to what was drained, without a word for it.
      COVERED = [*FireVessel::HOT, "lay-in", "stir"].freeze
      # What was lifted or drained may be cut.
      LIFTED = %w[take-out drain].freeze
      CUT = "cut"
      BOILED = [*FireVessel::HOT, "take-out", "drain", "cool"].freeze
      # "Cut the cucumbers and dress them." "Cube the lamb and rub it with salt."
      TOSSED = %w[dress mix marinate].freeze

      # "Cut slits in the fish and push the paste in"
      PUSHED_IN = /\A\W*(?:then\s+)?(?:push|press|work|rub|stuff|tuck)\b[^,;]*
                   \b(?:in|into\s+(?:it|them))\W*\z/ix
      TOSSED_WITH = /\A\W*(?:then\s+)?(?:toss|mix|rub|season|coat|dress)\s+(?:with|in)\b/i

      SPREAD_IT = /\A\W*(?:then\s+)?(?:spread|lay|put|tip)\s+(?:it|this|that|them|everything)\b/i
      # "Fold into the hot rice", of what was warmed before.
      INTO_RICE = /\A\W*(?:then\s+)?(?:fold|stir|mix|pour|tip)\s+(?:in|into|over|through)\s[^,;]*\brice\b/i

      # `mixtures`: Mixtures; `places`: LinePlaces.
      def initialize(mixtures, places)
        @mixtures = mixtures
        @places = places
      end

      # True where it does. `kind`: the clause's; `solids`: it names what is no fat and no liquid; `bare`: it
      # names nothing but the rice; `last`: the ReadStep before, or nil.
      def with?(clause, kind, last, solids:, bare:)
        return false unless last && @places.any?(last.vessel)
        return true if made_ready?(clause, kind, last, solids) || laid_by?(clause, kind, last, solids)
        return true if bare && goes_along?(clause, kind, last)

        clause.say.match?(THAT) && of_that?(clause, kind, last)
      end

      private

      # True where it was soaked, cut or mixed before, and nothing else is named.
      def made_ready?(clause, kind, last, solids)
        return true if soaked_before?(clause, kind, last) || fried_before?(clause, last)
        return true if elliptic?(clause, last) || poured_first?(clause, last) || tossed?(clause, last)

        !solids && (cut_before?(clause, kind, last) || mixed_before?(clause, last))
      end

      # True where it goes on without a word for what it goes on with.
      def goes_along?(clause, kind, last)
        return true if over?(clause, last) || clause.say.match?(BrothGiven::TO_COVER)
        return true if spread?(clause, kind, last)

        !clause.verb.nil? && (drained_before?(kind, last) || into_rice?(clause, kind) ||
          cut_alone?(clause, kind, last) || boiled_before?(clause, kind, last))
      end

      # "Mix the onions into the chicken and spread in a heavy pot", "spread it all over the bottom"
      def spread?(clause, kind, last)
        return false unless SPREADS.include?(kind) && [*MADE, CUT].include?(last.kind)

        last.clause.sentence == clause.sentence || clause.say.match?(SPREAD_IT)
      end

      # What is wrapped, or, of what was cooked: "Stir in the cream. Pour over the chicken."
      def laid_by?(clause, kind, last, solids)
        return kind == WRAP unless solids

        [*FireVessel::HOT, "stir"].include?(last.kind) && clause.say.match?(POUR_OVER)
      end

      # "Drain, cover with fresh water": what was drained goes along.
      def drained_before?(kind, last)
        last.kind == DRAIN && COVERED.include?(kind)
      end

      def over?(clause, last)
        clause.say.match?(OVER) && (FireVessel::HOT.include?(last.kind) || MADE.include?(last.kind))
      end

      def fried_before?(clause, last)
        last.kind == "fry" && last.clause.sentence == clause.sentence && clause.say.match?(MIXED)
      end

      def elliptic?(clause, last)
        return true if last.kind == CUT && clause.say.match?(INTO_OTHER)

        return false unless MADE_READY.include?(last.kind) && clause.say.match?(ELLIPTIC)

        last.clause.sentence == clause.sentence || clause.say.match?(BLENDED)
      end

      # "Crumble the saffron into the stock, pour over, put the chicken on top"
      def poured_first?(clause, last)
        MADE.include?(last.kind) && last.clause.sentence == clause.sentence && clause.say.match?(POURED_FIRST)
      end

      # "Cut the squash in cubes, toss with salt"
      def tossed?(clause, last)
        last.kind == CUT && [TOSSED_WITH, PUSHED_IN].any? { |words| clause.say.match?(words) }
      end

      # "Cut the pork in strips. Blanch 3 minutes."
      def cut_alone?(clause, kind, last)
        last.kind == CUT && FireVessel::HOT.include?(kind) && !clause.say.match?(WATER)
      end

      # "Soak the beans overnight. Next day fresh water, boil till soft."
      def soaked_before?(clause, kind, last)
        last.kind == SOAK && KINDS.include?(kind) && (clause.say.match?(FRESH) || clause.say.match?(COOKED))
      end

      # "Salt, turmeric, flour, shake off. Fry in hot oil."
      def mixed_before?(clause, last)
        return false unless [*StepVessels::MIXES, WashVessel::RINSE, CUT].include?(last.kind)

        clause.say.match?(FRIED) || (clause.kind == ROAST && last.clause.sentence == clause.sentence)
      end

      # "Boil the eggs, peel, quarter", "lift out, flake".
      def boiled_before?(clause, kind, last)
        kind == CUT && BOILED.include?(last.kind) && last.clause.sentence == clause.sentence
      end

      def into_rice?(clause, kind)
        STREWN.include?(kind) && clause.say.match?(INTO_RICE)
      end

      def cut_before?(clause, kind, last)
        last.kind == CUT && FireVessel::HOT.include?(kind) &&
          (last.clause.sentence == clause.sentence || !clause.say.include?(" "))
      end

      def of_that?(clause, kind, last)
        case kind
        when CUT then [*LIFTED, SOAK, WashVessel::RINSE, "toast"].include?(last.kind)
        when *STREWN then true
        when *TOSSED then last.kind == CUT || made?(kind, last)
        else made?(kind, last) || of_lifted?(clause, last) || into_mixture?(clause, kind)
        end
      end

      def of_lifted?(clause, last)
        LIFTED.include?(last.kind) && clause.say.match?(PART_OF_IT)
      end

      def into_mixture?(clause, kind)
        PUTS.include?(kind) && !@mixtures.into(clause.say).nil?
      end

      def made?(kind, last)
        [*KINDS, SOAK].include?(kind) && [*MADE, CUT].include?(last.kind)
      end
    end
  end
end
