# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../pot/kinetics"
require_relative "../pot/loss"
require_relative "../pot/verdict"

module FondKettle
  module Methods
    # What to do now: in words, hot water to add and liquid to pour off (g), and
    # minutes on low.
    Remedy = Value.define(:say, :add_g, :off_g, :minutes) do
      # One of which only what there is to do is given.
      def self.of(say, add_g: 0, off_g: 0, minutes: 0)
        new(say: say, add_g: add_g, off_g: off_g, minutes: minutes)
      end
    end

    # The way out of a pot that went wrong, from how it stands (job: What goes wrong).
    module Rescue
      # The least that can be sprinkled evenly over a bed, g per g of rice.
      LEAST_SPRINKLE = 0.05
      REHEAT_MIN = 1.0
      # Longer than this on low, cooked rice goes to pieces before it is dry: what is
      # too much is poured off, to what dries in so many minutes.
      MOST_DRYING_MIN = 15.0
      LEFT_TO_DRY_MIN = 5.0

      module_function

      # Remedies for a Run, most urgent first; none for a pot that came right.
      def for(run, load, setting, lid)
        case Pot::Verdict.of(run, load)
        when "scorched" then [scorched,
                              (if Pot::Verdict.chalky?(run, load.grain)
                                 chalky(run, load, setting,
                                        lid)
                               end)].compact
        when "chalky" then [chalky(run, load, setting, lid)]
        when "wet" then [wet(run, load, setting)]
        else []
        end
      end

      def scorched
        Remedy.of("Do not scrape. Move the top of the rice to a clean pot and leave the floor behind.")
      end

      # More water only where water is what is missing; else more time.
      def chalky(run, load, setting, lid)
        minutes = REHEAT_MIN + core_minutes(run, load, setting)
        return wait(minutes) if run.free_g - load.residue_g > LEAST_SPRINKLE * load.rice_g

        short_g = [(load.uptake - run.uptake) * load.rice_g, LEAST_SPRINKLE * load.rice_g].max - run.free_g
        add_g = short_g + (minutes * low_g_min(setting, lid))
        Remedy.of("Sprinkle hot water over the rice, cover, and keep it on low.", add_g: add_g,
                                                                                  minutes: minutes)
      end

      def wait(minutes)
        Remedy.of("The water is still there: cover and give it more time on low before any more water.",
                  minutes: minutes)
      end

      # Minutes at the boil until core and water are as wanted.
      def core_minutes(run, load, setting)
        kinetics = run.kinetics || Pot::Kinetics.of(load.grain, run.uptake)
        time_factor = Pot::Kinetics::LIDDED_LAG / Pot::Kinetics.pace(setting.boil_c)
        water_min = kinetics.minutes_to_take(load.uptake, time_factor) -
                    kinetics.minutes_to_take(run.uptake, time_factor)
        [time_factor * kinetics.core_min * run.core, water_min, 0.0].max
      end

      def wet(run, load, setting)
        spare_g = [run.free_g - load.residue_g, 0.0].max
        drying_min = spare_g / low_g_min(setting, "none")
        return poured_off(spare_g, setting) if drying_min > MOST_DRYING_MIN

        Remedy.of("Open the pot and dry it on low, then rest it with a cloth under the lid, " \
                  "clear of the flame.",
                  minutes: REHEAT_MIN + drying_min)
      end

      def poured_off(spare_g, setting)
        Remedy.of("Pour off what is too much through a sieve, the steam away from you. Back in the pot, " \
                  "dry it open on low, then rest it with a cloth under the lid, clear of the flame.",
                  off_g: spare_g - (LEFT_TO_DRY_MIN * low_g_min(setting, "none")),
                  minutes: REHEAT_MIN + LEFT_TO_DRY_MIN)
      end

      def low_g_min(setting, lid)
        [Pot::Loss.boiling_g_min(setting.vessel, lid, "low", setting.burner.source),
         Pot::Loss.cap_g_min(setting.burner.joule_per_min("low"))].min
      end

      private_class_method :scorched, :chalky, :wait, :core_minutes, :wet, :poured_off, :low_g_min
    end
  end
end
