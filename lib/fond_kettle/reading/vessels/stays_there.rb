# frozen_string_literal: true

require_relative "mixing_place"

module FondKettle
  module Reading
    # Finds whether something is done with food where it lies: it is cut in its dish, or is chilled.
    class StaysThere
      # Kinds that leave things where they were.
      CHILLS = %w[chill freeze].freeze
      COOL = "cool"
      DRAIN = "drain"
      CUT = "cut"
      SHAPE = "shape"
      TAKE_OUT = "take-out"
      LIFTED = [TAKE_OUT, COOL].freeze
      # What is done with fingers where it lies, and what comes before it.
      SHREDS = /\A\W*(?:then\s+)?(?:pull|shred|flake|tear|bone|skin)\b/i
      COVERS = /\A\W*(?:then\s+)?cover(?:\s+(?:it|them|well|tightly|with\s+[[:alpha:] ]+))*\W*\z/i
      BRUSHES = /\A\W*(?:then\s+)?(?:brush|baste|glaze|dust|rub|salt|season)\b/i

      # `rice`: the RiceCourse; `fire`: the FireVessel; the block says in which vessel the rice is.
      def initialize(rice, fire, &rice_at)
        @rice = rice
        @fire = fire
        @rice_at = rice_at
      end

      # True of a Doing that is done where the step before left its food.
      def doing?(doing)
        return false unless doing.last

        return true if kept_cold?(doing)

        shreds?(doing) || brushes?(doing) || drained?(doing) || covered?(doing) ||
          (doing.bare? && leaves?(doing))
      end

      private

      # "Keep the tuna in the fridge", beside rice that is done.
      def kept_cold?(doing)
        CHILLS.include?(doing.kind) && @rice.done? && !doing.rice
      end

      # "Rub it all over the lamb, cover": in its bowl.
      def covered?(doing)
        doing.bare? && !@rice.in? && MixingPlace::MIXES.include?(doing.last.kind) &&
          doing.clause.say.match?(COVERS)
      end

      # "Drain, cool a bit", of rice too.
      def drained?(doing)
        doing.kind == COOL && doing.last.kind == DRAIN && !@rice.in? && !doing.others
      end

      def leaves?(doing)
        case doing.kind
        when *CHILLS then true
        when SHAPE then !@rice.in?
        when COOL then !@rice.in? || beside?(doing)
        when DRAIN then @rice.in? && beside?(doing)
        when CUT then @fire.baked_in?(doing.last.vessel)
        end
      end

      # "Boil the eggs, cool": not the rice.
      def beside?(doing)
        doing.last.vessel != @rice_at.call && goes_on?(doing)
      end

      # "Lift the meat onto a tray, brush it with fat": there.
      def brushes?(doing)
        doing.last.kind == TAKE_OUT && goes_on?(doing) && doing.clause.say.match?(BRUSHES)
      end

      def goes_on?(doing)
        doing.last.clause.sentence == doing.clause.sentence
      end

      # "Pull the meat off the bones", of what was lifted onto a plate.
      def shreds?(doing)
        LIFTED.include?(doing.last.kind) && doing.kind == CUT && !doing.rice &&
          doing.clause.say.match?(SHREDS)
      end
    end
  end
end
