# frozen_string_literal: true

require_relative "vessel_course"

module FondKettle
  module Reading
    # In which vessel each step is done: where its words say, else by its kind.
    class StepVessels
      OF_RICE = %w[rinse soak drain].freeze
      MIXES = %w[mix marinate].freeze
      # Kinds that are done over the fire, and of vessels that stand on it.
      HOT = %w[fry toast simmer reduce broth low boil bake steam].freeze
      FIRED = %w[pot frying-pan cooker steamer oven-dish].freeze
      RICE_POTS = %w[pot cooker].freeze
      CUT = "cut"
      DRAIN = "drain"
      DRESS = "dress"
      SOAK = "soak"
      APART = { "bake" => VesselCourse::TRAY, "steam" => VesselCourse::STEAMER }.freeze
      BOILS = %w[simmer boil].freeze
      # Kinds by which it comes into another vessel once it is cooked.
      MOVES = %w[layer lay-in stir cool].freeze
      # How the vessel is found of a kind that says where.
      UNNAMED = { "par-boil" => :boiled_apart, "cut" => :on_board }.freeze
      FINISHED = %w[turn-out serve].freeze
      # Kinds that finish the rice.
      FINISHES = %w[fold sprinkle fluff dress put-back shape].freeze
      # Kinds that put something to what lies somewhere.
      PUTS = %w[fill stir lay-in put-back simmer low boil layer].freeze
      # "Add the beans for the last two minutes."
      LAST = /\bfor\s+the\s+(?:last|final)\b/i
      # "Cook the rice", not "add the rice".
      COOKED = /\A\W*(?:now\s+|then\s+|meanwhile\s+)?(?:cook|boil|make)\s+(?:the|your)\b/i
      # What is thrown away goes into no vessel.
      AWAY = /\b(?:throw\s+away|discard)\b/i

      # `course`: the VesselCourse; `rice`: the RiceCourse; `places`: LinePlaces.
      def initialize(course, rice, places)
        @course = course
        @rice = rice
        @places = places
      end

      # The vessel's key. `last`: the ReadStep before; `about_rice`, `goes_in`: it is about the rice, and puts
      # it in; `others`: it names other things; `plain_water`: nothing but water is heated, for the rice that
      # is drained later; `onto`: key of the vessel in which that lies to which something is put.
      def vessel(clause, kind, last:, about_rice:, others:, goes_in:, plain_water:, onto:)
        named = @course.named(clause.say)
        named = [onto].compact if named.empty? && PUTS.include?(kind)
        return water_for(named) if BOILS.include?(kind) && plain_water && !goes_in

        way = way(kind, clause, last, about_rice, named, others: others)
        key = send(way, kind, named, clause, last, goes_in)
        note_rice(key, kind, about_rice, moved: goes_in || moves_rice?(kind, about_rice, named))
        key
      end

      # The vessel that gives all it has at a step of a kind: what is turned out or served is the rice's.
      def giving(kind)
        FINISHED.include?(kind) ? rice_at : @course.fire
      end

      # The vessel in which the rice is cooked; over the fire, where nobody has put it in.
      def rice_at
        @rice_at || @course.fire
      end

      private

      # Notes where the rice is now, and where it was washed.
      def note_rice(key, kind, about_rice, moved:)
        @course.cook_in(@rice_at = key) if moved
        @washed_in = key if about_rice && OF_RICE.include?(kind)
      end

      # "The rice into a big bowl."
      def moves_rice?(kind, about_rice, named)
        return false unless @rice.in? && about_rice

        (named.any? && MOVES.include?(kind)) || (@rice.done? && HOT.include?(kind))
      end

      # How the vessel is found (a method's name).
      def way(kind, clause, last, about_rice, named, others:)
        case kind
        when "take-out" then :taken_out
        when "taste" then :here
        when *FINISHED then :finished
        when "wrap" then :on_board
        when *MIXES then mixed(clause, about_rice)
        when DRESS then @rice.in? ? unnamed(kind, clause, last, about_rice, others) : :mixed_in
        else named.empty? ? unnamed(kind, clause, last, about_rice, others) : :cooked_in
        end
      end

      # What is mixed while the rice cooks is mixed in its pot; once it is done, only with the rice.
      def mixed(clause, about_rice)
        return :mixed_in if !@rice.in? || clause.meanwhile || clause.verb&.bowl
        return :cooked_in unless @rice.done?

        about_rice ? :with_rice : :mixed_in
      end

      def unnamed(kind, clause, last, about_rice, others)
        return :where_it_lies if kind == CUT && !others && off_the_fire?(last)
        return UNNAMED.fetch(kind) if UNNAMED.key?(kind)
        return washed(kind, last, about_rice, others) if OF_RICE.include?(kind)
        return :beside_rice if boils_still?(clause, last)

        @rice.done? && FINISHES.include?(kind) ? :with_rice : :cooked_in
      end

      # "Flake it" is done where the fish lies, unless that is in a pot.
      def off_the_fire?(last)
        !last.nil? && (!FIRED.include?(@course.kind(last.vessel)) || baked_in?(last.vessel))
      end

      def where_it_lies(_kind, _named, _clause, last, *)
        last.vessel
      end

      def washed(kind, last, about_rice, others)
        return :soaked if kind == SOAK && others && !about_rice
        return :of_rice if about_rice || (last && (OF_RICE.include?(last.kind) || last.vessel == @boiled_in))

        kind == DRAIN ? :taken_out : :cooked_in
      end

      # What is put into the water in which the rice boils apart.
      def boils_still?(clause, last)
        !@boiled_in.nil? && last&.vessel == @boiled_in && clause.say.match?(LAST)
      end

      def beside_rice(*)
        @boiled_in
      end

      # What is put to the rice when it is done.
      def with_rice(*)
        @turned_out || rice_at
      end

      def soaked(*)
        @course.aside(VesselCourse::SOAKING)
      end

      def taken_out(_kind, named, clause, *)
        return @course.fire if clause.say.match?(AWAY)

        (named - [@course.fire]).last || @course.plate { |key| @places.any?(key) }
      end

      def here(_kind, named, *)
        named.last || @course.fire
      end

      def on_board(_kind, named, *)
        named.last || @course.aside("cut")
      end

      # What is turned out goes on where it lies then.
      def finished(kind, named, *)
        (named.last || @course.aside("dish")).tap { |key| @turned_out = key if kind == "turn-out" }
      end

      # What is rubbed or stirred in a pot stays there.
      def mixed_in(_kind, named, *)
        key = named.last || @course.aside(VesselCourse::BOWL)
        @course.cook_in(key) if @course.kind(key) == "pot"
        key
      end

      def boiled_apart(*)
        @boiled_in = @course.aside(VesselCourse::BOILING)
      end

      # Where the rice is washed, soaked and drained; peas may be as well.
      def of_rice(_kind, _named, _clause, last, *)
        return last.vessel if [@washed_in, @boiled_in].compact.include?(last&.vessel)

        @washed_in = @boiled_in || @course.aside(VesselCourse::RICE_BOWL)
      end

      # Water for the rice boils in another pot where there is something in this one.
      def water_for(named)
        return named.last unless named.empty?

        own = @course.fire
        taken = @places.any?(own) || !RICE_POTS.include?(@course.kind(own))
        taken ? @course.aside(VesselCourse::BOILING) : own
      end

      def cooked_in(kind, named, clause, last, goes_in)
        apart = clause.meanwhile && @rice.in?
        key = named.last || @turned_out || roasted_in(kind, last)
        key ||= rice_pot(clause, goes_in) || here_or_apart(kind, apart)
        @course.cook_in(key) if goes_in || (cooks?(key, kind) && !apart)
        key
      end

      # Rice that is cooked by itself is not put to what lies in a pan.
      def rice_pot(clause, goes_in)
        return unless goes_in && clause.say.match?(COOKED) && @course.kind(@course.fire) == VesselCourse::PAN

        @course.rice_pot
      end

      # What was tossed in its tin is baked in it.
      def roasted_in(kind, last)
        last.vessel if kind == "bake" && last && baked_in?(last.vessel)
      end

      def baked_in?(vessel)
        @course.kind(vessel) == VesselCourse::TRAY
      end

      # Over another fire while the rice cooks; what is baked or steamed before it goes in lies in no pot.
      def here_or_apart(kind, apart)
        own = APART[kind]
        return @course.aside(own) if own && (apart || !@rice.in?)

        apart && HOT.include?(kind) ? @course.aside(VesselCourse::PAN) : @course.fire
      end

      # True where what is done next is done in this vessel too.
      def cooks?(key, kind)
        return FIRED.include?(@course.kind(key)) if HOT.include?(kind)

        kind == "layer" || (kind == "lay-in" && RICE_POTS.include?(@course.kind(key)))
      end
    end
  end
end
