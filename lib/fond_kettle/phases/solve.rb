# frozen_string_literal: true

require_relative "../ground/vocabulary"
require_relative "../numeric/root"
require_relative "../pot/heat/hearth"
require_relative "../pot/runs/cooking"
require_relative "../pot/water/kinetics"
require_relative "balance"

module FondKettle
  module Phases
    # Finds the unknown of one pot: the liquid to pour, or, in plenty of water, the
    # minutes until it is poured off.
    module Solving
      CLOSE_G = 1e-4
      CLOSE_SAUCE_G = 0.1
      SAUCE_ROUNDS = 12
      # Drained rice: a core that nobody sees, how near its minutes are found (a share), and how
      # many times the core's own time they may be.
      CORE_LEFT = 0.02
      CLOSE_MIN = 1e-4
      # How near par-cooked rice is brought to what is wanted, share of the core's time.
      CLOSE_DONE = 1e-3
      MOST_OF_CORE = 1.5
      # Of one more gram left to a sauce, so much is still there at the end.
      SAUCE_STAYS = (0.25..1.0)
      # How far the loss may be taken to grow with the liquid in a range.
      STEEPEST_IN_RANGE = 0.9

      module_function

      # The Balance of `load` (Pot::Load) through `stages` (Pot::Stage) in `setting`
      # (Pot::Setting), to `close_g`; `start_g` is where to begin, if somebody knows.
      # A sauce is asked for by what is left of it at the end: the grain has to leave
      # it so much more as it goes on losing while rice and rest take their time.
      # Raises Error where nothing settles.
      def solve(load, stages, setting, start_g: nil, close_g: CLOSE_G)
        return nothing(load, stages, setting) if load.stack
        return in_plenty(load, stages, setting, close_g) if load.plenty?
        return poured(load, stages, setting, start_g, close_g) if load.residue_g.zero?

        sauced(load, stages, setting, start_g, close_g)
      end

      def sauced(load, stages, setting, start_g, close_g)
        found = nil
        Numerics::Root.shortfall(load.kept_g, close: CLOSE_SAUCE_G, rates: SAUCE_STAYS,
                                              most: SAUCE_ROUNDS) do |kept_g|
          found = poured(load.with(kept_g: kept_g), stages, setting, found ? found.liquid_g : start_g,
                         close_g)
          found.spare_g.positive? ? nil : load.residue_g - found.run.free_g
        end
        found
      end

      # Liquid that wanted and loss come to, with the loss of that very liquid.
      def poured(load, stages, setting, start_g, close_g)
        run = wanted_g = nil
        start_g ||= [load.wanted_g - load.carried_g, 0.0].max
        hearth = Pot::Hearth.new(setting)
        found = Numerics::Root.fixed_point(start_g, close: close_g) do |liquid_g|
          run = Pot::Cooking.end_of(load, liquid_g, stages, hearth)
          wanted_g = wanted_g(load, run, liquid_g)
        end
        balance(load, found.x, run, wanted_g, found.slope)
      end

      # The water that rice, sauce and losses want in a run with `liquid_g`, beyond what is there already, in
      # g. In a steamer, steam gives some of it, and most of the poured water drips through.
      def wanted_g(load, run, liquid_g)
        need_g = load.wanted_g - load.carried_g
        return need_g + run.lost_g + run.cloth_g unless load.steamed?

        lacking_g = need_g - run.condensed_g - (liquid_g - run.drained_g)
        liquid_g + (lacking_g / Pot::SteamerPot::KEEPS)
      end

      # The stages with the minutes at the boil after which drained rice comes out as wanted: what goes on
      # after draining, and while it steams dry, counts (docs/model.md: Stage minutes and verdict); rice that
      # is only par-cooked has come as far as it is to. A boil whose minutes are given stays as it is.
      def in_time(load, stages, setting)
        boils = stages.index { |stage| stage.minutes == Vocabulary::READY }
        return stages if boils.nil?

        liquid_g = load.parts * load.rice_g
        boiled = lambda do |minutes|
          stages.each_with_index.map { |stage, i| i == boils ? stage.with(minutes: minutes) : stage }
        end
        hearth = Pot::Hearth.new(setting)
        by_core_min = Pot::Cooking.end_of(load, liquid_g, stages, hearth).stage_minutes[boils]
        run = ->(minutes) { Pot::Cooking.end_of(load, liquid_g, boiled.call(minutes), hearth) }
        return boiled.call(part_min(load, by_core_min, run)) if load.done < 1

        minutes = Numerics::Root.largest(0.0, (by_core_min * MOST_OF_CORE) + 1,
                                         close: CLOSE_MIN) do |tried_min|
          short?(run.call(tried_min), load)
        end
        boiled.call(minutes + stages[boils].extra_min)
      end

      # Minutes until the grain has come as far as `load` wants; the boil comes back meanwhile.
      def part_min(load, by_core_min, run)
        pace = load.state.kinetics || Pot::Kinetics.of(load.grain, load.state.taken_per_g)
        rates = (0.2 / pace.core_min)..(1 / pace.core_min)
        Numerics::Root.shortfall(by_core_min, close: CLOSE_DONE, rates: rates,
                                              most: SAUCE_ROUNDS) do |minutes|
          load.done - run.call(minutes).progress
        end
      end

      # The solution for a pot into which nothing more is poured. Water that was bound in a base and made
      # steam counts as brought by it.
      def nothing(load, stages, setting)
        run = Pot::Cooking.run(load, 0.0, stages, setting, step_min: Pot::Cooking::CUES_STEP_MIN)
        released_g = load.stack.tiers.sum(&:bound_g) - run.layers.bound_g
        balance(load, 0.0, run, 0.0, 0.0).with(uptake_g: run.uptake * load.rice_g, residue_g: run.free_g,
                                               brought_g: load.brought_g + released_g)
      end

      # True when the rice has less water than wanted, or a raw core.
      def short?(run, load)
        run.uptake < load.uptake || run.core > CORE_LEFT
      end

      # The solution in plenty of water: the amount is the cook's, so many parts to one of rice. The minutes
      # are roughly those of the core.
      def in_plenty(load, stages, setting, close_g)
        liquid_g = load.parts * load.rice_g
        stages = in_time(load, stages, setting) unless close_g > CLOSE_G
        run = Pot::Cooking.end_of(load, liquid_g, stages, Pot::Hearth.new(setting))
        whole = balance(load, liquid_g, run, liquid_g, 0.0)
        whole.with(uptake_g: run.uptake * load.rice_g, drunk_g: run.drunk_g, residue_g: run.free_g)
      end

      def balance(load, liquid_g, run, wanted_g, slope)
        Balance.new(liquid_g: liquid_g, uptake_g: load.uptake * load.rice_g, loss_g: run.lost_g,
                    residue_g: load.residue_g, brought_g: load.brought_g, drunk_g: load.drink_g,
                    soak_gain_g: load.state.in_liquid ? 0.0 : load.soak_gain_g, surface_g: load.surface_g,
                    drained_g: run.drained_g, cloth_g: run.cloth_g, condensed_g: run.condensed_g,
                    spare_g: [-wanted_g, 0.0].max, run: run, load: load,
                    slope: slope.clamp(-STEEPEST_IN_RANGE, STEEPEST_IN_RANGE))
      end

      private_class_method :sauced, :poured, :short?, :in_plenty, :part_min, :nothing, :balance
    end
  end
end
