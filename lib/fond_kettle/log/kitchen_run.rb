# frozen_string_literal: true

require_relative "../belief/belief"
require_relative "../ground/value"
require_relative "../methods/solved/last_pot"
require_relative "../pot/runs/cooking"
require_relative "../pot/verdict"

module FondKettle
  module Log
    # What a cook's pot would have shown: `texture` in steps from the book's standard (the core that is left
    # counts against it), `water` loose at the end, share of the cooked weight (below 0: what is still
    # wanted), `loss_g`, and the minute of each cue.
    Shown = Value.define(:texture, :water, :loss_g, :cues)

    # Runs the pot of a cook in kitchens that differ from the book.
    class KitchenRun
      # Steps of texture that a share of white core takes away: at the bite that is called chalky, all of
      # 0.9.
      CORE_STEPS = 0.9 / Pot::Verdict::CHALKY_CORE
      # Less core than this nobody feels.
      UNFELT_CORE = 0.02

      # `cook`: SeenCook; `factors`: by key of Belief::Unknowns what the kitchen is held to be: the stages of
      # a cook that says none have the minutes that a plan would have had there.
      def initialize(cook, factors)
        @cook = cook
        @pot = Methods::LastPot.of(cook.request.by_the_book)
        @stages = cook.stages || planned(factors)
      end

      attr_reader :stages

      # Keys of the unknowns that can matter to it.
      def unknowns
        Belief::Unknowns.all.select { |one| one.concerns.call(stages) && one.matters.call(@pot.load) }
                        .map(&:key)
      end

      # Shown in a kitchen of some factors by key.
      def shown(factors)
        load, setting = applied(factors)
        run = Pot::Cooking.run(load, @cook.liquid_g, stages, setting, step_min: Pot::Cooking::CUES_STEP_MIN)
        Shown.new(texture: texture(run, load), water: water(run, load), loss_g: run.lost_g,
                  cues: run.cues.to_h { |seen| [seen.cue, seen.at_min] })
      end

      # Steps of texture of so much water per g of a grain, from its standard.
      def self.steps(uptake, columns)
        side = uptake < columns[:standard] ? :firm : :soft
        (uptake - columns[:standard]) / (columns[side] - columns[:standard]).abs
      end

      private

      def applied(factors)
        Belief::Estimates.truth(**factors).applied(@pot.load, @pot.setting)
      end

      def planned(factors)
        load, setting = applied(factors)
        @pot.with(load: load, setting: setting).planned
      end

      def texture(run, load)
        steps = KitchenRun.steps(Pot::Verdict.dressed(run, load), load.grain.uptake)
        steps - (CORE_STEPS * [run.core - UNFELT_CORE, 0.0].max)
      end

      def water(run, load)
        loose_g = run.free_g - load.residue_g
        loose_g = -[(load.uptake - run.uptake) * load.rice_g, 0.0].max unless loose_g.positive?
        loose_g / Pot::Verdict.cooked_g(run, load)
      end
    end
  end
end
