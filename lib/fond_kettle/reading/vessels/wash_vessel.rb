# frozen_string_literal: true

require_relative "fire_vessel"
require_relative "vessel_course"

module FondKettle
  module Reading
    # Finds the vessels in which things are washed, soaked and drained, and boiled apart to be drained,
    # where nobody names them.
    class WashVessel
      KINDS = %w[rinse soak drain].freeze
      SOAK = "soak"
      RINSE = "rinse"
      PAR_BOIL = "par-boil"
      # What is wetted so lies in a bowl of its own, and in no pot.
      WETS = [SOAK, RINSE].freeze
      GROUND = "mix"
      CUT = "cut"
      MARINATED = "marinate"
      # "In the egg water", "in the same water"
      SAME_WATER = /\bin\s+the\s+(?!(?:soaking|warm|cold|hot|salted|iced?|rinsing)\b)[[:alpha:]]+\s+
                    (?:cooking\s+|boiling\s+)?water\b/ix
      IT = /\A(?:\W*[[:alpha:]]+){1,2}\W+(?:it|them)\b/i
      # "Add the beans for the last two minutes", "boil 2 minutes more".
      STILL = /\bfor\s+the\s+(?:last|final)\b|\bboil\b.*\bmore\b/i

      # The vessel (key) in which rice is par-boiled; nil: none so far.
      attr_reader :boiled_in

      # `course`: the VesselCourse; `places`: LinePlaces.
      def initialize(course, places)
        @course = course
        @places = places
      end

      # The vessel's key of a Doing of one of KINDS, or nil where it goes on with what is cooked.
      def vessel(doing)
        return of_rice(doing.last) if doing.rice
        return doing.last.vessel if steeped?(doing) || rinsed_off?(doing)
        return @course.aside(VesselCourse::SOAKING) if wets_other?(doing)

        like(doing.last) if doing.last && goes_on?(doing.last)
      end

      # "Grind the saffron and steep it in hot water": where it was ground.
      def steeped?(doing)
        last = doing.last
        return false unless doing.kind == SOAK && last&.kind == GROUND

        doing.clause.say.match?(IT) || last.clause.sentence == doing.clause.sentence
      end

      # "Rub the chicken with salt, rinse": where it was rubbed.
      def rinsed_off?(doing)
        doing.kind == RINSE && doing.bare? && [GROUND, MARINATED].include?(doing.last&.kind)
      end

      # Notes that the rice was washed in a vessel (key).
      def note(key)
        @washed_in = key
      end

      # True where something goes on in the sentence in which the rice was washed: "drain it, mix with salt".
      def goes_on_with_rice?(doing)
        last = doing.last
        !last.nil? && [*KINDS, GROUND].include?(last.kind) && last.vessel == @washed_in &&
          last.clause.sentence == doing.clause.sentence
      end

      # The pot in which the rice boils to be drained.
      def boil_apart
        @boiled_in = @water_in || @course.aside(VesselCourse::BOILING)
      end

      # Keys of the vessels that the words of a Doing name.
      def named(doing)
        found = @course.named(doing.clause.say)
        boils_apart?(doing, found.last) ? [] : found
      end

      # True where something is put into the water in which the rice boils apart.
      def boils_still?(doing)
        !@boiled_in.nil? && doing.last&.vessel == @boiled_in && doing.clause.say.match?(STILL)
      end

      # The pot in which water for the rice boils (`named`: keys that a text says): another one where there
      # is something in this one.
      def water(named)
        @water_in = named.last || begin
          own = @course.fire
          taken = @places.any?(own) || !FireVessel::RICE_POTS.include?(@course.kind(own))
          taken ? @course.aside(VesselCourse::BOILING) : own
        end
      end

      private

      # "Add it to the pan, boil for 6 minutes", of rice whose water boils apart: not the pan (its key) in
      # which something else lies.
      def boils_apart?(doing, pan)
        doing.kind == PAR_BOIL && ![@water_in, pan].include?(nil) && pan != @water_in && @places.any?(pan)
      end

      # True where something else than the rice is soaked or washed.
      def wets_other?(doing)
        WETS.include?(doing.kind) && (doing.others || cut?(doing))
      end

      # "Peel the chestnuts, put them in cold water."
      def cut?(doing)
        doing.last&.kind == CUT && doing.clause.say.match?(IT)
      end

      def goes_on?(last)
        KINDS.include?(last.kind) || last.vessel == @boiled_in
      end

      # Beans that were soaked are drained where they lie; what else was washed last is the rice.
      def like(last)
        last.vessel == VesselCourse::SOAKING ? last.vessel : of_rice(last)
      end

      # The bowl in which the rice is washed, soaked and drained; peas may be as well.
      def of_rice(last)
        return last.vessel if last && [@washed_in, @boiled_in].compact.include?(last.vessel)

        @washed_in = @boiled_in || @course.aside(VesselCourse::RICE_BOWL)
      end
    end
  end
end
