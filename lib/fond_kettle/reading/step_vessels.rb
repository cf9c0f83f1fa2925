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
      DRAIN = "drain"
      # Kinds that put something to what lies somewhere.
      PUTS = %w[fill stir lay-in put-back simmer low boil layer].freeze
      # What is thrown away goes into no vessel.
      AWAY = /\b(?:throw\s+away|discard)\b/i

      # `course`: the VesselCourse; `rice`: the RiceCourse; `places`: LinePlaces.
      def initialize(course, rice, places)
        @course = course
        @rice = rice
        @places = places
      end

      # The vessel's key. `last`: the ReadStep before; `about_rice`, `goes_in`: it is about the rice, and puts
      # it in; `plain_water`: nothing but water is heated, for the rice that is drained later; `onto`: key of
      # the vessel in which that lies to which something is put.
      def vessel(clause, kind, last:, about_rice:, goes_in:, plain_water:, onto:)
        named = @course.named(clause.say)
        named = [onto].compact if named.empty? && PUTS.include?(kind)
        return water_for(named) if kind == "simmer" && plain_water && !goes_in

        send(way(kind, clause, last, about_rice, named), kind, named, clause, last, goes_in)
      end

      private

      # How the vessel is found (a method's name).
      def way(kind, clause, last, about_rice, named)
        case kind
        when "take-out" then :taken_out
        when "taste" then :here
        when "turn-out", "serve" then :finished
        when "wrap" then :on_board
        when "mix", "marinate" then @rice.in? && !clause.meanwhile ? :cooked_in : :mixed_in
        else named.empty? ? unnamed(kind, last, about_rice) : :cooked_in
        end
      end

      def unnamed(kind, last, about_rice)
        return :boiled_apart if kind == "par-boil"
        return :of_rice if OF_RICE.include?(kind) && (about_rice || OF_RICE.include?(last&.kind))
        return :on_board if kind == "cut"

        kind == DRAIN ? :taken_out : :cooked_in
      end

      def taken_out(_kind, named, clause, *)
        return @course.fire if clause.say.match?(AWAY)

        (named - [@course.fire]).last || @course.aside("take-out")
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
        return last.vessel if OF_RICE.include?(last&.kind)

        @boiled_in || @course.aside(VesselCourse::RICE_BOWL)
      end

      # Water for the rice boils in another pot where there is something in this one.
      def water_for(named)
        named.last || (@places.any?(@course.fire) ? @course.aside(VesselCourse::BOILING) : @course.fire)
      end

      def cooked_in(kind, named, clause, _last, goes_in)
        apart = clause.meanwhile && @rice.in?
        key = named.last || @turned_out || here_or_apart(kind, apart)
        @course.cook_in(key) if goes_in || (cooks?(key, kind) && !apart)
        key
      end

      # Over another fire while the rice cooks.
      def here_or_apart(kind, apart)
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
