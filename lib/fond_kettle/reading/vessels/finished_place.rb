# frozen_string_literal: true

require_relative "vessel_course"

module FondKettle
  module Reading
    # Keeps where the rice lies once it is turned out, heaped on a platter or served.
    class FinishedPlace
      TURN_OUT = "turn-out"
      KINDS = [TURN_OUT, "serve"].freeze
      DISH = "dish"

      # The vessel's key on which it was turned out or heaped; nil: on none so far.
      attr_reader :turned_out

      # `course`: the VesselCourse; `rice`: the RiceCourse; the block says in which vessel it was cooked.
      def initialize(course, rice, &rice_at)
        @course = course
        @rice = rice
        @rice_at = rice_at
      end

      # The vessel's key of a Doing of one of KINDS (`named`: keys that its words say); what is turned out
      # goes on where it lies then.
      def vessel(named, doing)
        @before = with_rice
        key = named.last || @course.aside(DISH)
        @turned_out = key if doing.kind == TURN_OUT || heaped?(named, doing)
        key
      end

      # The vessel that gives all it has at a step of one of KINDS, its own known already.
      def gives(kind)
        kind == TURN_OUT ? @rice_at.call : @before
      end

      # The vessel in which the rice lies now.
      def with_rice
        @turned_out || @rice_at.call
      end

      private

      # "Spread on the big plate."
      def heaped?(named, doing)
        named.any? && @rice.done? && doing.bare?
      end
    end
  end
end
