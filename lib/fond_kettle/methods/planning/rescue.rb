# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../pot/runs/cooking"
require_relative "../../pot/verdict"

module FondKettle
  module Methods
    # What to do now: in words, hot water to add and liquid to pour off (g), and
    # minutes; `stages` (Pot::Stage) are the same for the model.
    Remedy = Value.define(:say, :add_g, :off_g, :minutes, :stages) do
      # A Remedy with the given attributes; the others take their defaults.
      def self.of(say, add_g: 0, off_g: 0, minutes: 0, stages: [].freeze)
        new(say: say, add_g: add_g, off_g: off_g, minutes: minutes, stages: stages)
      end
    end

    # The way out of a pot that went wrong, from how it stands (docs/model.md: At the stove).
    # What is advised is run first: it is said only where the rice comes right by it.
    class Rescue
      # The least that can be sprinkled evenly over a bed, and the most at once, g per g of
      # rice.
      LEAST_SPRINKLE = 0.03
      MOST_SPRINKLE = 0.10
      # Longer than this on low, cooked rice goes to pieces before it is dry: what is
      # too much is poured off, to what dries in so many minutes.
      MOST_DRYING_MIN = 15
      LEFT_TO_DRY_MIN = 5
      LONGEST_MIN = 40
      # Shares of what is too much that are tried.
      PARTS = 20
      # Rounds of trying an amount.
      ROUNDS = 12
      UNDONE = "It has drunk more than rice can hold and has burst: that cannot be undone. Spread it " \
               "out on a tray to stop it, and use it in soup or porridge."
      SPREAD = "Tip it out, spread it thin on a board and fan it until it no longer shines with water."
      MOVE = "Do not scrape. Move the top of the rice to a clean pot and leave the floor behind."

      # Remedies for the Pot::Run that came of `liquid_g` through `stages`, most urgent first; none for a
      # pot that came right.
      def self.for(run, load, liquid_g, stages, setting)
        new(run, load, liquid_g, stages, setting).remedies
      end

      # The arguments are those of `for`.
      def initialize(run, load, liquid_g, stages, setting)
        @run = run
        @load = load
        @liquid_g = liquid_g
        @stages = stages
        @setting = setting
        @closed = setting.vessel.lid_for(covered: true)
      end

      # A list of Remedy.
      def remedies
        run = @run
        case Pot::Verdict.of(run, @load)
        when *Pot::Verdict::RIGHT then []
        when "scorched" then [Remedy.of(MOVE),
                              *(saved(run) unless right?(run.with(burnt: 0.0)))].compact
        else [saved(run)].compact
        end
      end

      private

      # One way out, by what is wrong: more water and time, time alone, or drying.
      def saved(run)
        return Remedy.of(UNDONE) if burst?(run)
        return sprinkled(run) || Remedy.of(UNDONE) if Pot::Verdict.chalky?(run, @load.grain,
                                                                           steamed: @load.steamed?)

        dried(run)
      end

      def burst?(run)
        run.uptake > Pot::Verdict::WET_UPTAKE * @load.grain.uptake[:soft]
      end

      # Hot water for what is lacking (below 0: what is too much is poured off first), and
      # the minutes that core and water still take: the amount is found by running it. A bed
      # that still has water gets time alone, if that does.
      def sprinkled(run)
        short_g = [(@load.uptake - run.uptake) * @load.rice_g, 0.0].max
        short_g /= Pot::SteamerPot::KEEPS if @load.steamed?
        add_g = [short_g + @load.residue_g - run.free_g, 0.0].max
        ROUNDS.times do
          add_g = 0.0 if add_g.abs < LEAST_SPRINKLE * @load.rice_g
          minutes = shortest { |min| tried(covered(add_g, min)) }
          return remedy(add_g, minutes) if minutes

          add_g = another(add_g) || return
        end
        nil
      end

      # The shortest whole minutes after which the block's run is right, or nil.
      def shortest
        (1..LONGEST_MIN).find { |minutes| right?(yield(minutes)) }
      end

      # More water where it runs dry too soon, less where it stays wet: as it stands when the
      # core is gone, or in the end.
      def another(add_g)
        done_min = (1..LONGEST_MIN).find do |minutes|
          !Pot::Verdict.chalky?(tried(covered(add_g, minutes)), @load.grain, steamed: @load.steamed?)
        end
        run = tried(covered(add_g, done_min || LONGEST_MIN))
        spare_g = run.free_g - @load.residue_g
        lacking_g = done_min ? 0.0 : (@load.uptake - run.uptake) * @load.rice_g
        return add_g + [lacking_g, LEAST_SPRINKLE * @load.rice_g].max if lacking_g.positive?

        add_g - spare_g if spare_g.positive?
      end

      def covered(add_g, minutes)
        [stage(lid: @closed, heat: @load.steamed? ? "high" : "medium", minutes: minutes.to_f,
               add: water(add_g))]
      end

      def remedy(add_g, minutes)
        stages = covered(add_g, minutes)
        return Remedy.of(wait_words, minutes: minutes, stages: stages) if add_g.zero?
        if add_g.negative?
          return Remedy.of("Pour off what is too much, the steam away from you. #{cover_words}",
                           off_g: -add_g,
                           minutes: minutes, stages: stages)
        end

        Remedy.of("#{sprinkle_words(add_g)} #{cover_words}", add_g: add_g, minutes: minutes, stages: stages)
      end

      # Never more at once than a bed takes in evenly.
      def sprinkle_words(add_g)
        return "Sprinkle water over the rice: the most of it drips through." if @load.steamed?

        times = (add_g / (MOST_SPRINKLE * @load.rice_g)).ceil
        return "Sprinkle hot water over the rice." if times <= 1

        "Sprinkle hot water over the rice in #{times} parts, two minutes apart, and look between: " \
          "stop when it is right."
      end

      def cover_words
        return "Turn it, close it, and steam it on." if @load.steamed?

        on_ring? ? "Cover, and keep it on medium heat." : "Close it, and start the cooker again."
      end

      def wait_words
        if @load.steamed?
          return "It has water enough: close it and steam it on, the water below at a hard boil."
        end

        return "The water is still there: start the cooker again before any more water." unless on_ring?

        "The water is still there: cover and give it more time on medium heat before any more water."
      end

      def on_ring?
        @setting.burner.kind.on_ring
      end

      # Open on low until it is dry enough; what would take too long is poured off first.
      def dried(run)
        return Remedy.of(right?(run.with(free_g: 0.0)) ? SPREAD : UNDONE) if @load.steamed?

        minutes = (1..MOST_DRYING_MIN).find { |min| right?(tried(opened(0.0, min))) }
        if minutes
          return Remedy.of("Open the pot and dry it on low, then rest it with a cloth under the lid, clear " \
                           "of the flame.", minutes: minutes, stages: opened(0.0, minutes))
        end

        poured_off(run)
      end

      def poured_off(run)
        spare_g = run.free_g - @load.residue_g
        off_g = (1..PARTS).map { |parts| spare_g * parts / PARTS }
                          .find { |g| right?(tried(opened(g, LEFT_TO_DRY_MIN))) }
        return Remedy.of(UNDONE) unless off_g

        Remedy.of("Pour off what is too much through a sieve, the steam away from you. Back in the pot, " \
                  "dry it open on low, then rest it with a cloth under the lid, clear of the flame.",
                  off_g: off_g, minutes: LEFT_TO_DRY_MIN, stages: opened(off_g, LEFT_TO_DRY_MIN))
      end

      def opened(off_g, minutes)
        [stage(lid: "none", heat: "low", minutes: minutes.to_f, add: water(-off_g))]
      end

      # So much boiling water more in the pot (below 0: less), or nil for none.
      def water(liquid_g)
        return if liquid_g.zero?

        Pot::Addition.new(liquid_g: liquid_g, brought_g: 0.0, drink_g: 0.0, solids_j_k: 0.0,
                          at_c: @setting.boil_c)
      end

      def stage(**attributes)
        Pot::Stage.plain(key: "rescue", stirred: true, **attributes)
      end

      # What comes of the pot with these stages after its own. A clean pot has no burnt floor.
      def tried(stages)
        Pot::Cooking.run(@load, @liquid_g, [*@stages, *stages], @setting,
                         step_min: Pot::Cooking::PLANNING_STEP_MIN)
      end

      def right?(run)
        Pot::Verdict::RIGHT.include?(Pot::Verdict.of(run, @load))
      end
    end
  end
end
