# frozen_string_literal: true

require_relative "../../kit/vessel_kind"
require_relative "fire_vessel"
require_relative "mixing_place"
require_relative "vessel_course"
require_relative "wash_vessel"

module FondKettle
  module Reading
    # Finds the vessels that a step implies without naming one: the tray under the grill, the water in which
    # something boiled before, the pot into which the step before put something.
    class ImpliedPlace
      # "Crush half the onions into the chicken"
      CRUSHED_INTO = /\A\W*(?:then\s+)?(?:crush|crumble|grate|shred|tear|snip|chop)\b[^.;]*\binto\s+the\b/i
      GRILL = /\b(?:grill|broil)/i
      BAKE = "bake"
      SIMMER = "simmer"
      BOILS = [SIMMER, "boil"].freeze
      STIR = "stir"

      # With this something new is begun in a vessel.
      HEATS_FAT = /\A\W*(?:heat|warm|melt)\b[^.;]*\b(?:oil|fat|butter|ghee|lard)\b/i

      # `course`: the VesselCourse; `places`: LinePlaces; the block says in which vessel the rice is.
      def initialize(course, places, &rice_at)
        @course = course
        @places = places
        @rice_at = rice_at
      end

      # Notes that a Doing was done in a vessel (its key).
      def note(key, doing)
        @boiled_in = key if BOILS.include?(doing.kind) && pot?(key)
      end

      # The key for a Doing, or nil.
      def key(doing)
        return @course.aside(VesselCourse::TRAY) if grilled?(doing)
        return @course.cook_in(@course.own_rice_pot) if begun_anew?(doing)

        @boiled_in if doing.kind == SIMMER && doing.clause.say.match?(WashVessel::SAME_WATER)
      end

      # "Tip the peas into a big pot. In go the onions": the pot of the step before, or nil.
      def pot(doing)
        last = doing.last
        return unless doing.clause.kind == STIR && last && MixingPlace::MIXES.include?(last.kind)

        last.vessel if pot?(last.vessel)
      end

      private

      # Below the list for another part of the dish fat is heated in a clean pot: what was cooked before stays
      # where it is.
      def begun_anew?(doing)
        !doing.clause.part.nil? && doing.clause.say.match?(HEATS_FAT) && !@course.in_hand.nil? &&
          @places.any?(@course.in_hand)
      end

      # What is grilled while the rice is in its cooker lies on a tray by itself.
      def grilled?(doing)
        doing.kind == BAKE && doing.clause.say.match?(GRILL) &&
          @course.kind(@rice_at.call) == Kit::VesselKinds::COOKER.key
      end

      def pot?(key)
        FireVessel::RICE_POTS.include?(@course.kind(key))
      end
    end
  end
end
