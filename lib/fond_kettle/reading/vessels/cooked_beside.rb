# frozen_string_literal: true

require_relative "../words/labels"
require_relative "vessel_course"

module FondKettle
  module Reading
    # Tells whether something else than the rice is cooked beside it, once the rice lies in its pot.
    class CookedBeside
      # Kinds that are done over the fire.
      HOT = %w[fry toast simmer reduce broth low boil bake steam].freeze
      FRIES = %w[fry toast].freeze
      # In these nothing is fried while rice is in them.
      NOT_FRIED_IN = %w[steamer cooker].freeze
      WARMS = %w[simmer boil reduce].freeze
      # "Edamame: boiling water 3 min", "warm the cream", "dressing: 50 ml vinegar, …": not in what the rice
      # cooks in.
      ALONE = /\A\W*(?:(?:[[:alpha:]]+:\s+)?(?:in\s+)?boiling\s+(?:salted\s+)?water\b
               |(?:(?:then|meanwhile),?\s+)?warm\b)|#{Labels::HEADS_LIST}/ix
      HEATS = /\A\W*(?:[^:]{2,40}:\s+)?(?:(?:then|meanwhile),?\s+)?(?:heat|warm|simmer|boil|bring|melt)\b/i

      # `course`: the VesselCourse; `rice`: the RiceCourse.
      def initialize(course, rice)
        @course = course
        @rice = rice
      end

      # True of a Doing that is; `rice_pot`: key of the rice's vessel, or nil.
      def doing?(doing, rice_pot)
        return false unless doing.others && !doing.rice

        beside_steamer?(doing) || (apart?(doing) && rice_in_hand?(rice_pot)) || baked?(doing, rice_pot)
      end

      # True of a Doing that bakes something once the rice is done, or while it lies in a cooker or a steamer:
      # nothing else is baked in these.
      def baked?(doing, rice_pot)
        return false unless doing.kind == "bake"

        @rice.done? || (@rice.in? && no_pan?(rice_pot))
      end

      # True for a vessel (key) that stands in the oven.
      def baked_in?(vessel)
        !vessel.nil? && @course.kind(vessel) == VesselCourse::TRAY
      end

      private

      # True for a vessel (key) that stands in the oven, or is a bowl.
      def not_on_fire?(vessel)
        baked_in?(vessel) || @course.kind(vessel) == VesselCourse::BOWL
      end

      # True where the rice lies, done or closed, in what is in hand, or its pot is none to fry in: nothing
      # else is fried there.
      def rice_in_hand?(rice_pot)
        return false unless @rice.in? && (@course.fire == rice_pot || not_on_fire?(@course.fire))

        @rice.done? || @rice.covered? || no_pan?(rice_pot)
      end

      # True for a vessel (key; nil: none) in which nothing is fried.
      def no_pan?(vessel)
        !vessel.nil? && NOT_FRIED_IN.include?(@course.kind(vessel))
      end

      # What is fried, and what is warmed or simmered by itself once the rice is done.
      def apart?(doing)
        return true if FRIES.include?(doing.kind)
        return false unless WARMS.intersect?([doing.kind, doing.clause.kind])

        @rice.done? || not_on_fire?(@course.fire) || doing.clause.say.match?(ALONE)
      end

      # "Heat the coconut milk with the sugar", while the rice steams or lies in a bowl.
      def beside_steamer?(doing)
        @rice.in? && HOT.include?(doing.kind) && doing.clause.say.match?(HEATS) &&
          [VesselCourse::STEAMER, VesselCourse::BOWL].include?(@course.kind(@course.fire))
      end
    end
  end
end
