# frozen_string_literal: true

require_relative "../words/joined_clauses"
require_relative "cooked_beside"
require_relative "vessel_course"

module FondKettle
  module Reading
    # In which vessel something is cooked: the one that is named, else the one in hand, else another.
    class FireVessel
      # Kinds that are done over the fire, and of vessels that stand on it.
      HOT = CookedBeside::HOT
      FIRED = %w[pot frying-pan cooker steamer oven-dish].freeze
      RICE_POTS = %w[pot cooker].freeze
      # What something is laid in is on the fire next.
      LAID_IN = [*RICE_POTS, VesselCourse::PAN].freeze
      APART = { "bake" => VesselCourse::TRAY, "steam" => VesselCourse::STEAMER }.freeze
      # "Cook the rice", not "add the rice".
      COOKED = /\A\W*(?:now\s+|then\s+|meanwhile\s+)?(?:cook|boil|make)\s+(?:the|your)\b/i
      BOILED_ALONE = /\A\W*(?:(?:meanwhile|then|next|now),?\s+
                      |[[:alpha:]]+(?:\s[[:alpha:]]+)?(?:\s\d+\s?k?g)?:\s+)?
                      (?:(?:blanch|poach)\b|(?:(?:hard|soft)[- ]?)?boil\s+(?:the\s+)?eggs?\b)/ix
      IN_IT = /\A\W*(?:(?:meanwhile|then|next|now),?\s+)?(?:blanch|poach|boil|cook|simmer)\b[^,;.]*
               \bin\s+(?:it|there|the\s+same\s+(?:water|pot|pan|broth|stock))\b/ix
      # "Butter the tin", "line a mould with leaves".
      GREASED = /\A\W*(?:then\s+)?(?:butter|grease|oil|line)\b/i
      WATER_ALONE = /\A\W*(?:(?:meanwhile|then|now),?\s+)?(?:boil|bring)\s+(?:about\s+|the\s+(?=\d))?
                     (?:[\d½¼¾⅓⅔⅛]|(?:an?|some|its)\s)[^,;]{0,30}\bwater\b(?!\s+(?:with|and)\s+the\b)/ix
      # "Pour in the coconut milk", of what cooks beside the rice; "lay them on top" is of the rice.
      ADDS = /\A\W*(?:then\s+|now\s+)?
              (?:(?:add|return)\b|(?:pour|stir|slide|drop|tip|put|throw)\s+in\b(?!to))/ix
      ON_RICE = /\b(?:on\s+top|over|rice)\b/i
      ON_POT = Regexp.union(JoinedClauses::POURED, /\A\W*(?:then\s+)?wrap\b[^.;]*\blid\b/i)
      # "Lay it on the rice", "pour over the chicken", of rice in its dish.
      OVER_DISH = /\A\W*(?:then\s+)?(?:(?:pour|spoon)\s+(?:it\s+)?over\b
                   |(?:lay|put|place)\s+(?:it|them|the\s+[[:alpha:]]+)\s+(?:on|over)\s+the\s+rice\b)/ix
      # "Lid, 150 °C, 2 hours"
      LID = /\A\W*(?:the\s+)?lid\b/i
      LID_ON = /\blid\s+on\b|\bcovered\b/i
      COVERED_INTO = /\A\W*(?:cover(?:ed)?|lid\s+on)\W+(?:back\s+)?in(?:to)?\s+(?:an?|the)\s+oven\b/i
      INTO_OVEN = /\A\W*(?:then\s+)?(?:put|slide|move|transfer|pop|set)\s+
                   (?:(?:it|this|that|the\s+(?:pot|pan|casserole|lot))\s+)?(?:in(?:to)?|to)\s+
                   (?:(?:an?|the)\s+)?(?:hot\s+)?oven\b
                   |#{COVERED_INTO}/ix
      BOILS = %w[simmer boil].freeze

      # `course`: the VesselCourse; `rice`: the RiceCourse; `places`: LinePlaces.
      def initialize(course, rice, places)
        @course = course
        @rice = rice
        @places = places
        @beside = CookedBeside.new(course, rice)
      end

      # The vessel's key of a Doing; `named`: the one that its words say, or nil.
      def vessel(doing, named)
        meanwhile = doing.clause.meanwhile && @rice.in? && !goes_on_with_rice?(doing)
        key = named || water_alone(doing) || in_it(doing) || in_hand(doing)
        key ||= here_or_apart(doing, meanwhile || @beside.doing?(doing, @rice_pot))
        @rice_pot = key if doing.goes_in
        next_in(key, doing, meanwhile)
        key
      end

      # True for a vessel (key) that stands in the oven.
      def baked_in?(vessel)
        @beside.baked_in?(vessel)
      end

      # True for what stands in its dish under foil for so long: that is in the oven.
      def bakes?(vessel, doing)
        doing.kind == "low" && !doing.clause.minutes.nil? && baked_in?(vessel)
      end

      private

      # What is done next is done in it too, unless something else cooks meanwhile.
      def next_in(key, doing, meanwhile)
        beside = meanwhile || roasts_beside?(key, doing) || key == VesselCourse::SAUCEPAN
        goes_on = greased?(key, doing) || (cooks?(key, doing.kind) && !beside)
        @course.cook_in(key) if doing.goes_in || goes_on
      end

      # "Meanwhile stir the rice into the stock, cover and cook": the rice is what is meanwhile.
      def goes_on_with_rice?(doing)
        last = doing.last
        !last.nil? && last.vessel == @rice_pot && last.clause.sentence == doing.clause.sentence
      end

      # True where something bakes by itself before the rice goes in, or beside it: the vessel on the fire
      # stays in hand.
      def roasts_beside?(key, doing)
        own = @course.in_hand
        beside = !@rice.in? || (!doing.rice && @beside.baked?(doing, @rice_pot))
        doing.kind == "bake" && beside && own && own != key && @places.any?(own)
      end

      # "Poach the chicken in it": in what is on the fire.
      def in_it(doing)
        @course.fire if doing.clause.say.match?(IN_IT) && @places.any?(@course.fire)
      end

      # Where it goes on without a word for it, or nil.
      def in_hand(doing)
        boiled_alone(doing) || roasted_in(doing) || rice_pot(doing) || over_rice(doing) || goes_on_in(doing)
      end

      # "Boil 500 ml water": for the rice alone, where something else lies on the fire.
      def water_alone(doing)
        return if @rice.in? || !%w[boil simmer].include?(doing.kind)

        @course.own_rice_pot if doing.clause.say.match?(WATER_ALONE) && @places.any?(@course.fire)
      end

      # Rice that is cooked by itself is not put to what lies in a pan.
      def rice_pot(doing)
        return unless doing.goes_in

        # No rice is boiled in a dish with what was baked in it.
        apart = doing.rice_apart || (doing.kind == BOILS.last && baked_in?(@course.fire))
        return @course.own_rice_pot if apart && @places.any?(@course.fire)
        return unless doing.clause.say.match?(COOKED)

        @course.rice_pot if @course.kind(@course.fire) == VesselCourse::PAN
      end

      # "Pour over", "wrap the lid in a cloth", after something was melted in a pan: the rice's pot is meant.
      def over_rice(doing)
        return unless @rice.in? && @rice_pot && @course.kind(@course.fire) == VesselCourse::PAN

        said = doing.bare? ? ON_POT : OVER_DISH
        @course.cook_in(@rice_pot) if doing.clause.say.match?(said) && (doing.bare? || baked_in?(@rice_pot))
      end

      # "Boil the eggs", "blanch the carrots": in water of their own, where something else is in hand.
      def boiled_alone(doing)
        return if doing.rice || doing.goes_in || !doing.others || !doing.clause.say.match?(BOILED_ALONE)

        @course.saucepan if @rice.in? || @places.any?(@course.fire)
      end

      # What was tossed in its tin is baked in it.
      def roasted_in(doing)
        doing.last.vessel if doing.kind == "bake" && baked_in?(doing.last&.vessel)
      end

      # "…, heat till it froths": in one sentence it goes on in the same vessel.
      def goes_on_in(doing)
        last = doing.last
        return unless last && @rice.in? && cooks_beside?(last.vessel)

        last.vessel if added?(doing) || same_sentence?(doing)
      end

      def same_sentence?(doing)
        return false unless doing.last.clause.sentence == doing.clause.sentence && HOT.include?(doing.kind)

        doing.bare? || both_meanwhile?(doing) || simmers_on?(doing)
      end

      # "Cook the leeks, then the stock, and simmer", while the rice lies in its dish.
      def simmers_on?(doing)
        !doing.rice && baked_in?(@rice_pot) && doing.clause.kind == "simmer"
      end

      def added?(doing)
        say = doing.clause.say
        !doing.rice && say.match?(ADDS) && !say.match?(ON_RICE)
      end

      # True for a vessel (key) over a fire beside the one that is in hand, with something in it.
      def cooks_beside?(vessel)
        ![@rice_pot, @course.fire].include?(vessel) && FIRED.include?(@course.kind(vessel)) &&
          @places.any?(vessel)
      end

      # "While the rice cooks: heat oil in a pan, add the onion and fry".
      def both_meanwhile?(doing)
        doing.clause.meanwhile && doing.last.clause.meanwhile && !doing.rice
      end

      # What is baked or steamed before the rice goes in lies in no pot.
      def here_or_apart(doing, apart)
        own = APART[doing.kind] unless lidded?(doing)
        return @course.aside(own) if own && (apart || !@rice.in? || steamed_after?(doing))
        return @course.aside(VesselCourse::PAN) if off_dish?(doing)

        in_pan(doing, apart)
      end

      # What is fried to be kept, or is boiled where nothing but a dish for the oven is in hand.
      def off_dish?(doing)
        if CookedBeside::FRIES.include?(doing.kind)
          return doing.set_aside || (baked_in?(@course.in_hand) && !doing.rice)
        end

        BOILS.include?(doing.kind) && !@rice.in? && !doing.rice && baked_in?(@course.in_hand)
      end

      # What is steamed once the rice is done.
      def steamed_after?(doing)
        doing.kind == "steam" && @rice.done? && !doing.rice
      end

      # "Add the stock, lid on, in the oven for two hours", "cover, put into the oven": the pot on the fire
      # goes in.
      def lidded?(doing)
        return false unless @places.any?(@course.fire)
        return doing.clause.say.match?(LID_ON) unless doing.bare?

        doing.last&.vessel == @course.fire && [INTO_OVEN, LID].any? { |words| doing.clause.say.match?(words) }
      end

      def in_pan(doing, apart)
        return @course.saucepan if doing.by_itself
        return @course.fire unless apart && HOT.include?(doing.kind)

        @course.pan { |key| @rice.done? && @places.any?(key) }
      end

      # A dish that is buttered before the rice goes in is the one for it.
      def greased?(key, doing)
        !@rice.in? && doing.clause.say.match?(GREASED) && FIRED.include?(@course.kind(key))
      end

      # True where what is done next is done in this vessel too.
      def cooks?(key, kind)
        return FIRED.include?(@course.kind(key)) if HOT.include?(kind)

        kind == "layer" || (kind == "lay-in" && LAID_IN.include?(@course.kind(key)))
      end
    end
  end
end
