# frozen_string_literal: true

require_relative "../../kit/vessel_kind"
require_relative "doing"
require_relative "finished_place"
require_relative "fire_vessel"
require_relative "implied_place"
require_relative "mixing_place"
require_relative "stays_there"
require_relative "vessel_course"
require_relative "wash_vessel"

module FondKettle
  module Reading
    # In which vessel each step is done: where its words say, else by its kind.
    class StepVessels
      MIXES = MixingPlace::MIXES
      DRAIN = "drain"
      DRESS = "dress"
      BAKE = "bake"
      REST = "rest"
      # Kinds by which it comes into another vessel once it is cooked.
      MOVES = %w[layer lay-in stir cool fold dress].freeze
      # How the vessel is found of a kind that says where.
      UNNAMED = { "par-boil" => :boiled_apart, "cut" => :on_board,
                  **WashVessel::KINDS.to_h { |kind| [kind, :washed] } }.freeze
      RICE_INTO = /\brice\b[^,.;]{0,20}\b(?:in|into|to|onto)\s/i
      # Kinds that finish the rice.
      FINISHES = %w[fold sprinkle fluff dress put-back shape].freeze
      # "Wipe out the pot": that is the one for what comes next.
      AGAIN = /\b(?:wipe|wash|rinse|clean|dry)\s+(?:out\s+|down\s+)?(?:the|that|your)\s+(?:[[:alpha:]]+\s+)?
               (?:pot|pan)\b/ix
      # A broth that is strained is no thing for a plate.
      STRAIN = /\A\W*(?:then\s+)?strain\b/i
      # What is thrown away goes into no vessel.
      AWAY = /\b(?:throw\b[^.,;]*\baway|discard)\b/i

      # "When the cooker clicks leave it"
      CLICKS = /\bcooker\s+(?:clicks|switches|beeps|pops|turns|is\s+done|has\s+finished)\b/i

      # `course`: the VesselCourse; `rice`: the RiceCourse; `places`: LinePlaces.
      def initialize(course, rice, places)
        @course = course
        @rice = rice
        @places = places
        @fire = FireVessel.new(course, rice, places)
        @wash = WashVessel.new(course, places)
        @mixing = MixingPlace.new(rice, @wash) { rice_at }
        @implied = ImpliedPlace.new(course, places) { rice_at }
        @stays = StaysThere.new(rice, @fire) { rice_at }
        @finished = FinishedPlace.new(course, rice) { rice_at }
      end

      # The vessel's key of a Doing.
      def vessel(doing)
        named = @wash.named(doing)
        named = [meant(doing)].compact if named.empty?
        return @wash.water(named) if doing.water?
        return @course.cook_in(doing.last.vessel) if again?(doing)

        key = send(way(doing, named), named, doing)
        @implied.note(key, doing)
        note_rice(key, doing, moved: doing.goes_in || moves_rice?(doing, named))
        key
      end

      # Something was taken out of vessels (keys): the one on the fire among them is in hand again.
      def back_to(from)
        key = from.find { |one| FireVessel::FIRED.include?(@course.kind(one)) }
        @course.cook_in(key) if key
      end

      # The kind of a Doing, once its vessel (key) is known.
      def kind_in(vessel, doing)
        return "low" if doing.kind == BAKE && @course.kind(vessel) == Kit::VesselKinds::COOKER.key

        @fire.bakes?(vessel, doing) ? BAKE : doing.kind
      end

      # True for a rice cooker (a vessel's key).
      def cooker?(vessel)
        @course.kind(vessel) == Kit::VesselKinds::COOKER.key
      end

      # The vessel all of which a text gives, or nil.
      def given(say)
        @course.given(say)
      end

      # True for a vessel (key) over the fire beside the one in which the rice is.
      def beside_rice?(vessel)
        @rice.in? && vessel != rice_at && FireVessel::FIRED.include?(@course.kind(vessel))
      end

      # The vessel that gives all it has at a step of a kind: what is turned out or served is the rice's.
      def giving(kind)
        FinishedPlace::KINDS.include?(kind) ? @finished.gives(kind) : @course.fire
      end

      # The vessel in which the rice is cooked; over the fire, where nobody has put it in.
      def rice_at
        @rice_at || @course.fire
      end

      private

      # The vessel that is meant where none is named, or nil.
      def meant(doing)
        return doing.onto if doing.onto && doing.puts_onto?

        doing.goes_on_there? ? doing.last.vessel : @implied.key(doing)
      end

      def again?(doing)
        !doing.others && doing.last && doing.clause.say.match?(AGAIN) &&
          FireVessel::RICE_POTS.include?(@course.kind(doing.last.vessel))
      end

      # Notes where the rice is now, and where it was washed.
      def note_rice(key, doing, moved:)
        @course.cook_in(@rice_at = key) if moved
        @wash.note(key) if doing.rice && WashVessel::KINDS.include?(doing.kind)
      end

      # "The rice into a big bowl."
      def moves_rice?(doing, named)
        return false unless @rice.in? && doing.rice

        moved = MOVES.include?(doing.kind) || doing.clause.say.match?(RICE_INTO)
        (named.any? && moved) || (@rice.done? && FireVessel::HOT.include?(doing.kind))
      end

      # How the vessel is found (a method's name).
      def way(doing, named)
        case doing.kind
        when StaysThere::TAKE_OUT then :taken_out
        when "taste" then :here
        when *FinishedPlace::KINDS then :finished
        when "wrap" then :on_board
        when *MIXES then @mixing.of(doing)
        when DRESS then @rice.in? ? unnamed(doing) : :mixed_in
        else named.empty? ? unnamed(doing) : :cooked_in
        end
      end

      def unnamed(doing)
        return :where_it_lies if @stays.doing?(doing)
        return :with_rice if soaks_in_pot?(doing) || of_rice?(doing)
        return UNNAMED.fetch(doing.kind) if UNNAMED.key?(doing.kind)
        return :beside_rice if @wash.boils_still?(doing)

        @rice.done? && FINISHES.include?(doing.kind) ? :with_rice : :cooked_in
      end

      # "Flake it", of what lies in a dish.
      def where_it_lies(_named, doing)
        doing.last.vessel
      end

      # Rice that is in its pot soaks there.
      def soaks_in_pot?(doing)
        @rice.in? && doing.kind == WashVessel::SOAK && !doing.others && !@wash.steeped?(doing)
      end

      # "The rice is done after 40 minutes, leave it closed 10 more", whatever else was told in between.
      def of_rice?(doing)
        return false unless @rice.in?
        return doing.clause.say.match?(CLICKS) if doing.others

        rests_on?(doing) || (!doing.clause.minutes.nil? && doing.clause.verb.nil? &&
          @rice.called?(doing.clause.say))
      end

      def rests_on?(doing)
        doing.bare? && doing.kind == REST && doing.last&.vessel == rice_at
      end

      # The vessel in which something is washed, soaked or drained.
      def washed(named, doing)
        @wash.vessel(doing) || (doing.kind == DRAIN ? taken_out(named, doing) : cooked_in(named, doing))
      end

      def beside_rice(*)
        @wash.boiled_in
      end

      # What is put to the rice when it is done.
      def with_rice(*)
        @finished.with_rice
      end

      def taken_out(named, doing)
        return @course.fire if doing.clause.say.match?(AWAY)

        return @course.aside(VesselCourse::BOWL) if named.empty? && doing.clause.say.match?(STRAIN)

        (named - [@course.fire]).last || @course.plate { |key| @places.used?(key) }
      end

      def here(named, _doing)
        named.last || @course.fire
      end

      def on_board(named, _doing)
        named.last || @course.aside("cut")
      end

      def finished(named, doing)
        @finished.vessel(named, doing)
      end

      # What is rubbed or stirred in a pot stays there.
      def mixed_in(named, doing)
        key = named.last || @implied.pot(doing) || @course.aside(VesselCourse::BOWL)
        @course.cook_in(key) if @course.kind(key) == "pot"
        key
      end

      def boiled_apart(*)
        @wash.boil_apart
      end

      def cooked_in(named, doing)
        turned_out = @finished.turned_out
        return @fire.vessel(doing, named.last) unless turned_out && named.empty?

        @course.cook_in(turned_out) if doing.goes_in
        turned_out
      end
    end
  end
end
